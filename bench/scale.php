<?php

declare(strict_types=1);

// The measuring part of bench/scale. Usage: php bench/scale.php MILLION_BALLS

use App\Models\User;
use App\Progress\AttentionIndex;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/progress.php';

/** Of each student; balls of each set. */
const LESSONS = 10;
const SETS = 2;
const BALLS = 15;
const STUDENTS_A_COACH = 50;

/** Rows a query may go through without an index that leads to them. */
const FEW = 500;
const ROUNDS = 5;
const SLICE = 100_000;

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();

$wanted = (float) ($argv[1] ?? 3) * 1e6;
$students = (int) ceil($wanted / (LESSONS * SETS * BALLS));
$lessons = $students * LESSONS;
$sets = $lessons * SETS;
$balls = $sets * BALLS;
$coaches = (int) ceil($students / STUDENTS_A_COACH);

/** @param string $select one row for each "seq", which the store counts up itself */
$fill = static function (string $table, string $columns, string $select, int $rows): void {
    for ($from = 0; $from < $rows; $from += SLICE) {
        $to = min($rows, $from + SLICE) - 1;
        DB::statement("insert into {$table} ({$columns}) select {$select} from seq_{$from}_to_{$to}");
        progress($table, $to + 1, $rows);
    }
};
$id = static fn(string $letter, string $of = 'seq'): string => "concat('01', '{$letter}', lpad({$of}, 23, '0'))";
$ago = 'date_sub(now(), interval';

