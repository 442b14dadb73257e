<?php

declare(strict_types=1);

// The measuring part of bench/history. Usage: bench/history [rounds=60] [sheet=50000]

use App\Academy\Outlook;
use App\Models\Student;
use App\Models\User;
use App\Progress\StudentProgress;
use App\Progress\Today;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LowPoint\Bench\Simulation\Population;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Simulation\Dice;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/progress.php';
require __DIR__.'/Client.php';

const PASSWORD = 'tide-and-shingle';
const TASK = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 9];

$rounds = (int) ($argv[1] ?? 60);
$sheet = (int) ($argv[2] ?? 50_000);
$base = (string) getenv('LOW_POINT_URL');
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();

$coach = static fn(string $name): User => User::query()->create([
    'name' => $name,
    'email' => strtolower($name).'@saltgrass.example',
    'password' => PASSWORD,
    'units' => 'metric',
]);
$rows = static function (string $table, iterable $rows): void {
    foreach (collect($rows)->chunk(500) as $some) {
        DB::table($table)->insert($some->values()->all());
    }
};
$id = static fn(): string => strtolower((string) Str::ulid());
$stamps = ['created_at' => now(), 'updated_at' => now()];

/** A student with so many lessons of so many balls each, one a week, with a plan and a practice log. */
$history = static function (User $coach, string $name, int $lessons, int $balls) use ($rows, $id, $stamps): Student {
    $student = $coach->students()->create(['name' => $name, 'handed' => 'right', 'about' => 'heavy chips', 'limits' => []]);
    $made = ['lessons' => [], 'ball_sets' => [], 'balls' => [], 'prescriptions' => []];
    $population = new Population(new Dice(5));
    $person = $population->student(false);
    $given = DB::table('prescriptions')->first();
    for ($i = 0; $i < $lessons; $i++) {
        $at = now()->subWeeks($lessons - $i);
        $case = CaseWriter::toArray($person->lesson($balls, 0.3));
        $made['lessons'][] = [
            'id' => ($lesson = $id()),
            'student_id' => $student->id,
            'task' => json_encode(TASK),
            'began_at' => $at,
            'closed_at' => $at,
            ...$stamps,
        ];
        $made['ball_sets'][] = [
            'id' => ($set = $id()),
            'lesson_id' => $lesson,
            'purpose' => $i === 0 ? 'before' : 'retest',
            'setup' => json_encode((object) ($case['setup'] ?? [])),
            'motion' => json_encode((object) ($case['motion'] ?? [])),
            ...$stamps,
        ];
        foreach ($case['balls'] as $ball) {
            unset($ball['strike']);
            $made['balls'][] = [
                'id' => $id(),
                'ball_set_id' => $set,
                'seen' => json_encode((object) [...$ball, 'strike' => random_int(0, 99) < 40 + $i / 3 ? 'clean' : 'heavy']),
                'hit_at' => $at,
                ...$stamps,
            ];
        }
        $made['prescriptions'][] = [...array_diff_key((array) $given, ['id' => 0, 'gist' => 0]), 'lesson_id' => $lesson];
    }
    foreach ($made as $table => $all) {
        $rows($table, $all);
    }

    return $student;
};
/** Students with lessons and verdicts, for the list of all. */
$many = static function (User $coach, int $students, int $lessonsEach) use ($rows, $id, $stamps): void {
    $names = ['Wren', 'Ash', 'Teal', 'Sorrel', 'Lark', 'Reed'];
    $verdicts = ['fixed', 'improving', 'slipping', 'no_change', 'too_early'];
    $made = $lessons = $plans = [];
    for ($i = 0; $i < $students; $i++) {
        $made[] = [
            'id' => ($student = $id()),
            'coach_id' => $coach->id,
            'name' => $names[$i % 6]." {$i}",
            'handed' => 'right',
            'about' => 'chips',
            'limits' => '[]',
            'standing' => json_encode([
                'verdict' => $verdicts[$i % 5],
                'name' => 'Scooping',
                'recheck' => now()
                    ->addDays(($i % 40) - 20)
                    ->toDateString(),
            ]),
            ...$stamps,
        ];
        for ($k = 0; $k < $lessonsEach; $k++) {
            $lessons[] = [
                'id' => $id(),
                'student_id' => $student,
                'task' => json_encode(TASK),
                'began_at' => now()->subWeeks($k + 1),
                'closed_at' => now()->subWeeks($k + 1),
                ...$stamps,
            ];
        }
        if ($i % 2 === 0) {
            $plans[] = ['id' => $id(), 'student_id' => $student, 'made_from' => '{}', 'notes' => '[]', ...$stamps];
        }
    }
    $rows('students', $made);
    $rows('lessons', $lessons);
    $rows('plans', $plans);
};
/** An academy whose lead and coaches have so many students each, with what became of two causes of each. */
$academy = static function (User $lead, int $coaches, int $studentsEach) use ($coach, $many, $rows): void {
    for ($i = 0; $i < $coaches; $i++) {
        $one = $i === 0 ? $lead : $coach("{$lead->name}{$i}");
        $one->update(['academy_id' => $lead->academy_id, 'role' => $i === 0 ? 'lead' : 'coach']);
        $many($one, $studentsEach, 10);
    }
    $courses = [];
    foreach (DB::table('students')->whereIn('coach_id', $lead->academy->coaches()->pluck('id'))->pluck('id') as $n => $student) {
        foreach (['scoop', 'early_low_point'] as $cause) {
            $courses[] = [
                'student_id' => $student,
                'cause' => $cause,
                'shot' => 'chip',
                'verdict' => ['fixed', 'improving', 'slipping', 'no_change', 'too_early'][$n % 5],
                'lessons' => 1 + $n % 4,
                'drills' => '["Towel line"]',
            ];
        }
    }
    $rows('courses', $courses);
};

