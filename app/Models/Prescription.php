<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Showing\GroundAsked;
use LowPoint\Core\Showing\NowAndAsked;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Wording\Words;

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

    /** What changes: the first of it, as a title. */
    public function title(): string
    {
        $first = $this->content['setup'][0] ?? null;

        return $first === null ? $this->content['cause_name'] : SetupChange::title($first['text'], $first['observable'] !== null);
    }

    /** @return list<View> what is asked beside what was there, from the figures of that day */
    public function asked(Words $words): array
    {
        $ground = $this->content['ground'] ?? null;

        return NowAndAsked::of($this->content['setup'], $ground === null ? null : GroundAsked::stored($ground), $words);
    }

    /** There is one to a lesson, and its own number is not kept in archives. */
    public function historyKey(): string
    {
        return $this->lesson_id;
    }
}
