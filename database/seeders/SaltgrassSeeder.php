<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Academy\Sharing;
use App\Account\Accounts;
use App\Lessons\Prescribing;
use App\Models\Academy;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\PlanSession;
use App\Models\Role;
use App\Models\ShareLevel;
use App\Models\Student;
use App\Models\User;
use App\Practice\Planning;
use App\Practice\Results;
use App\Progress\StudentProgress;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;

/** The made-up world of Saltgrass: Maren leads, Idris coaches; their students, one file a student in saltgrass/. */
final class SaltgrassSeeder extends Seeder
{
    public const PASSWORD = 'marram-and-sand';

    public function run(Prescribing $prescribing, Accounts $accounts): void
    {
        $academy = Academy::query()->create(['name' => 'Saltgrass Short Game']);
        foreach ([['maren', 'Maren Sollis', Role::Lead], ['idris', 'Idris Vane', Role::Coach]] as [$first, $name, $role]) {
            $accounts->make(['name' => $name, 'email' => "{$first}@saltgrass.example", 'password' => self::PASSWORD], $academy, $role);
        }
        foreach (File::glob(__DIR__.'/saltgrass/*.json') as $file) {
            /** @var array<string, mixed> $data */
            $data = File::json($file, JSON_THROW_ON_ERROR);
            $this->student($data, $prescribing);
        }
    }

    /** @param array<string, mixed> $data */
    private function student(array $data, Prescribing $prescribing): void
    {
        $coach = User::query()->where('email', $data['was_of'] ?? $data['coach'])->sole();
        $student = $coach
            ->students()
            ->create(['name' => $data['name'], 'handed' => $data['handed'], 'about' => $data['about'], 'limits' => $data['limits']]);
        foreach ($data['lessons'] as $lesson) {
            $this->lesson($student, $lesson, $prescribing);
        }
        if (isset($data['practice'])) {
            $this->practice($student, $data['practice']);
        }
        $sharing = app(Sharing::class);
        if (isset($data['was_of'])) {
            $sharing->handOver($coach, $student->refresh(), User::query()->where('email', $data['coach'])->sole(), null);
        }
        foreach ($data['shared_with'] ?? [] as $email => $level) {
            $sharing->share($coach, $student->refresh(), User::query()->where('email', $email)->sole(), ShareLevel::from($level));
        }
        app(StudentProgress::class)->of($student->refresh());
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
        $planning = app(Planning::class);
        $plan = $planning->make(
            $student,
            $data['days'],
            $data['grounds'],
            null,
            $data['weeks'],
            Carbon::now()->subDays($data['from_days_ago'])->startOfDay(),
        );
        $drills = $planning->drills($student);
        foreach ($data['runs'] as $i => [$daysAgo, $hits, $of, $confidence]) {
            $at = Carbon::now()->subDays($daysAgo)->setTime(17, 30);
            $drill = $drills[$i % \count($drills)];
            $session = $plan->sessions->first(static fn(PlanSession $one): bool => abs($one->day->diffInDays($at)) < 2);
            app(Results::class)->put(
                $student->refresh(),
                self::idAt($at),
                [
                    'drill' => $drill->id,
                    'goal' => ['kind' => 'count', 'need' => 8, 'of' => 10],
                    'attempts' => array_map(static fn(int $n): bool => ($n * $hits) % $of < $hits, range(1, $of)),
                    'done_at' => $at->toIso8601String(),
                    'session' => $session?->id,
                    'confidence' => $confidence,
                ],
                'student',
            );
        }
        if (isset($data['stations'])) {
            $at = Carbon::now()->subDays($data['stations']['days_ago'])->setTime(17, 30);
            app(Results::class)->put(
                $student->refresh(),
                self::idAt($at),
                [
                    'drill' => 'backswing_stations',
                    'goal' => ['kind' => 'stations', 'need' => 8, 'of' => 5],
                    'attempts' => $data['stations']['attempts'],
                    'done_at' => $at->toIso8601String(),
                ],
                'student',
            );
        }
    }

    /** @param array<string, mixed> $data */
    private function lesson(Student $student, array $data, Prescribing $prescribing): void
    {
        $began = Carbon::now()->subDays($data['days_ago'])->setTime(10, 0);
        $task = CaseReader::task($data['task']);
        $lesson = new Lesson([
            'id' => self::idAt($began),
            'coach_id' => $student->coach_id,
            'task' => CaseWriter::task($task),
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
                    'seen' => CaseWriter::ball(CaseReader::ball($seen, $task->shot)),
                    'hit_at' => $at->copy(),
                ]);
                $ball->set()->associate($set)->save();
            }
        }
        if ($data['prescription'] !== null) {
            $given = $data['prescription'];
            $prescribing->give($lesson, $lesson->sets()->firstOrFail(), $given['cause'], $given['feel'], $given['drills']);
        }
    }

    private static function idAt(Carbon $at): string
    {
        return strtolower((string) Str::ulid($at));
    }
}
