<?php

declare(strict_types=1);

namespace App\Practice;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Figures\DrillSvg;
use App\Models\OwnCard;
use App\Models\OwnDrill;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Drills\CoachsDrill;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Drills\OwnPart;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\CoachsCard;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Records\Write;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** A coach's own drills, and his own cards of figures, feel and drills. */
final readonly class OwnWayController
{
    /** What the coach keeps of his own. */
    #[Endpoint(OwnWayResource::class)]
    public function index(#[CurrentUser] User $coach): OwnWayResource
    {
        return new OwnWayResource([
            'cards' => OwnCardResource::collection(OwnCard::query()->where('coach_id', $coach->id)->latest('updated_at')->get()),
            'drills' => OwnDrillResource::collection(OwnDrill::query()->where('coach_id', $coach->id)->oldest('name')->get()),
            'parts' => OwnPart::KINDS,
            'kinds' => array_column([...Scoring::Count->instead(), Scoring::Error], 'value'),
            'first_goal' => CoachsDrill::FIRST_GOAL,
            'most' => ['parts' => CoachsDrill::MOST_PARTS, 'figures' => CoachsCard::MOST_FIGURES, 'drills' => Proposal::MOST_DRILLS],
        ]);
    }

    /**
     * Keeps a card of the coach's own.
     *
     * @throws InvalidInput naming key, value and range
     */
    #[Endpoint(OwnCardResource::class)]
    public function putCard(
        #[Body(CoachsCard::class)]
        CoachsCard $card,
        string $cardId,
        KnownDrills $drills,
        #[CurrentUser]
        User $coach,
    ): OwnCardResource {
        foreach ($card->drills as $i => $id) {
            if ($drills->find($id, $coach->id) === null) {
                throw InvalidInput::one("drills[{$i}]", $id, 'a drill of the library, or of your own');
            }
        }
        $kept = OwnCard::query()->find($cardId) ?? new OwnCard(['id' => $cardId, 'coach_id' => $coach->id]);
        abort_if($kept->coach_id !== $coach->id, Response::HTTP_FORBIDDEN);
        $kept->fill(['shot' => $card->shot->value, 'content' => Write::record($card)])->save();

        return new OwnCardResource($kept);
    }

    /** Takes a card away; what was handed out from it stays. */
    #[Endpoint(status: 204)]
    public function deleteCard(OwnCard $card, #[CurrentUser] User $coach): JsonResponse
    {
        abort_if($card->coach_id !== $coach->id, Response::HTTP_FORBIDDEN);
        $card->delete();

        return new JsonResponse(null, Response::HTTP_NO_CONTENT);
    }

    /**
     * Keeps a drill of the coach's own and shows it as it will be handed out.
     *
     * @throws InvalidInput naming key, value and range
     */
    #[Endpoint(DrillPreviewResource::class)]
    public function putDrill(
        #[Body(CoachsDrill::class)]
        CoachsDrill $body,
        string $drillId,
        #[CurrentUser]
        User $coach,
    ): DrillPreviewResource {
        $drill = $body->drill($drillId);
        $kept = OwnDrill::withTrashed()->find($drillId) ?? new OwnDrill(['id' => $drillId, 'coach_id' => $coach->id]);
        abort_if($kept->coach_id !== $coach->id, Response::HTTP_FORBIDDEN);
        $kept->fill(['name' => $drill->name, 'content' => Write::record($body)])->save();
        // Drawn over the feet of a plain chip: the picture is the parts, whatever the shot.
        $task = new Task(Shot::Chip, Lie::Fairway, new Club(56, 10));
        $sheet = DrillHandout::for($drill, SetupCard::of(School::followedIn($task), $task), null, new Words($coach->units));

        return new DrillPreviewResource([
            'drill' => $sheet->toArray(),
            'svg' => DrillSvg::of($sheet->picture->shapes, false, $coach->units),
        ]);
    }

    /** Takes a drill away; where it was handed out it stays. */
    #[Endpoint(status: 204)]
    public function deleteDrill(OwnDrill $drill, #[CurrentUser] User $coach): JsonResponse
    {
        abort_if($drill->coach_id !== $coach->id, Response::HTTP_FORBIDDEN);
        $drill->delete();

        return new JsonResponse(null, Response::HTTP_NO_CONTENT);
    }
}
