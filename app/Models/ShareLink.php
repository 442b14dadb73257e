<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A private way to one student's page. Only the hash of its token is stored.
 *
 * @property int $id
 * @property string $student_id
 * @property string $token_hash
 * @property Carbon $expires_at
 * @property Carbon|null $revoked_at
 * @property bool $closed_by_student
 * @property Carbon|null $opened_at
 * @property Carbon $created_at
 * @property Student $student
 */
final class ShareLink extends Model
{
    protected $fillable = ['student_id', 'token_hash', 'expires_at', 'revoked_at', 'closed_by_student', 'opened_at'];

    protected $casts = ['expires_at' => 'datetime', 'revoked_at' => 'datetime', 'opened_at' => 'datetime', 'closed_by_student' => 'boolean'];

    /** The link of this token, when it is open. */
    public static function open(string $token): ?self
    {
        $link = self::query()->where('token_hash', SecretToken::hash($token))->first();

        // Of a student in the bin nothing is told.
        return $link?->isOpen() === true && $link->getRelationValue('student') !== null ? $link : null;
    }

    /** The same, where there is nothing to say without it. */
    public static function openOrGone(string $token): self
    {
        return self::open($token) ?? abort(404, __('This page is closed. Ask your coach for a new link.'));
    }

    public function isOpen(): bool
    {
        return $this->revoked_at === null && $this->expires_at->isFuture();
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
