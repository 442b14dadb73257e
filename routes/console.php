<?php

declare(strict_types=1);

use App\Academy\Outlook;
use App\Account\Accounts;
use App\Account\SecondFactor;
use App\Archive\Bin;
use App\Archive\Traces;
use App\Contract\OpenApi;
use App\Feed\StandInMonitor;
use App\Ledger\LearnFromOutcomes;
use App\Models\Academy;
use App\Models\Role;
use App\Models\Student;
use App\Models\User;
use App\Operations\Fitness;
use App\Operations\Pulse;
use App\Progress\AttentionIndex;
use App\Progress\StudentProgress;
use App\Store\FilesBeside;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schedule;
use Illuminate\Support\Facades\Validator;

// What was deleted more than 30 days ago really goes, and reports older than a day: each hour, and whenever somebody runs it.
Artisan::command('bin:empty', function (Bin $bin): void {
    $this->info("{$bin->empty()} records erased.");
});

// Where the files lie in a bucket: into a folder for bin/backup, and from it for bin/restore.
Artisan::command('files:out {folder}', fn(FilesBeside $files, string $folder) => $this->info("{$files->out($folder)} files."));
Artisan::command('files:in {folder}', fn(FilesBeside $files, string $folder) => $this->info("{$files->in($folder)} files."));

// Whether what this installation is told fits where it stands; at its start only what stops it is a failure.
Artisan::command('installation:check {--at-start}', function (): int {
    $fitness = new Fitness((string) getenv('LOW_POINT_CERTIFICATE'), (string) getenv('LOW_POINT_BACKUPS'));
    [$stops, $warns] = [$fitness->stops(), $fitness->warns()];
    array_map($this->error(...), $stops);
    array_map($this->warn(...), $warns);
    if ($stops === [] && $warns === []) {
        $this->info('All is as it should be.');
    }

    return match (true) {
        $stops !== [] => 1,
        $warns !== [] && $this->option('at-start') !== true => 2,
        default => 0,
    };
});

// After a student was erased on request: does his id, or his name, still stand anywhere?
Artisan::command('erased:check {words* : ids, names}', function (Traces $traces): int {
    $found = array_merge(...array_map($traces->of(...), array_values((array) $this->argument('words'))));
    $this->info($found === [] ? 'Nowhere: neither in a table nor in a file.' : 'Still in: '.implode(', ', $found));

    return $found === [] ? 0 : 1;
});

// The accounts of an installation that has no other way in.
Artisan::command('account:make {name} {email} {--password-stdin : read, not asked for}', function (Accounts $accounts): int {
    $password = $this->option('password-stdin') === true
        ? trim((string) fgets(STDIN))
        : (string) $this->secret('Password, 12 characters or more');
    /** @var array{name: string, email: string, password: string} $of */
    $of = [...$this->arguments(), 'password' => $password];
    $wrong = Validator::make($of, ['email' => [...Accounts::emailRules(), 'unique:users,email']] + Accounts::rules())->errors()->all();
    array_map($this->error(...), $wrong);
    if ($wrong !== []) {
        return 1;
    }
    $accounts->make(['name' => $of['name'], 'email' => $of['email'], 'password' => $of['password']]);
    $this->info("{$of['name']} can sign in with {$of['email']}.");

    return 0;
});

Artisan::command('account:count', function (): void {
    $this->line((string) User::query()->count());
});

Artisan::command('account:password {email}', function (Accounts $accounts): int {
    $coach = User::query()->where('email', $this->argument('email'))->first();
    $password = (string) $this->secret('New password, 12 characters or more');
    $wrong = Validator::make(['password' => $password], ['password' => Accounts::passwordRules()])->errors()->all();
    if ($coach === null || $wrong !== []) {
        array_map($this->error(...), $coach === null ? ['Nobody here has this address.'] : $wrong);

        return 1;
    }
    $accounts->changePassword($coach, $password);
    $this->info('Changed; signed out everywhere.');

    return 0;
});

