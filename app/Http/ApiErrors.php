<?php

declare(strict_types=1);

namespace App\Http;

use App\Store\FileFailure;
use App\Store\ForeignStore;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Wording\Refusals;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * What goes wrong, as JSON that a screen can show: a plain sentence, and for bad input one fault per field
 * with its key, the value that was sent and what is allowed.
 */
final class ApiErrors
{
    /** Client error numbers of MariaDB for "cannot connect", "gone away", "lost connection", "too many connections", "shutting down". */
    private const STORE_IS_AWAY = [1040, 1053, 1927, 2002, 2003, 2006, 2013];

    /** ... for "disk full", "table full", "error writing file", "error from the storage engine". */
    private const NO_ROOM = [1021, 1114, 1026, 1030, 3];

    /** Never told back: a password, and the one there is now. */
    private const SECRET = ['password', 'now'];

    private const REPORTS_A_MINUTE = 3;

    /** Nobody reads more. */
    private const MOST_FAULTS = 200;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->dontReport([InvalidInput::class]);
        // By name: the address of a private link is its key.
        $route = static fn(): array => array_filter(['route' => Route::currentRouteName()]);
        $exceptions->context($route);
        // Without the values: names and notes of students do not belong into a log.
        $exceptions
            ->report(static function (QueryException $e) use ($route): void {
                $said = preg_replace("/'.*' for /s", '… for ', $e->getPrevious()?->getMessage() ?? 'refused');
                Log::error("The record store: {$said}", ['sql' => $e->getSql(), ...$route()]);
            })
            ->stop();
        // The worker asks every second: a store that is away for an hour must not fill the log.
        $exceptions->throttle(
            static fn(\Throwable $e): ?Limit => $e instanceof QueryException && self::says($e, self::STORE_IS_AWAY)
                ? Limit::perMinute(self::REPORTS_A_MINUTE)->by('store is away')
                : null,
        );

        $exceptions->render(
            static fn(InvalidInput $e): JsonResponse => self::faults(
                array_map(
                    static fn(Fault $fault): array => [
                        'key' => $fault->key,
                        'value' => $fault->shownValue(),
                        'allowed' => $fault->allowed,
                        'message' => app(Refusals::class)->say($fault),
                    ],
                    $e->faults,
                ),
            ),
        );
        $exceptions->render(
            static fn(ValidationException $e, Request $request): ?JsonResponse => $request->is('api/*')
                ? self::faults(self::ofValidation($e, $request))
                : null,
        );
        $exceptions->render(
            static fn(AuthenticationException $e, Request $request): ?JsonResponse => self::say(
                $request,
                401,
                'You are signed out. Sign in again; what you entered is kept on this device.',
            ),
        );
        $exceptions->render(
            static fn(AccessDeniedHttpException $e, Request $request): ?JsonResponse => self::say(
                $request,
                403,
                $e->getPrevious() === null && $e->getMessage() !== '' ? $e->getMessage() : 'This belongs to another coach’s student.',
            ),
        );
        $exceptions->render(
            static fn(NotFoundHttpException $e, Request $request): ?JsonResponse => self::say(
                $request,
                404,
                $e->getPrevious() instanceof ModelNotFoundException
                    ? 'This record does not exist, or no longer.'
                    : ($request->is('api/shared/*') && $e->getMessage() !== ''
                        ? $e->getMessage()
                        : 'There is no such address.'),
            ),
        );
        $exceptions->render(
            static fn(ThrottleRequestsException $e, Request $request): ?JsonResponse => self::say(
                $request,
                429,
                'Too many requests from here. Wait a minute and try again.',
            ),
        );
        $exceptions->render(
            static fn(HttpException $e, Request $request): ?JsonResponse => $e->getPrevious() instanceof TokenMismatchException
                ? self::say($request, 419, 'The session has ended. Sign in again; what you entered is kept on this device.')
                : null,
        );
        $exceptions->render(
            static fn(UniqueConstraintViolationException $e, Request $request): ?JsonResponse => self::say(
                $request,
                409,
                'There is a record with this id already, perhaps a deleted one. Nothing was changed; what you entered is kept on '
                    .'this device.',
            ),
        );
        $exceptions->render(
            static fn(HttpException $e, Request $request): ?JsonResponse => $e->getStatusCode() === 410
                ? self::say($request, 410, $e->getMessage())
                : null,
        );
        // The store is asked within a query too.
        $exceptions->render(
            static fn(\Throwable $e): ?JsonResponse => $e instanceof ForeignStore || $e->getPrevious() instanceof ForeignStore
                ? new JsonResponse(
                    [
                        'message' =>
                            'This server has the settings of another installation and answers nothing until it is started again. '
                                .'Nothing was changed; what you entered is kept on this device and will be sent again.',
                    ],
                    503,
                )
                : null,
        );
        $exceptions->render(
            static fn(QueryException $e, Request $request): ?JsonResponse => self::says($e, self::STORE_IS_AWAY)
                ? self::say(
                    $request,
                    503,
                    'The record store cannot be reached. Nothing was changed; what you entered is kept on this device and will be '
                        .'sent again.',
                )
                : null,
        );
        $exceptions->render(
            static fn(FileFailure $e, Request $request): ?JsonResponse => $e->isOfWriting
                ? self::say(
                    $request,
                    503,
                    'The server cannot keep this file: where files lie there is no room, or it cannot be reached. Nothing was changed; '
                        .'try it again in a while.',
                )
                : null,
        );
        // Also where no record is written: a session cannot be kept either.
        $exceptions->render(
            static fn(\Throwable $e, Request $request): ?JsonResponse => self::hasNoRoom($e)
                ? self::say(
                    $request,
                    503,
                    'The disk of the server is full. Nothing was changed; what you entered is kept on this device and will be sent '
                        .'again once there is room.',
                )
                : null,
        );
    }

    private static function say(Request $request, int $status, string $message): ?JsonResponse
    {
        return $request->is('api/*') ? new JsonResponse(['message' => $message], $status) : null;
    }

    /** @param list<array{key: string, value: string, allowed: string, message: string}> $faults */
    private static function faults(array $faults): JsonResponse
    {
        $told = \array_slice($faults, 0, self::MOST_FAULTS);

        return new JsonResponse(['message' => $told[0]['message'] ?? 'The input is not valid.', 'faults' => $told], 422);
    }

    /** @return list<array{key: string, value: string, allowed: string, message: string}> */
    private static function ofValidation(ValidationException $e, Request $request): array
    {
        $faults = [];
        foreach ($e->errors() as $key => $messages) {
            $value = (new Fault($key, \in_array($key, self::SECRET, true) ? '…' : $request->input($key), ''))->shownValue();
            $faults[] = ['key' => $key, 'value' => $value, 'allowed' => '', 'message' => $messages[0] ?? 'not valid'];
        }

        return $faults;
    }

    private static function hasNoRoom(\Throwable $e): bool
    {
        return ($e instanceof QueryException && self::says($e, self::NO_ROOM))
            // PHP says it in two ways, for what it cannot begin and for what it cannot end.
            || preg_match('/No space left on device|possibly out of free disk space|Disk quota exceeded/', $e->getMessage()) === 1;
    }

    /** @param list<int> $numbers error numbers of MariaDB */
    private static function says(QueryException $e, array $numbers): bool
    {
        $previous = $e->getPrevious();
        $number = $previous instanceof \PDOException ? $previous->errorInfo[1] ?? $previous->getCode() : 0;

        return \in_array((int) $number, $numbers, true);
    }
}
