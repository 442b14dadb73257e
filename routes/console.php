<?php

declare(strict_types=1);

use App\Archive\Bin;
use Illuminate\Support\Facades\Artisan;

// What was deleted more than 30 days ago really goes: at each start, and whenever somebody runs it.
Artisan::command('bin:empty', function (Bin $bin): void {
    $this->info("{$bin->empty()} records erased.");
});
