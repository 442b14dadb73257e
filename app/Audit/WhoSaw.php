<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\Deed;
use App\Models\Lesson;
use App\Models\ShareLink;
use App\Models\Student;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * Who saw and who changed what of a student stands in the trail: a line a day for each person and each of the two, not one for each ball.
 * Written once the answer is on its way.
 */
final readonly class WhoSaw
{
    public function __construct(private AuditTrail $trail) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(Request $request, Response $response): void
    {
        if (! $response->isSuccessful()) {
            return;
        }
        $token = $request->route('token');
        $link = \is_string($token) ? ShareLink::open($token) : null;
        $student = $link === null ? self::studentOf($request) : $link->student;
        $coach = $request->user();
        if ($student === null || ($link === null && ! $coach instanceof User)) {
            return;
        }
        $deed = match (true) {
            str_starts_with((string) $request->route()?->getName(), 'still.show') => Deed::SawPicture,
            $request->isMethodSafe() => Deed::Saw,
            default => Deed::Changed,
        };
        $who = $link === null ? $coach->id : "link {$link->id}";
        if (! Cache::add("{$deed->value} {$who} {$student->id}", true, now()->endOfDay())) {
            return;
        }
        $link === null
            ? $this->trail->note($coach, $deed, $student->id)
            : $this->trail->noteLink($student, $deed, $link->maker->name ?? '');
    }

    private static function studentOf(Request $request): ?Student
    {
        $student = $request->route('student');
        $lesson = $request->route('lesson');
        $id = $request->route('studentId');

        return match (true) {
            $student instanceof Student => $student,
            $lesson instanceof Lesson => $lesson->student,
            default => \is_string($id) ? Student::query()->find($id) : null,
        };
    }
}
