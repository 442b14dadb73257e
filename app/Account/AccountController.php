<?php

declare(strict_types=1);

namespace App\Account;

use App\Audit\AuditTrail;
use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\CaseFile\UsualRequest;
use LowPoint\Core\Club\Bag;

/** A coach's own account. */
final class AccountController
{
    public function __construct(
        private readonly Accounts $accounts,
        private readonly AuditTrail $trail,
    ) {}

    /** Whether nobody has an account here yet. */
    #[Endpoint(FirstStartResource::class)]
    public function firstStart(): FirstStartResource
    {
        return new FirstStartResource(['needed' => User::query()->doesntExist()]);
    }

    /** Makes the first account, and signs it in; refused as soon as there is one. */
    #[Endpoint(CoachResource::class, refuses: [403, 409])]
    public function makeFirst(FirstAccountRequest $request): CoachResource
    {
        // Only pages of this origin get a session.
        abort_unless($request->hasSession(), 403);
        $coach = DB::transaction(function () use ($request): User {
            abort_if(User::query()->lockForUpdate()->exists(), 409, 'There is an account already: sign in.');
            /** @var array{name: string, email: string, password: string} $of */
            $of = $request->validated();

            return $this->accounts->make($of);
        });
        Auth::guard('web')->login($coach, remember: true);
        $request->session()->regenerate();

        return new CoachResource($coach);
    }

    /** Name, units, clubs, and how he likes to begin; what is not named stays as it is. */
    #[Endpoint(CoachResource::class)]
    public function put(#[Body(PutAccount::class)] PutAccount $body, Request $request, #[CurrentUser] User $coach): CoachResource
    {
        // What is not said stays as it is; null is said.
        $coach->fill(array_intersect_key([
            'name' => $body->name,
            'units' => $body->units,
            'bag' => Bag::kept($body->bag),
            'usual' => UsualRequest::read($body->usual ?? []),
            'equipment' => $body->equipment,
            'timezone' => $body->timezone,
            'week_starts' => $body->weekStarts ?? $coach->week_starts,
            'keeps_stills' => $body->keepsStills ?? $coach->keeps_stills,
            'asks_first' => $body->asksFirst ?? $coach->asks_first,
        ], $request->post()))->save();

        return new CoachResource($coach);
    }

    /** Another address to sign in with, for who knows the password. */
    #[Endpoint(CoachResource::class, refuses: [429])]
    public function changeEmail(ChangeEmailRequest $request, #[CurrentUser] User $coach): CoachResource
    {
        $this->accounts->demandPassword($coach, $request->string('now')->value());
        Accounts::demandFree($request->string('email')->value(), $coach->id, $coach);
        $before = $coach->email;
        $coach->update($request->safe(['email']));
        $this->trail->note($coach, Deed::EmailChanged, about: ['before' => $before]);

        return new CoachResource($coach);
    }

    /** Another password, for who knows the old one; all other sessions end. */
    #[Endpoint(status: 204, refuses: [429])]
    public function changePassword(ChangePasswordRequest $request, #[CurrentUser] User $coach): JsonResponse
    {
        $this->accounts->demandPassword($coach, $request->string('now')->value());
        $here = $request->hasSession() ? $request->session()->getId() : null;
        $this->accounts->changePassword($coach, $request->string('password')->value(), $here);
        $this->trail->note($coach, Deed::PasswordChanged);
        Auth::guard('web')->login($coach, remember: true);

        return new JsonResponse(null, 204);
    }
}
