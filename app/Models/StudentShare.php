<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A student whom a coach shares with another one of the academy.
 *
 * @property string $id
 * @property string $student_id
 * @property string $coach_id with whom
 * @property ShareLevel $level
 * @property User $coach
 */
final class StudentShare extends Model
{
    use HasUlids;

    protected $fillable = ['student_id', 'coach_id', 'level'];

    protected $casts = ['level' => ShareLevel::class];

    /** @return BelongsTo<User, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }
}
