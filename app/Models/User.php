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
use LowPoint\Core\CaseFile\BagRequest;
use LowPoint\Core\Club\Club;
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
 * @property Carbon|null $left_at signs in no more
 * @property Academy $academy
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;
    use HasUlids;

    protected $fillable = ['academy_id', 'role', 'name', 'email', 'password', 'units', 'bag', 'left_at'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = [
        'role' => Role::class,
        'password' => 'hashed',
        'units' => Units::class,
        'bag' => 'array',
        'left_at' => 'datetime',
    ];

    protected static function booted(): void
    {
        // Who comes in without an academy leads one of his own.
        static::creating(static function (User $coach): void {
            $coach->academy_id ??= Academy::query()->create(['name' => $coach->name])->id;
            $coach->role ??= Role::Lead;
        });
    }

    /** @return non-empty-list<Club> the clubs at hand, by loft */
    public function clubs(): array
    {
        $clubs = $this->bag === null ? [] : BagRequest::clubs($this->bag);

        return $clubs === [] ? Club::usual() : $clubs;
    }

    /** @return BelongsTo<Academy, $this> */
    public function academy(): BelongsTo
    {
        return $this->belongsTo(Academy::class);
    }

    /** Leads the academy of this coach. */
    public function leads(self $coach): bool
    {
        return $this->role === Role::Lead && $this->academy_id === $coach->academy_id;
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
