<?php

declare(strict_types=1);

namespace App\Academy;

use App\Account\Accounts;
use App\Audit\AuditResource;
use App\Audit\AuditTrail;
use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\Role;
use App\Models\User;
use App\Students\StudentController;
use App\Students\StudentPageResource;
use App\Students\StudentResource;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Records\Write;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The academy of the coach who is signed in. */
final class AcademyController
{
    public function __construct(private readonly AuditTrail $trail) {}

    /** The academy and who works in it. */
    #[Endpoint(AcademyResource::class)]
    public function show(#[CurrentUser] User $coach): AcademyResource
    {
        return new AcademyResource($coach->academy);
    }

    /** Its name, the school in which each shot is taught, and whether a second factor is asked of all. */
    #[Endpoint(AcademyResource::class)]
    public function put(#[Body(PutAcademy::class)] PutAcademy $body, #[CurrentUser] User $lead): AcademyResource
    {
        Gate::authorize('lead', $lead->academy);
        $before = $lead->academy->schools;
        $lead->academy->update(array_filter(Write::record($body), static fn(mixed $said): bool => $said !== null));
        if ($before != $lead->academy->schools) {
            $this->trail->note($lead, Deed::SchoolsSet, about: $lead->academy->schools);
        }

        return new AcademyResource($lead->academy);
    }

    /** Coaches with what they do, and what becomes of the causes that are found. */
    #[Endpoint(OutlookResource::class)]
    public function outlook(#[CurrentUser] User $lead, Outlook $outlook): OutlookResource
    {
        Gate::authorize('lead', $lead->academy);

        return new OutlookResource([
            'coaches' => $outlook->coaches($lead->academy, $lead->today()),
            'outcomes' => $outlook->outcomes($lead->academy),
        ]);
    }

    /** The students of one coach, by name, a page at a time. */
    #[Endpoint(StudentPageResource::class, query: ['page' => 'from 1 on'])]
    public function students(User $coach): StudentPageResource
    {
        Gate::authorize('lead', $coach);
        $page = $coach
            ->students()
            ->with('coach', 'shares')
            ->withCount('lessons')
            ->orderBy('name')
            ->orderBy('id')
            ->simplePaginate(StudentController::PAGE);

        return new StudentPageResource([
            'students' => StudentResource::collection($page->items()),
            'next_page' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }

    /** Gives a coach another role, or lets him go: who has left signs in no more, and his students wait to be handed over. */
    #[Endpoint(AcademyResource::class)]
    public function putCoach(
        #[Body(PutCoach::class)]
        PutCoach $body,
        User $coach,
        #[CurrentUser]
        User $lead,
        Accounts $accounts,
    ): AcademyResource {
        Gate::authorize('lead', $coach);
        DB::transaction(function () use ($body, $coach, $lead, $accounts): void {
            // Two leads at once must not leave an academy without any.
            $leads = User::query()
                ->where('academy_id', $lead->academy_id)
                ->where('role', Role::Lead)
                ->whereNull('left_at')
                ->lockForUpdate()
                ->pluck('id');
            [$role, $left] = [$body->role, $body->left];
            abort_if(
                $leads->diff([$coach->id])->isEmpty() && ($left || $role !== Role::Lead),
                409,
                'Somebody has to lead the academy. Make another coach a lead first.',
            );
            if ($role !== $coach->role) {
                $coach->update(['role' => $role]);
                $this->trail->note($lead, Deed::RoleChanged, about: ['coach' => $coach->name, 'role' => $role->value]);
            }
            if ($left !== ($coach->left_at !== null)) {
                $coach->update(['left_at' => $left ? now() : null]);
                $this->trail->note($lead, $left ? Deed::Left : Deed::CameBack, about: ['coach' => $coach->name]);
                $accounts->endSessions($coach);
            }
        }, attempts: 3);

        return new AcademyResource($lead->academy->refresh());
    }

    /** Who did what, the latest first, a page at a time. */
    #[Endpoint(AuditResource::class, query: ['page' => 'from 1 on'])]
    public function audit(Request $request, #[CurrentUser] User $lead): AuditResource
    {
        Gate::authorize('lead', $lead->academy);
        $request->validate(['page' => ['integer', 'min:1']]);

        return $this->trail->ofAcademy($lead->academy_id, $request->integer('page', 1));
    }

    /** All of it as a sheet, the oldest first. */
    #[Endpoint(type: 'text/csv')]
    public function auditSheet(#[CurrentUser] User $lead): StreamedResponse
    {
        Gate::authorize('lead', $lead->academy);
        $this->trail->note($lead, Deed::Exported, about: ['what' => 'audit trail']);

        return response()->streamDownload(
            fn() => $this->trail->writeCsv($lead->academy_id),
            'audit-'.now()->format('Y-m-d').'.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }
}