// For a coach whose device with the codes is lost, and the codes he wrote down too: by whoever keeps the machine.
Artisan::command('account:no-second-factor {email}', function (SecondFactor $factor): int {
    $coach = User::query()->where('email', $this->argument('email'))->first();
    if ($coach === null) {
        $this->error('Nobody here has this address.');

        return 1;
    }
    $factor->turnOff($coach);
    $this->info('Taken away: the password alone signs in.');

    return 0;
});

Artisan::command('account:sessions {email} {--end : end them all}', function (Accounts $accounts): int {
    $coach = User::query()->where('email', $this->argument('email'))->first();
    if ($coach === null) {
        $this->error('Nobody here has this address.');

        return 1;
    }
    $there = DB::table('sessions')->where('user_id', $coach->id)->count();
    $this->info($this->option('end') ? "{$accounts->endSessions($coach)} sessions ended." : "{$there} sessions.");

    return 0;
});

// A made-up device: balls of a made-up student, sent through the address that any device uses.
Artisan::command(
    'stand-in:monitor {--student=scooper} {--balls=20} {--every=3 : seconds between two balls} {--lesson= : the latest open one} {--url=}',
    fn(StandInMonitor $monitor): int => $monitor->run(
        \is_string($this->option('student')) ? $this->option('student') : '',
        (int) $this->option('balls'),
        (float) $this->option('every'),
        \is_string($this->option('lesson')) ? $this->option('lesson') : null,
        \is_string($this->option('url')) ? $this->option('url') : (string) config('app.url'),
        fn(string $line) => $this->line($line),
    ),
);

// The contract is made from what routes and resources say of themselves; bin/test fails while the file is stale.
Artisan::command('contract:write {--check : only say whether the file is stale}', function (OpenApi $api): int {
    $json = $api->toJson();
    if ($this->option('check')) {
        if ($json === File::get(OpenApi::written())) {
            return 0;
        }
        $this->error(OpenApi::FILE.' is stale: run php artisan contract:write && node contract/types.js');

        return 1;
    }
    File::put(OpenApi::written(), $json);
    $this->info('Written: '.OpenApi::FILE);

    return 0;
});

// Whoever joins an academy keeps his students; its lead sees them from then on.
Artisan::command('academy:join {email} {lead : address of a lead of the academy} {--role=coach}', function (Accounts $accounts): int {
    $coach = User::query()->where('email', $this->argument('email'))->first();
    $lead = User::query()->where('email', $this->argument('lead'))->where('role', Role::Lead)->first();
    $role = Role::tryFrom(\is_string($this->option('role')) ? $this->option('role') : '');
    if ($coach === null || $lead === null || $role === null) {
        $this->error($role === null ? 'A role is lead or coach.' : 'Nobody here has this address, or does not lead an academy.');

        return 1;
    }
    $accounts->join($coach, $lead->academy, $role);
    $this->info("{$coach->name} is of {$lead->academy->name} now.");

    return 0;
});

// Who needs attention today and what comes of causes, worked out before anybody looks; and where students stand of whom it was not
// worked out yet.
Artisan::command('attention:refresh', function (AttentionIndex $attention, StudentProgress $progress, Outlook $outlook): void {
    $students = 0;
    foreach (Student::query()->whereNull('standing')->has('lessons.prescription')->lazyById() as $student) {
        $progress->of($student);
    }
    foreach (User::query()->whereNull('left_at')->lazyById() as $coach) {
        $students += $attention->refresh($coach);
    }
    foreach (Academy::query()->lazyById() as $academy) {
        $outlook->outcomes($academy);
    }
    $this->info("{$students} students.");
});

// What each academy learns from its outcomes, by the queue.
Artisan::command('ledger:learn', function (): void {
    foreach (Academy::query()->lazyById() as $academy) {
        LearnFromOutcomes::dispatch($academy->id);
    }
});

Schedule::call(static fn() => Pulse::Scheduler->beat())->everyMinute();
Schedule::command('bin:empty')->hourly()->withoutOverlapping();
Schedule::command('attention:refresh')->dailyAt('02:30')->withoutOverlapping();
Schedule::command('ledger:learn')->dailyAt('03:15')->withoutOverlapping();
