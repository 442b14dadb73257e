<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use LowPoint\Core\Practice\PracticeWord;

/**
 * How practice went, in the student's own choice of words.
 *
 * @property string $id
 * @property string $student_id
 * @property PracticeWord $kind
 * @property Carbon $said_at
 */
final class PracticeNote extends Model
{
    use HasUlids;
    use KeepsHistory;

    protected $fillable = ['id', 'student_id', 'kind', 'said_at'];

    protected $casts = ['kind' => PracticeWord::class, 'said_at' => 'datetime'];
}
