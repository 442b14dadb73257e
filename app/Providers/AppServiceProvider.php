<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\User;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\ServiceProvider;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Wording\Words;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // Readings are worded in the units of the coach who is signed in.
        $this->app->scoped(ReadingEngine::class, static function (): ReadingEngine {
            $coach = Auth::user();

            return ReadingEngine::standard($coach instanceof User ? new Words($coach->units) : new Words);
        });
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
    }
}
