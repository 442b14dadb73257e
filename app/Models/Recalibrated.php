<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One calibration of the strike model in the history of an academy: what it was from then on, and why.
 *
 * @property string $id
 * @property string $academy_id
 * @property string $coach_name
 * @property string $reason
 * @property array<string, float> $changes against the standard; empty = as it ships
 * @property Carbon $made_at
 */
final class Recalibrated extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $table = 'calibrations';

    protected $fillable = ['academy_id', 'coach_name', 'reason', 'changes', 'made_at'];

    protected $casts = ['changes' => 'array', 'made_at' => 'datetime'];
}
