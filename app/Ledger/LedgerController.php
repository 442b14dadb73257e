<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Audit\AuditTrail;
use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\User;
use App\Models\WhatWasLearned;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Ledger\Ledger;

/** What an academy learns from its outcomes, for its lead. */
final readonly class LedgerController
{
    public function __construct(private AuditTrail $trail) {}

    /** What was learned at last, in sentences, and whether readings go by it. */
    #[Endpoint(LedgerResource::class)]
    public function show(#[CurrentUser] User $lead): LedgerResource
    {
        Gate::authorize('lead', $lead->academy);

        return new LedgerResource($lead->academy);
    }

    /** Whether readings may go by what was learned, where it proves itself. */
    #[Endpoint(LedgerResource::class)]
    public function put(#[Body(PutLedger::class)] PutLedger $body, #[CurrentUser] User $lead): LedgerResource
    {
        Gate::authorize('lead', $lead->academy);
        DB::transaction(function () use ($body, $lead): void {
            WhatWasLearned::of($lead->academy)->fill(['wanted' => $body->wanted])->settle($lead->academy);
            $this->trail->note($lead, Deed::LearningSwitched, about: ['to' => $body->wanted ? 'on' : 'off']);
        }, attempts: 3);

        return new LedgerResource($lead->academy);
    }

    /** Learns now and not at night, beside the web server. */
    #[Endpoint(LedgerResource::class, status: 202)]
    public function learn(#[CurrentUser] User $lead): JsonResponse
    {
        Gate::authorize('lead', $lead->academy);
        LearnFromOutcomes::ask($lead->academy_id);

        return (new LedgerResource($lead->academy->refresh()))->response()->setStatusCode(202);
    }

    /** The ledger, a line a piece of work that came to an end; whose it was stands nowhere in it. */
    #[Endpoint(type: 'application/x-ndjson')]
    public function lines(#[CurrentUser] User $lead, EndedWorks $works): Response
    {
        Gate::authorize('lead', $lead->academy);
        $this->trail->note($lead, Deed::Exported, about: ['what' => 'ledger']);

        return new Response(Ledger::toJsonLines($works->of($lead->academy)), 200, [
            'Content-Type' => 'application/x-ndjson',
            'Content-Disposition' => 'attachment; filename="ledger-'.now()->format('Y-m-d').'.jsonl"',
        ]);
    }
}
