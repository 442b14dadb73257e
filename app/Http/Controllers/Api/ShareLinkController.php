<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\ShareLink;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** Private links to a student's page: made, listed and revoked by the coach. */
final class ShareLinkController
{
    private const TOKEN_LENGTH = 43;

    public function index(Student $student): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse($student->links()->get()->map(self::shown(...)));
    }

    public function store(Request $request, Student $student): JsonResponse
    {
        Gate::authorize('view', $student);
        $request->validate(['days' => ['required', 'integer', 'between:1,365']]);
        // 43 letters and digits: more than 2^250 of them. Told now and never again.
        $token = Str::random(self::TOKEN_LENGTH);
        $link = $student->links()->create(['token_hash' => ShareLink::hash($token), 'expires_at' => now()->addDays($request->integer('days'))]);

        return new JsonResponse(['path' => "/p/{$token}"] + self::shown($link), 201);
    }

    public function destroy(Student $student, ShareLink $link): JsonResponse
    {
        Gate::authorize('view', $student);
        abort_if($link->student_id !== $student->id, 404);
        $link->update(['revoked_at' => $link->revoked_at ?? now()]);

        return new JsonResponse(self::shown($link));
    }

    /** @return array<string, mixed> */
    private static function shown(ShareLink $link): array
    {
        return [
            'id' => $link->id, 'open' => $link->isOpen(), 'made_at' => $link->created_at->toIso8601String(), 'expires_at' => $link->expires_at->toIso8601String(),
            'revoked_at' => $link->revoked_at?->toIso8601String(), 'opened_at' => $link->opened_at?->toIso8601String(),
        ];
    }
}
