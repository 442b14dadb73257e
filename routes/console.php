<?php

declare(strict_types=1);

use App\Archive\Bin;
use App\Archive\Traces;
use App\Contract\OpenApi;
use App\Feed\StandInMonitor;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schedule;

// What was deleted more than 30 days ago really goes, and reports older than a day: each hour, and whenever somebody runs it.
Artisan::command('bin:empty', function (Bin $bin): void {
    $this->info("{$bin->empty()} records erased.");
});

// After a student was erased on request: does his id, or his name, still stand anywhere?
Artisan::command('erased:check {words* : ids, names}', function (Traces $traces): int {
    $found = array_merge(...array_map($traces->of(...), array_values((array) $this->argument('words'))));
    $this->info($found === [] ? 'Nowhere: neither in a table nor in a file.' : 'Still in: '.implode(', ', $found));

    return $found === [] ? 0 : 1;
});

// There is one worker. What it had in hand when it was killed would wait for its time to run out; the next one takes it up at once.
Artisan::command('jobs:release', function (): void {
    $this->info(DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]).' jobs taken up again.');
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

Schedule::command('bin:empty')->hourly()->withoutOverlapping();
