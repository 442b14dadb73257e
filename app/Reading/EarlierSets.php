<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\Purpose;

/**
 * The sets of a student that came before one, as its case tells of them: of like shots and lies, the oldest first, with what was given to
 * work on after each (handbook 16.3). Whether it was done is left to the looks.
 */
final class EarlierSets
{
    /** The newest sets that tell of what was tried: two lessons, before and after the change. Origin: chosen by us. */
    private const WITH_BALLS = 4;

    /** @var array<string, Collection<int, Lesson>> by lesson: nothing that happens in it changes what was before */
    private array $before = [];

    /** @return list<array<string, mixed>> */
    public function of(Lesson $lesson, BallSet $set): array
    {
        $told = $sets = [];
        foreach ([...$this->before($lesson), $lesson] as $one) {
            $workedOn = self::workedOn($one, $one->sets);
            foreach ($one->is($lesson) ? $one->sets->where('id', '<', $set->id) : $one->sets as $past) {
                $sets[] = $past;
                $told[] = [
                    'days_ago' => (int) max(0, $one->began_at->startOfDay()->diffInDays($lesson->began_at->startOfDay())),
                    'label' => $one->began_at->toDateString(),
                    ...($one->is($lesson) ? [] : ['task' => $one->task]),
                    'worked_on' => $workedOn[$past->id] ?? null,
                    'setup' => $past->setup,
                    'motion' => $past->motion,
                    'measured' => $past->measured ?? [],
                ];
            }
        }
        $told = \array_slice($told, -CaseReader::MOST_EARLIER);
        $sets = \array_slice($sets, -CaseReader::MOST_EARLIER);
        // Balls speak of what was tried between two sets: those of others, and of long ago, need not be read with every ball.
        $telling = array_filter(
            $sets,
            static fn(int $i): bool => isset($told[$i]['worked_on']) || isset($told[$i - 1]['worked_on']),
            ARRAY_FILTER_USE_KEY,
        );
        $telling = \array_slice($telling, -self::WITH_BALLS, preserve_keys: true);
        (new Collection($telling))->loadMissing('balls');
        foreach ($telling as $i => $past) {
            $told[$i]['balls'] = $past->balls->map(static fn(Ball $ball): array => $ball->seen)->values()->all();
        }

        return $told;
    }

    /**
     * What was handed out in a lesson was so after its last set before the change, or after its last one.
     *
     * @param  Collection<int, BallSet>  $sets  of the lesson
     */
    public static function givenAfter(Collection $sets): ?BallSet
    {
        return $sets->where('purpose', Purpose::Before->value)->last() ?? $sets->last();
    }

    /**
     * @param  Collection<int, BallSet>  $sets
     * @return array<string, string> cause by set
     */
    private static function workedOn(Lesson $lesson, Collection $sets): array
    {
        $cause = $lesson->prescription->cause ?? null;
        $after = self::givenAfter($sets);

        return $cause === null || $after === null || CauseLibrary::standard()->find($cause) === null ? [] : [$after->id => $cause];
    }

    /** @return Collection<int, Lesson> the oldest first */
    private function before(Lesson $lesson): Collection
    {
        return $this->before[$lesson->id] ??= Lesson::query()
            ->where('student_id', $lesson->student_id)
            ->where('task->shot', $lesson->task['shot'])
            ->where('task->lie', $lesson->task['lie'])
            ->whereNot('id', $lesson->id)
            ->where(
                static fn(Builder $query): Builder => $query
                    ->where('began_at', '<', $lesson->began_at)
                    ->orWhere(
                        static fn(Builder $same): Builder => $same
                            ->where('began_at', $lesson->began_at)
                            ->where('id', '<', $lesson->id),
                    ),
            )
            // Read with every ball that is logged: no more of each than is told.
            ->select('id', 'student_id', 'task', 'began_at')
            ->with('sets:id,lesson_id,purpose,setup,motion,measured', 'prescription:lesson_id,cause')
            ->latest('began_at')
            ->latest('id')
            ->limit(CaseReader::MOST_EARLIER)
            ->get()
            ->reverse()
            ->values();
    }
}