fwrite(STDERR, "filling the store\n");
[$few, $crowd, $long] = [$coach('Few'), $coach('Crowd'), $coach('Long')];
[$pair, $score] = [$coach('Pair'), $coach('Score')];
$academy($pair, 2, 10);
$academy($score, 20, 100);
$many($few, 20, 10);
$many($crowd, 2000, 10);
$short = $history($long, 'Short Tale', 3, 60);
$longer = $history($long, 'Long Tale', 100, 60);

$devices = [];
foreach (['few', 'crowd', 'long', 'pair', 'score'] as $name) {
    $devices[$name] = new Client($base);
    $devices[$name]->signIn("{$name}@saltgrass.example", PASSWORD);
}
$first = $devices['long']->ask('GET', "/api/students/{$longer->id}/progress");
$devices['long']->must('GET', "/api/students/{$short->id}/progress");
$firstToday = $devices['crowd']->ask('GET', '/api/today');
$times = array_fill_keys(['ping', 'short', 'long', 'few', 'crowd', 'sought', 'pair', 'score'], []);
for ($i = 0; $i < $rounds; $i++) {
    $times['ping'][] = $devices['few']->ask('GET', '/api/ping')[1];
    $times['short'][] = $devices['long']->ask('GET', "/api/students/{$short->id}/progress")[1];
    $times['long'][] = $devices['long']->ask('GET', "/api/students/{$longer->id}/progress")[1];
    $times['few'][] = $devices['few']->ask('GET', '/api/today')[1];
    $times['crowd'][] = $devices['crowd']->ask('GET', '/api/today')[1];
    $times['sought'][] = $devices['crowd']->ask('GET', '/api/today?q=lark%201')[1];
    $times['pair'][] = $devices['pair']->ask('GET', '/api/academy/outlook')[1];
    $times['score'][] = $devices['score']->ask('GET', '/api/academy/outlook')[1];
    progress('rounds', $i + 1, $rounds);
}
$queries = static function (callable $work): int {
    DB::flushQueryLog();
    DB::enableQueryLog();
    $work();
    DB::disableQueryLog();

    return count(DB::getQueryLog());
};
$progress = app(StudentProgress::class);
$today = app(Today::class);
$told = static fn(string $what, string $of, ?string $against, callable $asks): int => printf(
    "%-44s %7.1f ms %6s %4d queries\n",
    $what,
    median($times[$of]),
    $against === null ? '' : sprintf('%.2f x', median($times[$of]) / median($times[$against])),
    $queries($asks),
);
printf("median of %d, in one run; a bare JSON route takes %.1f ms\n", $rounds, median($times['ping']));
$told('student, 3 lessons of 60 balls', 'short', null, static fn() => $progress->of($short->refresh()));
$told('student, 100 lessons of 60 balls', 'long', 'short', static fn() => $progress->of($longer->refresh()));
$told('today, 20 students, 200 lessons', 'few', null, static fn() => $today->of($few, ''));
$told('today, 2,000 students, 20,000 lessons', 'crowd', 'few', static fn() => $today->of($crowd, ''));
$told('a name sought among 2,000', 'sought', 'few', static fn() => $today->of($crowd, 'lark 1'));
$outlook = app(Outlook::class);
$seen = static fn(User $lead): array => [$outlook->coaches($lead->academy, $lead->today()), $outlook->outcomes($lead->academy)];
$told('academy of 2 coaches with 10 students each', 'pair', null, static fn() => $seen($pair->refresh()));
$told('academy of 20 coaches with 100 students each', 'score', 'pair', static fn() => $seen($score->refresh()));
printf("the first look of a day at 2,000 students: %.2f s\n", $firstToday[1] / 1000);
printf("the very first look at 100 lessons, adding up 6,000 balls: %.1f s\n", $first[1] / 1000);

