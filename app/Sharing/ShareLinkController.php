<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\ConsentPurpose;
use App\Models\SecretToken;
use App\Models\ShareLink;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

/** Private links to a student's page: made, listed and revoked by the coach. */
final class ShareLinkController
{
    /** All links of a student. */
    #[Endpoint(ShareLinkResource::class, list: true)]
    public function index(Student $student): AnonymousResourceCollection
    {
        Gate::authorize('view', $student);

        return ShareLinkResource::collection($student->links()->get());
    }

    /** Makes a link; its path is told now and never again. */
    #[Endpoint(ShareLinkResource::class, status: 201)]
    public function store(#[Body(MakeLink::class)] MakeLink $body, Student $student, #[CurrentUser] User $coach): JsonResponse
    {
        Gate::authorize('update', $student);
        $student->demandConsent(ConsentPurpose::Link);
        $token = SecretToken::make();
        $link = $student
            ->links()
            ->create(['coach_id' => $coach->id, 'token_hash' => $token->hash, 'expires_at' => now()->addDays($body->days)]);

        return (new ShareLinkResource($link))
            ->withPath("/p/{$token->plain}")
            ->response()
            ->setStatusCode(201);
    }

    /** Revokes a link. */
    #[Endpoint(ShareLinkResource::class)]
    public function destroy(Student $student, ShareLink $link): ShareLinkResource
    {
        Gate::authorize('update', $student);
        abort_if($link->student_id !== $student->id, 404);
        $link->update(['revoked_at' => $link->revoked_at ?? now()]);

        return new ShareLinkResource($link);
    }

    /** Opens a link again that was revoked by mistake; one that has run out stays closed. */
    #[Endpoint(ShareLinkResource::class, refuses: [409, 422])]
    public function restore(Student $student, ShareLink $link): ShareLinkResource
    {
        Gate::authorize('update', $student);
        abort_if($link->student_id !== $student->id, 404);
        $student->demandConsent(ConsentPurpose::Link);
        abort_if($link->closed_by_student, 409, 'The student has closed this page. Ask him, and make a new link.');
        $link->update(['revoked_at' => null]);

        return new ShareLinkResource($link);
    }
}
