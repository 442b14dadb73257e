<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use LowPoint\Core\CaseFile\BagRequest;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Wording\Units;

/**
 * A coach.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Units $units
 * @property list<array{loft_deg: float, bounce_deg: float, name?: string}>|null $bag null = the usual clubs
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password', 'units', 'bag'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'units' => Units::class, 'bag' => 'array'];

    /** @return non-empty-list<Club> the clubs at hand, by loft */
    public function clubs(): array
    {
        $clubs = $this->bag === null ? [] : BagRequest::clubs($this->bag);

        return $clubs === [] ? Club::usual() : $clubs;
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class, 'coach_id');
    }
}
