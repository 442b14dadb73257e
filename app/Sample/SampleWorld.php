<?php

declare(strict_types=1);

namespace App\Sample;

use App\Archive\Bin;
use App\Lessons\Prescribing;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\PlanSession;
use App\Models\Student;
use App\Models\User;
use App\Practice\Planning;
use App\Practice\PutResult;
use App\Practice\Results;
use App\Progress\StudentProgress;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Records\Write;

/** The made-up students of Saltgrass, one file each: the demo world, and a sample to look round in for whoever begins. */
final readonly class SampleWorld
{
    /** The ISO day from which the days of the files are counted, a Thursday. */
    private const WRITTEN_ON = 4;

    public function __construct(
        private Prescribing $prescribing,
        private Planning $planning,
        private Results $results,
        private StudentProgress $progress,
        private Bin $bin,
    ) {}

    /** @return list<array<string, mixed>> what the files tell of each */
    public static function students(): array
    {
        return array_map(
            static function (string $file): array {
                /** @var array<string, mixed> $data */
                $data = File::json($file, JSON_THROW_ON_ERROR);

                return $data;
            },
            array_values(File::glob(database_path('seeders/saltgrass/*.json'))),
        );
    }

    /** Puts them into a coach's account, to be taken out again; a second time changes nothing. */
    public function into(User $coach): void
    {
        DB::transaction(function () use ($coach): void {
            User::query()->lockForUpdate()->find($coach->id);
            if ($coach->students()->where('sample', true)->exists()) {
                return;
            }
            foreach (self::students() as $data) {
                $student = $this->student($coach, $data);
                $student->forceFill(['sample' => true])->saveQuietly();
                $this->progress->of($student->refresh());
            }
        });
    }

    /** Takes all of them out, for good. */
    public function takeOut(User $coach): void
    {
        $coach->students()->withTrashed()->where('sample', true)->get()->each(fn(Student $one): array => $this->bin->erase($one));
    }

    /** @param array<string, mixed> $data */
    public function student(User $coach, array $data): Student
    {
        $student = $coach
            ->students()
            ->create(['name' => $data['name'], 'handed' => $data['handed'], 'about' => $data['about'], 'limits' => $data['limits']]);
        foreach ($data['lessons'] as $lesson) {
            $this->lesson($student, $lesson);
        }
        if (isset($data['practice'])) {
            $this->practice($student, $data['practice']);
        }

        return $student->refresh();
    }

    /**
     * @param array{
     *     days: array<int, int>,
     *     weeks: int,
     *     from_days_ago: int,
     *     grounds: list<string>,
     *     runs: list<array{int, int, int, int}>,
     *     stations?: array{days_ago: int, attempts: list<array{int, float}>},
     * } $data runs: days ago, hits, of, confidence; stations: the length of each swing, 0 = the shortest, and its carry, m
     */
    private function practice(Student $student, array $data): void
    {
        $plan = $this->planning->make(
            $student,
            self::aroundToday($data['days']),
            $data['grounds'],
            null,
            $data['weeks'],
            Carbon::now()->subDays($data['from_days_ago'])->startOfDay(),
        );
        $drills = $this->planning->drills($student);
        foreach ($data['runs'] as $i => [$daysAgo, $hits, $of, $confidence]) {
            $at = Carbon::now()->subDays($daysAgo)->setTime(17, 30);
            $drill = $drills[$i % \count($drills)];
            $session = $plan->sessions->first(static fn(PlanSession $one): bool => abs($one->day->diffInDays($at)) < 2);
            $this->results->put(
                $student->refresh(),
                self::idAt($at),
                new PutResult(
                    $drill->id,
                    ['kind' => 'count', 'need' => 8, 'of' => 10],
                    array_map(static fn(int $n): bool => ($n * $hits) % $of < $hits, range(1, $of)),
                    $at->toDateTimeImmutable(),
                    $session?->id,
                    $confidence,
                ),
                'student',
            );
        }
        if (isset($data['stations'])) {
            $at = Carbon::now()->subDays($data['stations']['days_ago'])->setTime(17, 30);
            $this->results->put(
                $student->refresh(),
                self::idAt($at),
                new PutResult(
                    'backswing_stations',
                    ['kind' => 'stations', 'need' => 8, 'of' => 5],
                    $data['stations']['attempts'],
                    $at->toDateTimeImmutable(),
                ),
                'student',
            );
        }
    }

    /**
     * Days of practice as they lie to today, whatever day that is: who practised and who did not is the same story on each of them.
     *
     * @param  array<int, int>  $days  minutes by ISO day, as the files have them
     * @return array<int, int>
     */
    private static function aroundToday(array $days): array
    {
        $moved = [];
        foreach ($days as $day => $minutes) {
            $moved[($day + Carbon::now()->dayOfWeekIso - self::WRITTEN_ON + 6) % 7 + 1] = $minutes;
        }
        ksort($moved);

        return $moved;
    }

    /** @param array<string, mixed> $data */
    private function lesson(Student $student, array $data): void
    {
        $began = Carbon::now()->subDays($data['days_ago'])->setTime(10, 0);
        $task = CaseReader::task($data['task']);
        $lesson = new Lesson([
            'id' => self::idAt($began),
            'coach_id' => $student->coach_id,
            'task' => Write::record($task),
            'began_at' => $began,
            'closed_at' => $began->copy()->addMinutes(40),
        ]);
        $lesson->student()->associate($student)->save();

        $at = $began->copy();
        foreach ($data['sets'] as $one) {
            $at->addMinutes(3);
            $set = new BallSet([
                'id' => self::idAt($at),
                'purpose' => $one['purpose'],
                'setup' => $one['setup'],
                'motion' => $one['motion'],
                'measured' => $one['measured'] ?? null,
                'confidence' => $one['confidence'] ?? null,
            ]);
            $set->lesson()->associate($lesson)->save();
            foreach ($one['balls'] as $seen) {
                $at->addSeconds(40);
                $ball = new Ball([
                    'id' => self::idAt($at),
                    'seen' => Write::record(CaseReader::ball($seen, $task->shot)),
                    'hit_at' => $at->copy(),
                ]);
                $ball->set()->associate($set)->save();
            }
        }
        if ($data['prescription'] !== null) {
            $given = $data['prescription'];
            $this->prescribing->give($lesson, $lesson->sets()->firstOrFail(), $given['cause'], $given['feel'], $given['drills']);
        }
    }

    private static function idAt(Carbon $at): string
    {
        return strtolower((string) Str::ulid($at));
    }
}
