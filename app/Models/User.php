<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use LowPoint\Core\Wording\Units;

/**
 * A coach.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Units $units
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password', 'units'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'units' => Units::class];

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class, 'coach_id');
    }
}
