<?php

declare(strict_types=1);

namespace App\Practice;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\PracticeNote;
use App\Models\ShareLink;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** What a student says of his practice on his page: that it hurts, that there was no time, that he did more. */
final class PracticeNoteController
{
    /** Says it, once, however often it is sent. */
    #[Endpoint(PracticeNoteResource::class, refuses: [403])]
    public function put(#[Body(PutPracticeNote::class)] PutPracticeNote $body, string $token, string $noteId): PracticeNoteResource
    {
        $student = ShareLink::openOrGone($token)->student;
        $note = PracticeNote::query()->find($noteId) ?? new PracticeNote(['id' => $noteId, 'student_id' => $student->id]);
        abort_if($note->student_id !== $student->id, 403);
        $note->fill(['kind' => $body->kind, 'said_at' => Carbon::instance($body->saidAt)->utc()])->save();

        return new PracticeNoteResource($note);
    }

    /** Takes it back. */
    #[Endpoint(status: 204)]
    public function destroy(string $token, string $noteId): Response
    {
        ShareLink::openOrGone($token)->student->practiceNotes()->find($noteId)?->delete();

        return new Response(status: 204);
    }
}
