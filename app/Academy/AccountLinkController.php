<?php

declare(strict_types=1);

namespace App\Academy;

use App\Account\Accounts;
use App\Account\CoachResource;
use App\Contract\Endpoint;
use App\Models\AccountLink;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;

/** Links by which coaches come in, and back in. */
final class AccountLinkController
{
    public function __construct(private readonly Doors $doors) {}

    /** Links that still open something. */
    #[Endpoint(AccountLinkResource::class, list: true)]
    public function index(#[CurrentUser] User $lead): AnonymousResourceCollection
    {
        Gate::authorize('lead', $lead->academy);

        return AccountLinkResource::collection(
            AccountLink::living()->with('coach')->where('academy_id', $lead->academy_id)->orderByDesc('id')->get(),
        );
    }

    /** Makes a link; its path is told now and never again. */
    #[Endpoint(AccountLinkResource::class, status: 201)]
    public function store(MakeAccountLinkRequest $request, #[CurrentUser] User $lead): JsonResponse
    {
        Gate::authorize('lead', $lead->academy);
        $for = $request->filled('coach_id') ? User::query()->findOrFail($request->string('coach_id')->value()) : null;
        if ($for !== null) {
            Gate::authorize('lead', $for);
        }
        [$link, $token] =
            $for === null
                ? $this->doors->invite($lead, $request->enum('role', Role::class) ?? Role::Coach)
                : $this->doors->reset($lead, $for);
        $path = "/door/{$token->plain}";
        $to = $for->email ?? $request->string('email')->value();
        // Nobody needs a mail server: where none is set up the lead hands the link on.
        $mailed = $to !== '' && config('mail.default') !== null;
        if ($mailed) {
            Mail::to($to)->send(new AccountLinkMail($lead, url($path), $link->expires_at, $for === null));
        }

        return (new AccountLinkResource($link))->made($path, $mailed)->response()->setStatusCode(201);
    }

    /** Closes a link that was not used. */
    #[Endpoint(status: 204)]
    public function destroy(AccountLink $accountLink, #[CurrentUser] User $lead): JsonResponse
    {
        abort_unless($accountLink->academy_id === $lead->academy_id, 404);
        Gate::authorize('lead', $lead->academy);
        AccountLink::living()->whereKey($accountLink->id)->update(['revoked_at' => now()]);

        return new JsonResponse(null, 204);
    }

    /** What a link opens, for whoever holds it. */
    #[Endpoint(DoorResource::class, refuses: [410])]
    public function door(string $token): DoorResource
    {
        return new DoorResource($this->open($token));
    }

    /** Goes through, once, and signs in. */
    #[Endpoint(CoachResource::class, refuses: [410, 429])]
    public function enter(UseAccountLinkRequest $request, string $token): CoachResource
    {
        // Only pages of this origin get a session.
        abort_unless($request->hasSession(), 403);
        $link = $this->open($token);
        if ($link->coach_id === null) {
            /** @var array{name: string, email: string, password: string} $of */
            $of = $request->safe(['name', 'email', 'password']);
            Accounts::demandFree($of['email'], $link->id);
            $coach = $this->doors->join($link, $of);
        } else {
            $coach = $this->doors->changePassword($link, $request->string('password')->value(), (string) $request->ip());
        }
        abort_if($coach === null, 410, self::gone());
        Auth::guard('web')->login($coach, remember: true);
        $request->session()->regenerate();

        return new CoachResource($coach);
    }

    private function open(string $token): AccountLink
    {
        return $this->doors->find($token) ?? abort(410, self::gone());
    }

    private static function gone(): string
    {
        return 'This link is used or has run out. Ask the lead of your academy for a new one.';
    }
}
