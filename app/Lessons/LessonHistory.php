<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Ball;
use App\Models\Lesson;
use App\Models\Revision;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Ledger\Line;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Wording\Words;

/**
 * What was changed in a lesson, in words. A revision holds what stood there before; what it became stands in the next
 * revision of the same record, or in the record itself.
 */
final readonly class LessonHistory
{
    private const NOTHING = 'not looked at';

    public function __construct(private Words $words) {}

    /** @return list<array{at: string, by: string|null, what: string, text: string}> latest first */
    public function of(Lesson $lesson): array
    {
        $lesson->load('sets', 'prescription');
        /** @var EloquentCollection<int, Ball> $balls */
        $balls = Ball::withTrashed()->whereIn('ball_set_id', $lesson->sets->modelKeys())->orderBy('id')->get();
        /** @var array<string, array<string, mixed>> $now each record as it became */
        $now = [
            "lessons {$lesson->id}" => $lesson->attributesToArray(),
            "prescriptions {$lesson->id}" => $lesson->prescription?->attributesToArray() ?? [],
        ];
        $numbers = [];
        foreach ($lesson->sets as $set) {
            $now[$set->id] = $set->attributesToArray();
            foreach ($balls->where('ball_set_id', $set->id)->whereNull('deleted_at')->values() as $i => $ball) {
                $numbers[$ball->id] = $i + 1;
            }
        }
        foreach ($balls as $ball) {
            $now[$ball->id] = $ball->attributesToArray();
        }
        $told = [];
        foreach (
            Revision::query()
                ->whereIn('subject_id', [$lesson->id, ...$lesson->sets->modelKeys(), ...$balls->modelKeys()])
                ->orderByDesc('id')
                ->with('coach')
                ->get() as $one
        ) {
            $key = isset($now[$one->subject_id]) ? $one->subject_id : "{$one->subject_type} {$one->subject_id}";
            $became = $now[$key] ?? [];
            foreach ($one->before as $attribute => $before) {
                $text = $this->text($attribute, $before, $became[$attribute] ?? null);
                if ($text !== '') {
                    $told[] = [
                        'at' => $one->changed_at->toIso8601String(),
                        'by' => $one->coach?->name,
                        'what' => self::what($one->subject_type, $attribute, $numbers[$one->subject_id] ?? null),
                        'text' => $text,
                    ];
                }
            }
            $now[$key] = [...$became, ...$one->before];
        }

        return $told;
    }

    private static function what(string $table, string $attribute, ?int $ball): string
    {
        return match (true) {
            $table === 'balls' => $ball === null ? 'A ball' : "Ball {$ball}",
            $attribute === 'confirmed' => 'It really was',
            $attribute === 'thought' => 'Thought first',
            $table === 'prescriptions' => 'Handed out',
            $attribute === 'setup' => 'Set-up',
            $attribute === 'motion' => 'Motion',
            $attribute === 'measured' => 'Measured',
            $attribute === 'confidence' => 'Confidence',
            $attribute === 'purpose' => 'Kind of set',
            $attribute === 'task' => 'Task',
            default => 'Lesson',
        };
    }

    private function text(string $attribute, mixed $before, mixed $after): string
    {
        return match ($attribute) {
            'setup', 'motion' => $this->differences(
                (array) $before,
                (array) $after,
                fn(string $key, float|int|string $value): string => $this->words->value(Observable::from($key), $value),
                static fn(string $key): string => Observable::from($key)->field()->label,
            ),
            'measured' => $this->differences(
                (array) $before,
                (array) $after,
                fn(string $key, float|int|string $value): string => "±\u{00A0}{$this->words->value(Observable::from($key), $value)}",
                static fn(string $key): string => Observable::from($key)->field()->label,
            ),
            'seen' => $this->differences(
                (array) $before,
                (array) $after,
                static fn(string $key, float|int|string $value): string => self::figure(Layout::fields(SeenBall::class)[$key], $value),
                static fn(string $key): string => Layout::fields(SeenBall::class)[$key]->label,
            ),
            'task' => $this->differences(
                self::flat((array) $before),
                self::flat((array) $after),
                static fn(string $key, float|int|string $value): string => isset(self::taskFields()[$key])
                    ? self::figure(self::taskFields()[$key], $value)
                    : (string) $value,
                static fn(string $key): string => self::taskFields()[$key]->label ?? ucfirst(str_replace('_', ' ', $key)),
            ),
            'content' => self::became(self::given((array) $before), self::given((array) $after)),
            'confidence' => self::became(
                $before === null ? 'not asked' : (string) $before,
                $after === null ? 'not asked' : (string) $after,
            ),
            'thought', 'confirmed' => self::became(self::confirmed($before), self::confirmed($after)),
            'purpose' => self::became((string) $before, (string) $after),
            'deleted_at' => $before === null ? 'taken out' : 'put back',
            'closed_at' => $before === null ? 'closed' : 'opened again',
            default => '',
        };
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  callable(string, float|int|string): string  $shown
     * @param  callable(string): string  $label
     */
    private function differences(array $before, array $after, callable $shown, callable $label): string
    {
        $parts = [];
        foreach (array_keys($before + $after) as $key) {
            $say = static fn(array $values): string => ! \array_key_exists($key, $values)
                ? self::NOTHING
                : (\is_scalar($values[$key]) && ! \is_bool($values[$key])
                    ? $shown((string) $key, $values[$key])
                    : 'none');
            // 9 and 9.0 are the same figure.
            if (($before[$key] ?? null) != ($after[$key] ?? null) || \array_key_exists($key, $before) !== \array_key_exists($key, $after)) {
                $parts[] = $label((string) $key).' '.self::became($say($before), $say($after));
            }
        }

        return implode('; ', $parts);
    }

    private static function confirmed(mixed $cause): string
    {
        return match ($cause) {
            null => 'not said',
            Line::NOTHING => 'nothing wrong',
            default => CauseLibrary::standard()->find((string) $cause)?->shortName() ?? (string) $cause,
        };
    }

    private static function became(string $before, string $after): string
    {
        return $before === $after ? '' : "{$before} became {$after}";
    }

    private static function figure(Field $field, float|int|string $value): string
    {
        return \is_string($value) ? $field->choices[$value] ?? $value : trim(round($value, 1)." {$field->unit}");
    }

    /**
     * @param  array<array-key, mixed>  $task
     * @return array<array-key, mixed> the club's figures beside the others
     */
    private static function flat(array $task): array
    {
        return array_filter(
            [...array_diff_key($task, ['club' => 0]), ...(array) ($task['club'] ?? [])],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, Field> */
    private static function taskFields(): array
    {
        return Layout::fields(Task::class) + Layout::fields(Club::class);
    }

    /** @param array<array-key, mixed> $content */
    private static function given(array $content): string
    {
        return $content === []
            ? 'nothing'
            : implode(
                '. ',
                array_filter([
                    (string) ($content['cause_name'] ?? ''),
                    implode(' ', array_column((array) ($content['setup'] ?? []), 'text')),
                    (string) ($content['feel'] ?? ''),
                    implode(', ', array_column((array) ($content['drills'] ?? []), 'name')),
                ]),
            );
    }
}
