<?php

declare(strict_types=1);

namespace App\Account;

use App\Audit\AuditTrail;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Timebox;

/** Cookie session of a coach. */
final class SessionController
{
    /** Wrong passwords a minute. */
    private const FAILURES_FOR_ONE = 6;

    private const FAILURES_FROM_A_PLACE = 30;

    /** Signs a coach in. */
    #[Endpoint(CoachResource::class, refuses: [403, 429])]
    public function store(SignInRequest $request, AuditTrail $trail, SecondFactor $factor): CoachResource|JsonResponse
    {
        // Only pages of this origin get a session.
        abort_unless($request->hasSession(), 403);
        // Failures count, for one address from one place and for the place: the right password from elsewhere still gets in.
        $place = 'sign-in '.$request->ip();
        $tries = [
            $place.' '.strtolower($request->string('email')->value()) => self::FAILURES_FOR_ONE,
            $place => self::FAILURES_FROM_A_PLACE,
        ];
        foreach ($tries as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw new ThrottleRequestsException(headers: ['Retry-After' => RateLimiter::availableIn($key)]);
            }
        }
        $known = self::known($request);
        // The code is asked before anybody is signed in.
        $withCode = static function (User $coach) use ($factor, $request): bool {
            if ($coach->hasSecondFactor()) {
                $factor->demand($coach, $request->string('code')->value(), $request);
            }

            return true;
        };
        $who = [...$request->safe(['email', 'password']), 'left_at' => null];
        if ($known === null || ! self::guard()->attemptWhen($who, $withCode, remember: true)) {
            array_map(static fn(string $key): int => RateLimiter::hit($key), array_keys($tries));
            if ($known !== null) {
                $trail->note($known, Deed::NotSignedIn, about: ['from' => (string) $request->ip()]);
            }

            return new JsonResponse(['message' => 'Address and password do not belong together.'], 422);
        }
        RateLimiter::clear(array_key_first($tries));
        $request->session()->regenerate();
        /** @var User $coach */
        $coach = self::guard()->user();
        $trail->note($coach, Deed::SignedIn, about: ['from' => (string) $request->ip()]);

        return new CoachResource($coach);
    }

    /** The coach who is signed in. */
    #[Endpoint(CoachResource::class)]
    public function show(Request $request): CoachResource
    {
        /** @var User $coach */
        $coach = self::guard()->user();

        return new CoachResource($coach);
    }

    /** Where the coach is signed in, the latest first. */
    #[Endpoint(SessionResource::class, list: true)]
    public function index(#[CurrentUser] User $coach): AnonymousResourceCollection
    {
        return SessionResource::collection(self::sessions($coach)->orderByDesc('last_activity')->get());
    }

    /** Ends all other sessions of the coach; devices that are remembered have to sign in again. */
    #[Endpoint(status: 204)]
    public function endOthers(Request $request, #[CurrentUser] User $coach, Accounts $accounts): JsonResponse
    {
        abort_unless($request->hasSession(), 403);
        $accounts->endSessions($coach, $request->session()->getId());
        // This device is remembered anew.
        self::guard()->login($coach, remember: true);

        return new JsonResponse(null, 204);
    }

    /**
     * Ends another session of the coach. No device is remembered from then on but the one that asks: the others stay signed in while
     * their sessions last.
     */
    #[Endpoint(status: 204)]
    public function end(string $key, Request $request, #[CurrentUser] User $coach, Accounts $accounts): JsonResponse
    {
        abort_unless($request->hasSession(), 403);
        $here = $request->session()->getId();
        $ids = self::sessions($coach)->where('id', '!=', $here)->pluck('id');
        $id = $ids->first(static fn(string $one): bool => hash_equals(SessionResource::key($one), $key));
        abort_if($id === null, 404);
        $accounts->endSession($coach, $id);
        self::guard()->login($coach, remember: true);

        return new JsonResponse(null, 204);
    }

    private static function sessions(User $coach): Builder
    {
        return DB::table('sessions')->where('user_id', $coach->id);
    }

    /** Signs out; the session is gone. */
    #[Endpoint(status: 204)]
    public function destroy(Request $request): JsonResponse
    {
        self::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // The next coach at this device finds nothing of it in the browser's cache.
        return new JsonResponse(null, 204, ['Clear-Site-Data' => '"cache"']);
    }

    /** Where there is no such account it takes as long as a wrong password: nobody learns by the time who has one. */
    private static function known(SignInRequest $request): ?User
    {
        $email = $request->string('email')->value();
        $known = DemoSignIn::isRefused($email) ? null : User::query()->where('email', $email)->whereNull('left_at')->first();
        if ($known === null) {
            (new Timebox)->call(
                static fn(): string => Hash::make($request->string('password')->value()),
                (int) config('auth.timebox_duration', 200_000),
            );
        }

        return $known;
    }

    private static function guard(): SessionGuard
    {
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');

        return $guard;
    }
}
