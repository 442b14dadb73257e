<?php

declare(strict_types=1);

namespace App\Account;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A coach's second factor: one-time codes of a device of his. */
final class SecondFactorController
{
    public function __construct(
        private readonly SecondFactor $factor,
        private readonly Accounts $accounts,
    ) {}

    /** Makes a secret, for who knows the password; told now and never again, in force once a code of it was said. */
    #[Endpoint(SecretResource::class, status: 201, refuses: [409, 429])]
    public function begin(#[Body(SayPassword::class)] SayPassword $body, #[CurrentUser] User $coach): JsonResponse
    {
        abort_if($coach->hasSecondFactor(), 409, 'There is one already: take it away first.');
        $this->accounts->demandPassword($coach, $body->now);

        return (new SecretResource($this->factor->begin($coach)))->response()->setStatusCode(201);
    }

    /** A code of it was said: from now on it is asked for. The codes for the day the device is lost are told once. */
    #[Endpoint(RecoveryCodesResource::class, refuses: [409, 429])]
    public function turnOn(#[Body(SayCode::class)] SayCode $body, Request $request, #[CurrentUser] User $coach): RecoveryCodesResource
    {
        return new RecoveryCodesResource(['codes' => $this->factor->turnOn($coach, $body->code, $request)]);
    }

    /** Says a code once more, for what is asked it again; it holds for some minutes. */
    #[Endpoint(status: 204, refuses: [409, 429])]
    public function say(#[Body(SayCode::class)] SayCode $body, Request $request, #[CurrentUser] User $coach): JsonResponse
    {
        abort_unless($coach->hasSecondFactor(), 409, 'There is no second factor.');
        $this->factor->demand($coach, $body->code, $request);

        return new JsonResponse(null, 204);
    }

    /** Takes it away, for who knows the password and has said a code. */
    #[Endpoint(status: 204, refuses: [409, 429])]
    public function turnOff(#[Body(SayPassword::class)] SayPassword $body, Request $request, #[CurrentUser] User $coach): JsonResponse
    {
        $this->accounts->demandPassword($coach, $body->now);
        abort_unless(! $coach->hasSecondFactor() || SecondFactor::isFresh($request), 409, 'Say a code of it once more first.');
        $this->factor->turnOff($coach);

        return new JsonResponse(null, 204);
    }
}