/** Highest memory of the worker so far, MB. */
$peak = static function (): float {
    foreach (explode("\n", trim((string) shell_exec('pgrep -g '.(int) getenv('WORKER_PID').' -f queue:work'))) as $pid) {
        if (
            preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents("/proc/{$pid}/status"), $found) === 1
            && str_contains((string) @file_get_contents("/proc/{$pid}/cmdline"), 'php')
        ) {
            $highest = max($highest ?? 0, (int) $found[1] / 1024);
        }
    }

    return $highest ?? NAN;
};
foreach ([intdiv($sheet, 10), $sheet] as $size) {
    $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
    $file = new SplFileObject($path, 'w');
    $file->fwrite("Day,Strike,Ground (cm),Carry (m)\r\n");
    for ($i = 0; $i < $size; $i++) {
        $file->fwrite(
            date('Y-m-d', strtotime('2023-01-01') + intdiv($i, 100) * 86400)
                .','
                .['clean', 'heavy', 'thin'][$i % 3]
                .','
                .(($i % 9) - 6)
                .','
                .(8 + ($i % 3))
                ."\r\n",
        );
    }
    $file->fflush();
    $student = $long->students()->create(['name' => "Sheet of {$size}", 'handed' => 'right', 'about' => '', 'limits' => []]);
    $looked = $devices['long']->upload("/api/students/{$student->id}/sheets", 'sheet', $path);
    unlink($path);
    $plan = [
        'mapping' => [
            'columns' => [
                ['header' => 'Strike', 'key' => 'strike'],
                ['header' => 'Ground (cm)', 'key' => 'touch_mm', 'unit' => 'cm'],
                ['header' => 'Carry (m)', 'key' => 'carry_m', 'unit' => 'm'],
            ],
            'time' => ['header' => 'Day', 'order' => 'ymd'],
        ],
        'task' => TASK,
        'purpose' => 'before',
        'day' => null,
    ];
    $check = $devices['long']->ask('POST', "/api/sheets/{$looked['import']['id']}/check", $plan);
    $began = hrtime(true);
    $devices['long']->must('POST', "/api/sheets/{$looked['import']['id']}/confirm", $plan);
    $read = null;
    do {
        usleep(250_000);
        $now = $devices['long']->must('GET', "/api/sheets/{$looked['import']['id']}");
        progress("sheet of {$size}", max(1, (int) $now['rows_done']), $size);
        $read ??= $now['state'] === 'reading' ? null : (hrtime(true) - $began) / 1e9;
    } while (in_array($now['state'], ['reading', 'summing'], true));
    printf(
        "sheet of %6d balls: checked in %.1f s, stored in %.1f s, summed up after %.1f s, %d balls %s; worker at most %.0f MB so far\n",
        $size,
        $check[1] / 1000,
        $read,
        (hrtime(true) - $began) / 1e9,
        $now['balls'],
        $now['state'],
        $peak(),
    );
}
