<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\AcademyFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LowPoint\Core\Reading\Learned;

/**
 * Coaches who work together. Nobody outside reaches anything of it.
 *
 * @phpstan-import-type LearnedShape from Learned
 *
 * @property string $id
 * @property string $name
 * @property array{changes: array<string, float>, reason: string, on: string}|null $calibration of the strike model, as it is now
 * @property LearnedShape|null $correction what it has learned from its outcomes, where that is used
 * @property bool $asks_second_factor of all its coaches
 * @property array<string, string> $schools shot => the school it is taught in here
 */
final class Academy extends Model
{
    /** @use HasFactory<AcademyFactory> */
    use HasFactory;
    use HasUlids;

    protected $fillable = ['name', 'schools', 'calibration', 'correction', 'asks_second_factor'];

    protected $attributes = ['schools' => '{}', 'asks_second_factor' => false];

    protected $casts = ['schools' => 'array', 'calibration' => 'array', 'correction' => 'array', 'asks_second_factor' => 'boolean'];

    /** Whose lead looks after the installation: that of whoever came first. */
    public function isFirst(): bool
    {
        return self::query()->min('id') === $this->id;
    }

    /** @return HasMany<User, $this> by name, also those who have left */
    public function coaches(): HasMany
    {
        return $this->hasMany(User::class)->orderBy('name')->orderBy('id');
    }
}
