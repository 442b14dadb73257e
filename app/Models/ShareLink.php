<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

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
 * @property string|null $coach_id who made it; null = made before that was kept
 * @property Student $student
 * @property User|null $maker
 */
final class ShareLink extends Model
{
    protected $fillable = ['student_id', 'coach_id', 'token_hash', 'expires_at', 'revoked_at', 'closed_by_student', 'opened_at'];

    protected $casts = [
        'expires_at' => 'datetime',
        'revoked_at' => 'datetime',
        'opened_at' => 'datetime',
        'closed_by_student' => 'boolean',
    ];

    /** The link of this token, when it is open. */
    public static function open(string $token): ?self
    {
        $link = self::query()->where('token_hash', SecretToken::hash($token))->first();

        return $link?->isOpen() === true && $link->restsOnARight() ? $link : null;
    }

    /** Looked up when it is read: of a student in the bin, without consent, or from somebody who may teach him no more, it is closed. */
    private function restsOnARight(): bool
    {
        $student = $this->getRelationValue('student');
        $maker = $this->maker;

        return $student instanceof Student
            && ! $student->lacksConsent(ConsentPurpose::Link)
            && ($maker === null || ($maker->left_at === null && Gate::forUser($maker)->allows('update', $student)));
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

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
