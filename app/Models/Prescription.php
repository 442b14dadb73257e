<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What was handed out in a lesson, as it was worded then.
 *
 * @property string $lesson_id
 * @property string $cause
 * @property string|null $confirmed the cause that it really was, or that there was none; null = not said
 * @property string $school
 * @property array<string, mixed> $content
 * @property Carbon $created_at
 */
final class Prescription extends Model
{
    use KeepsHistory;

    protected $fillable = ['lesson_id', 'cause', 'confirmed', 'school', 'content'];

    protected $casts = ['content' => 'array'];

    /** There is one to a lesson, and its own number is not kept in archives. */
    public function historyKey(): string
    {
        return $this->lesson_id;
    }
}
