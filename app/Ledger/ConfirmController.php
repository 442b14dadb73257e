<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Lesson;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\Line;

/** What it really was that a lesson worked on, where the coach says so. */
final class ConfirmController
{
    /** The cause it was, that nothing was wrong, or not said any more. */
    #[Endpoint(ConfirmedResource::class)]
    public function __invoke(#[Body(PutConfirmed::class)] PutConfirmed $body, Lesson $lesson): ConfirmedResource
    {
        Gate::authorize('update', $lesson);
        $given = $lesson->prescription()->firstOrFail();
        $could = Line::couldBe(CaseReader::task($lesson->task));
        if ($body->confirmed !== null && ! \in_array($body->confirmed, $could, true)) {
            throw InvalidInput::one('confirmed', $body->confirmed, implode(', ', $could));
        }
        $given->update(['confirmed' => $body->confirmed]);

        return new ConfirmedResource(['confirmed' => $given->confirmed]);
    }
}
