<?php

declare(strict_types=1);

namespace App\Audit;

use App\Contract\Endpoint;
use App\Models\ShareLink;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Who saw and changed what of a student. */
final class StudentTrailController
{
    public function __construct(private readonly AuditTrail $trail) {}

    /** For his coaches, the latest first, a page at a time. */
    #[Endpoint(AuditResource::class, query: ['page' => 'from 1 on'])]
    public function ofStudent(Request $request, Student $student): AuditResource
    {
        Gate::authorize('view', $student);

        return $this->trail->ofStudent($student, self::page($request));
    }

    /** For the student, or the guardian, who holds a link. */
    #[Endpoint(AuditResource::class, query: ['page' => 'from 1 on'])]
    public function ofLink(Request $request, string $token): AuditResource
    {
        return $this->trail->ofStudent(ShareLink::openOrGone($token)->student, self::page($request));
    }

    private static function page(Request $request): int
    {
        $request->validate(['page' => ['integer', 'min:1', 'max:100000']]);

        return $request->integer('page', 1);
    }
}
