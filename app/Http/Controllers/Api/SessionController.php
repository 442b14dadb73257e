<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\SignInRequest;
use App\Http\Resources\CoachResource;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Cookie session of a coach. */
final class SessionController
{
    public function store(SignInRequest $request): CoachResource|JsonResponse
    {
        // Only pages of this origin get a session.
        abort_unless($request->hasSession(), 403);
        if (! self::guard()->attempt($request->safe(['email', 'password']), remember: true)) {
            return new JsonResponse(['message' => 'Address and password do not belong together.'], 422);
        }
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function show(Request $request): CoachResource
    {
        /** @var User $coach */
        $coach = self::guard()->user();

        return new CoachResource($coach);
    }

    public function destroy(Request $request): JsonResponse
    {
        self::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }

    private static function guard(): StatefulGuard
    {
        $guard = Auth::guard('web');
        \assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
