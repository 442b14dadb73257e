<?php

declare(strict_types=1);

namespace App\Providers;

use App\Academy\AcademyPolicy;
use App\Academy\UserPolicy;
use App\Feed\FeedDevicePolicy;
use App\Lessons\LessonPolicy;
use App\Models\Academy;
use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\SheetImport;
use App\Models\Student;
use App\Models\User;
use App\Operations\Pulse;
use App\Progress\AttentionObserver;
use App\Reading\Engines;
use App\Sheets\SheetImportPolicy;
use App\Store\OwnStore;
use App\Store\StoreOfNodes;
use App\Students\StudentPolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use LowPoint\Core\Wording\Words;

final class AppServiceProvider extends ServiceProvider
{
    /** Each beside what it is about. */
    private const POLICIES = [
        Academy::class => AcademyPolicy::class,
        FeedDevice::class => FeedDevicePolicy::class,
        Lesson::class => LessonPolicy::class,
        SheetImport::class => SheetImportPolicy::class,
        Student::class => StudentPolicy::class,
        User::class => UserPolicy::class,
    ];

    public function register(): void
    {
        // Readings are worded in the units of the coach who is signed in.
        $this->app->scoped(Words::class, static function (): Words {
            $coach = Auth::user();

            return $coach instanceof User ? new Words($coach->units) : new Words;
        });
        $this->app->scoped(Engines::class);
        $this->app->bind('db.connector.mariadb', OwnStore::class);
    }

    public function boot(): void
    {
        OwnStore::holdSettings();
        foreach (self::POLICIES as $model => $policy) {
            Gate::policy($model, $policy);
        }
        JsonResource::withoutWrapping();
        // By name: to observe a model would make each of them ready at every request.
        foreach (AttentionObserver::MODELS as $model) {
            Event::listen(["eloquent.saved: {$model}", "eloquent.deleted: {$model}"], AttentionObserver::class);
        }
        StoreOfNodes::watch();
        Queue::looping(static fn(Looping $round) => Pulse::ofQueue($round->queue)->beat());
        // There are no tokens, only sessions: a bearer is nobody.
        Sanctum::getAccessTokenFromRequestUsing(static fn(): ?string => null);
        // The first account of an installation is made once.
        RateLimiter::for('shared', static fn(Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
    }
}
