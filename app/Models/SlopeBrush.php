<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Where a student's practice brush began on a slope.
 *
 * @property string $id
 * @property string $student_id
 * @property float $slope_deg
 * @property float $mean_mm
 */
final class SlopeBrush extends Model
{
    use HasUlids;

    protected $fillable = ['id', 'slope_deg', 'mean_mm'];

    protected $casts = ['slope_deg' => 'float', 'mean_mm' => 'float'];
}
