<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a device tells of from a moment on: a lesson, the drill of a student, or nothing.
 *
 * @property int $id
 * @property string $feed_device_id
 * @property string|null $lesson_id
 * @property string|null $student_id
 * @property Carbon $from_at
 */
final class FeedJoin extends Model
{
    public $timestamps = false;

    protected $fillable = ['feed_device_id', 'lesson_id', 'student_id', 'from_at'];

    protected $casts = ['from_at' => 'datetime:Y-m-d H:i:s.v'];
}
