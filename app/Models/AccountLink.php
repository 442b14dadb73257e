<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A way into an account that opens once: for a new coach, or for one who has forgotten his password.
 *
 * @property string $id
 * @property string $academy_id
 * @property string|null $made_by the lead's name then
 * @property string|null $coach_id whose password; null = a new coach
 * @property Role|null $role of a new coach
 * @property string $token_hash
 * @property Carbon $expires_at
 * @property Carbon|null $used_at
 * @property Carbon|null $revoked_at
 * @property Carbon $created_at
 * @property Academy $academy
 * @property User|null $coach
 */
final class AccountLink extends Model
{
    use HasUlids;

    /** Days for which a link opens. Origin: handbook 13.1. */
    public const DAYS = 7;

    protected $fillable = ['academy_id', 'made_by', 'coach_id', 'role', 'token_hash', 'expires_at', 'used_at', 'revoked_at'];

    protected $casts = ['role' => Role::class, 'expires_at' => 'datetime', 'used_at' => 'datetime', 'revoked_at' => 'datetime'];

    /** @return Builder<self> those that still open something */
    public static function living(): Builder
    {
        return self::query()->whereNull('used_at')->whereNull('revoked_at')->where('expires_at', '>', now());
    }

    /** @return BelongsTo<Academy, $this> */
    public function academy(): BelongsTo
    {
        return $this->belongsTo(Academy::class);
    }

    /** @return BelongsTo<User, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }
}
