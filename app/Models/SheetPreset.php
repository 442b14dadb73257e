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

    /**
     * For another file: its decimal sign is the one that it shows itself, and the remembered one only where it could be read either way.
     *
     * @param  string|null  $decimal  that the file shows; null = it is in doubt
     */
    public function mappingFor(?string $decimal): \stdClass
    {
        $mapping = clone $this->mapping;
        if ($decimal !== null && property_exists($mapping, 'decimal')) {
            $mapping->decimal = $decimal;
        }

        return $mapping;
    }
}