$began = microtime(true);
DB::statement('set foreign_key_checks = 0, unique_checks = 0');
$academy = DB::table('academies')->value('id');
$address = "concat('coach', seq, '@saltgrass.example')";
$fill(
    'users',
    'id, academy_id, role, name, email, password, units, owner_key, created_at, updated_at',
    "{$id('c')}, '{$academy}', 'coach', concat('Coach ', seq), {$address}, 'x', 'metric', {$address}, now(), now()",
    $coaches,
);
$fill('students', 'id, coach_id, name, handed, about, limits, created_at, updated_at', "{$id('s')}, {$id('c', 'seq div '.STUDENTS_A_COACH)},
    concat('Student ', lpad(seq, 7, '0')), 'right', 'heavy chips', '[]', now(), now()", $students);
$lesson = DB::table('lessons')->where('task->shot', 'chip')->first();
$task = str_replace("'", "''", (string) $lesson?->task);
$at = "{$ago} ".LESSONS.' - seq % '.LESSONS.' week)';
$fill('lessons', 'id, student_id, coach_id, task, began_at, closed_at, created_at, updated_at', "{$id('m')}, {$id('s', 'seq div '.LESSONS)},
    {$id('c', 'seq div '.LESSONS * STUDENTS_A_COACH)}, '{$task}', {$at}, {$at}, now(), now()", $lessons);
$set = DB::table('ball_sets')->where('lesson_id', $lesson?->id)->whereNotNull('summary')->first();
$summary = str_replace(["'", '\\'], ["''", '\\\\'], (string) $set?->summary);
$marks = str_replace("'", "''", (string) $set?->marks);
$fill(
    'ball_sets',
    'id, lesson_id, purpose, setup, motion, summary, marks, change_count, summary_of, created_at, updated_at',
    "{$id('t')}, {$id('m', 'seq div '.SETS)}, if(seq % 2 = 0, 'before', 'after'), '{\"shaft_lean_deg\":11}', '{}', '{$summary}', '{$marks}',
    1, 1, now(), now()",
    $sets,
);
$seen = "concat('{\"strike\":\"', elt(1 + seq % 3, 'clean', 'heavy', 'thin'), '\",\"touch_mm\":', -(seq % 60), '}')";
$fill(
    'balls',
    'id, ball_set_id, seen, hit_at, created_at, updated_at',
    "{$id('b')}, {$id('t', 'seq div '.BALLS)}, {$seen}, now(), now(), now()",
    $balls,
);
DB::statement('set foreign_key_checks = 1, unique_checks = 1');
DB::statement('analyze table users, students, lessons, ball_sets, balls');
fprintf(STDOUT, "\nfilled in %.0f s\n\n%-14s %12s %10s %14s\n", microtime(true) - $began, 'table', 'rows', 'MB', 'bytes a row');
foreach (['students', 'lessons', 'ball_sets', 'balls'] as $table) {
    $of = DB::selectOne('select data_length + index_length as bytes from information_schema.tables where table_schema = database()
        and table_name = ?', [$table]);
    $rows = DB::table($table)->count();
    fprintf(STDOUT, "%-14s %12s %10.0f %14.0f\n", $table, number_format($rows), $of->bytes / 1e6, $of->bytes / $rows);
}

// A coach in the middle, with a lesson in which balls are hit.
$coach = User::query()->findOrFail('01c'.str_pad((string) intdiv($coaches, 2), 23, '0', STR_PAD_LEFT));
$lead = User::query()->where('role', 'lead')->firstOrFail();
$student = $coach->students()->firstOrFail();
$latest = $student->lessons()->firstOrFail();
$set = $latest->sets()->firstOrFail();
$ball = $set->balls()->firstOrFail();
$ids = [
    'student' => $student->id, 'studentId' => $student->id, 'lesson' => $latest->id, 'lessonId' => $latest->id, 'set' => $set->id,
    'setId' => $set->id, 'ballId' => $ball->id, 'coach' => $coach->id, 'cause' => 'scoop',
];
app(AttentionIndex::class)->refresh($coach);

$asked = [];
DB::listen(static function ($query) use (&$asked): void {
    $asked[$query->sql] ??= $query->bindings;
});
/** @return list<string> how the store goes through more than a few rows without an index, or sorts more than a few */
$badly = static function () use (&$asked): array {
    $queries = $asked;
    $found = [];
    foreach ($queries as $sql => $bindings) {
        if (! str_starts_with($sql, 'select')) {
            continue;
        }
        foreach (DB::select("explain {$sql}", $bindings) as $step) {
            $blindly = \in_array($step->type, ['ALL', 'index'], true) || str_contains((string) $step->Extra, 'filesort');
            if ((int) $step->rows > FEW && $blindly) {
                $found[] = "{$step->table} {$step->type} {$step->rows} {$step->Extra}: ".substr($sql, 0, 90);
            }
        }
    }

    return array_values(array_unique($found));
};

$kernel = $app->make(Kernel::class);
$call = static function (User $as, string $method, string $address, ?array $body = null) use ($kernel): int {
    app('auth')->forgetGuards();
    Auth::guard('web')->setUser($as->fresh() ?? $as);
    $request = Request::create(
        $address,
        $method,
        server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
        content: $body === null ? null : (string) json_encode($body),
    );

    return $kernel->handle($request)->getStatusCode();
};
$rows = [];
$todo = [];
foreach (Route::getRoutes()->getRoutes() as $route) {
    $isRead = $route->methods()[0] === 'GET' && \in_array('auth:sanctum', $route->gatherMiddleware(), true);
    $missing = array_diff($route->parameterNames(), array_keys($ids));
    // An archive of everything is not asked for in passing.
    if ($isRead && $missing === [] && ! str_contains($route->uri(), 'archive')) {
        $todo[] = ['GET', $route->uri(), null];
    }
}
$hit = ['seen' => ['strike' => 'thin', 'touch_mm' => -12], 'hit_at' => date(DATE_ATOM)];
$todo[] = ['PUT', 'api/lessons/{lesson}/sets/{set}/balls/{ballId}', $hit];
foreach ($todo as $at => [$method, $uri, $body]) {
    $as = preg_match('#^api/(academy|health)#', $uri) === 1 ? $lead : $coach;
    $address = '/'.preg_replace_callback('/{(\w+)}/', static fn(array $part): string => $ids[$part[1]], $uri);
    $times = [];
    $asked = [];
    for ($round = 0; $round < ROUNDS; $round++) {
        $from = hrtime(true);
        $status = $call($as, $method, $address, $body);
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);
    $rows[] = [$method, $uri, $status, $times[intdiv(ROUNDS, 2)], \count($asked), $badly()];
    progress('routes', $at + 1, \count($todo));
}
usort($rows, static fn(array $a, array $b): int => $b[3] <=> $a[3]);
fprintf(STDOUT, "\n%-6s %-66s %6s %9s %8s\n", '', 'route (median of '.ROUNDS.', in one process)', 'status', 'ms', 'queries');
foreach ($rows as [$method, $uri, $status, $ms, $queries, $bad]) {
    fprintf(STDOUT, "%-6s %-66s %6d %9.1f %8d\n", $method, substr($uri, 4), $status, $ms, $queries);
    foreach ($bad as $one) {
        fwrite(STDOUT, "       ! {$one}\n");
    }
}
$bad = array_sum(array_map(static fn(array $row): int => \count($row[5]), $rows));
fprintf(STDOUT, "\nqueries that go through more than %d rows without an index, or sort so many: %d\n", FEW, $bad);
