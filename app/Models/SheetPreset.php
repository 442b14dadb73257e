<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * How a coach's sheets are laid out, remembered under a name of the coach's own.
 *
 * @property string $id
 * @property string $coach_id
 * @property string $name
 * @property \stdClass $mapping in the form of SheetMapping
 */
final class SheetPreset extends Model
{
    use HasUlids;

    protected $fillable = ['coach_id', 'name', 'mapping'];

    protected $casts = ['mapping' => 'object'];
}
