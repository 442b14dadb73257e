<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a record held before a change: who changed it, when, and the values that went.
 *
 * @property string $subject_type
 * @property string $subject_id
 * @property string|null $coach_id
 * @property array<string, mixed> $before
 * @property Carbon $changed_at
 * @property User|null $coach
 */
final class Revision extends Model
{
    public $timestamps = false;

    protected $fillable = ['subject_type', 'subject_id', 'coach_id', 'before', 'changed_at'];

    protected $casts = ['before' => 'array', 'changed_at' => 'datetime:Y-m-d H:i:s.v'];

    /** @return BelongsTo<User, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }
}
