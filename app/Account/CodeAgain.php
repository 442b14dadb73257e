<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Student;
use App\Models\User;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What takes much away, or opens much, wants the second factor once more: an unlocked device that lies about is not enough. Who has none is
 * asked nothing, unless his academy asks it of all.
 */
final class CodeAgain
{
    /** Where a browser goes that was to fetch a file. */
    private const ASKED_AT = '/you#second-factor';

    /**
     * @param  Closure(Request): Response  $next
     * @param  string  $of  "child" = only where it is about one
     */
    public function handle(Request $request, Closure $next, string $of = ''): Response
    {
        $student = $request->route('student');
        if ($of === 'child' && $student instanceof Student && ! $student->needsGuardian()) {
            return $next($request);
        }
        $coach = $request->user();
        $said = match (true) {
            ! $coach instanceof User => null,
            $coach->hasSecondFactor() => SecondFactor::isFresh($request)
                ? null
                : 'Say the code of your second factor once more (You, Second factor), then do this again.',
            default => $coach->academy->asks_second_factor
                ? 'Your academy asks for a second factor before this: set one up (You, Second factor).'
                : null,
        };

        return match (true) {
            $said === null => $next($request),
            $request->expectsJson() => new JsonResponse(['message' => $said], 403),
            default => redirect(self::ASKED_AT),
        };
    }
}
