<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Context;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\UsualWay;
use LowPoint\Core\Wording\Units;

/**
 * A coach.
 *
 * @property string $id
 * @property string $academy_id
 * @property Role $role
 * @property string $name
 * @property string $email
 * @property Units $units
 * @property list<array{loft_deg: float, bounce_deg: float, name?: string}>|null $bag null = the usual clubs
 * @property array<string, array{school?: string, lie?: string, carry_m?: float}>|null $usual how he begins with each shot
 * @property list<string>|null $equipment at hand, in the words of the drills; null = all of it
 * @property string|null $timezone null = as his device
 * @property int $week_starts ISO day
 * @property bool $keeps_stills
 * @property bool $asks_first says what he thinks before a reading is shown
 * @property string $owner_key by which devices know whose entries wait; stays when the address changes
 * @property Carbon|null $left_at signs in no more
 * @property string|null $second_factor the secret of his one-time codes
 * @property Carbon|null $second_factor_at null = he has none, or has not said a code yet
 * @property int $second_factor_last half minute of the last code
 * @property list<string>|null $recovery_codes hashes
 * @property Academy $academy
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;
    use HasUlids;

    /** In the context of a request, and of what it sets going: the time zone of the device that asks. */
    public const ZONE_OF_DEVICE = 'time zone of the device';

    protected $fillable = [
        'academy_id',
        'role',
        'name',
        'email',
        'password',
        'units',
        'bag',
        'usual',
        'equipment',
        'timezone',
        'week_starts',
        'keeps_stills',
        'asks_first',
        'left_at',
    ];

    protected $attributes = ['week_starts' => 1, 'keeps_stills' => true, 'asks_first' => false];

    protected $hidden = ['password', 'remember_token', 'second_factor', 'recovery_codes'];

    protected $casts = [
        'role' => Role::class,
        'password' => 'hashed',
        'units' => Units::class,
        'bag' => 'array',
        'usual' => 'array',
        'equipment' => 'array',
        'week_starts' => 'integer',
        'keeps_stills' => 'boolean',
        'asks_first' => 'boolean',
        'left_at' => 'datetime',
        'second_factor' => 'encrypted',
        'second_factor_at' => 'datetime',
        'second_factor_last' => 'integer',
        'recovery_codes' => 'array',
    ];

    protected static function booted(): void
    {
        // Who comes in without an academy leads one of his own.
        static::creating(static function (User $coach): void {
            $coach->id ??= $coach->newUniqueId();
            $coach->academy_id ??= Academy::query()->create(['name' => $coach->name])->id;
            $coach->role ??= Role::Lead;
            $coach->owner_key = self::query()->where('owner_key', $coach->email)->exists() ? $coach->id : $coach->email;
        });
    }

    /** @return non-empty-list<Club> the clubs at hand, by loft */
    public function clubs(): array
    {
        $clubs = $this->bag === null ? [] : Bag::of($this->bag);

        return $clubs === [] ? Club::usual() : $clubs;
    }

    /** The day it is where the coach is: as he said, else as the device says that asks. */
    public function today(): Carbon
    {
        return Carbon::parse(Carbon::now($this->timezone ?? Context::get(self::ZONE_OF_DEVICE, 'UTC'))->toDateString());
    }

    /** How he begins with a shot. */
    public function usualWay(Shot $shot): UsualWay
    {
        return UsualWay::of($shot, $this->usual[$shot->value] ?? [], $this->academy->schools[$shot->value] ?? null);
    }

    /** @return BelongsTo<Academy, $this> */
    public function academy(): BelongsTo
    {
        return $this->belongsTo(Academy::class);
    }

    /** Beside the password a code is asked of him. */
    public function hasSecondFactor(): bool
    {
        return $this->second_factor_at !== null;
    }

    public function leads(string $academyId): bool
    {
        return $this->role === Role::Lead && $this->academy_id === $academyId;
    }

    /** @return Builder<Student> his own, and those shared with him */
    public function reached(): Builder
    {
        // The ids and no subselect: the store then finds either part by its index.
        $shared = StudentShare::query()->where('coach_id', $this->id)->pluck('student_id');

        return Student::query()->where(
            fn(Builder $any) => $any
                ->where('coach_id', $this->id)
                ->when($shared->isNotEmpty(), static fn(Builder $or) => $or->orWhereIn('id', $shared)),
        );
    }

    /** @return HasMany<Student, $this> his own */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class, 'coach_id');
    }
}
