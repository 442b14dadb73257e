<?php

declare(strict_types=1);

use App\Archive\Bin;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

// What was deleted more than 30 days ago really goes, and reports older than a day: each hour, and whenever somebody runs it.
Artisan::command('bin:empty', function (Bin $bin): void {
    $this->info("{$bin->empty()} records erased.");
});

// There is one worker. What it had in hand when it was killed would wait for its time to run out; the next one takes it up at once.
Artisan::command('jobs:release', function (): void {
    $this->info(DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]).' jobs taken up again.');
});

Schedule::command('bin:empty')->hourly()->withoutOverlapping();
