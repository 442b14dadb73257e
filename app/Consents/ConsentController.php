<?php

declare(strict_types=1);

namespace App\Consents;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Consent;
use App\Models\Student;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

/** What the guardians of a child have agreed to. */
final class ConsentController
{
    /** All of a student, the latest first; those withdrawn too. */
    #[Endpoint(ConsentResource::class, list: true)]
    public function index(Student $student): AnonymousResourceCollection
    {
        Gate::authorize('view', $student);

        return ConsentResource::collection($student->consents()->get());
    }

    /** Records one; the same id twice is recorded once. */
    #[Endpoint(ConsentResource::class)]
    public function put(#[Body(PutConsent::class)] PutConsent $body, Student $student, string $consentId): ConsentResource
    {
        Gate::authorize('update', $student);
        $known = Consent::query()->find($consentId);
        abort_if($known !== null && $known->student_id !== $student->id, 403);
        $consent = $student->consents()->firstOrCreate(['id' => $consentId], [
            'purpose' => $body->purpose->value,
            'given_by' => $body->givenBy,
            'given_at' => $body->givenOn === null ? now() : Carbon::instance($body->givenOn),
        ]);

        return new ConsentResource($consent);
    }

    /** Withdraws it: links are revoked, pictures are deleted; that it was given stays on record. */
    #[Endpoint(ConsentResource::class)]
    public function withdraw(Student $student, Consent $consent, Withdrawal $withdrawal): ConsentResource
    {
        Gate::authorize('update', $student);
        $withdrawal->of($consent);

        return new ConsentResource($consent);
    }
}
