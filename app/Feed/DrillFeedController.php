<?php

declare(strict_types=1);

namespace App\Feed;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Student;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\TargetNumber;

/** Balls of a measuring device for the drill that a student runs: each is an attempt by itself. */
final class DrillFeedController
{
    /** Who stands behind the device that is tried in a drill. */
    private const MADE_UP = 'steady';

    public function __construct(private readonly Intake $intake) {}

    /** Joins a device to what a student practises; null = to nothing. What waited from earlier is set aside. */
    #[Endpoint(FeedDeviceResource::class)]
    public function join(#[Body(JoinDrill::class)] JoinDrill $body, FeedDevice $device): FeedDeviceResource
    {
        Gate::authorize('update', $device);
        $student = $body->studentId === null ? null : Student::query()->findOrFail($body->studentId);
        if ($student !== null) {
            Gate::authorize('update', $student);
        }
        $this->intake->joinDrill($device, $student);

        return new FeedDeviceResource($device);
    }

    /** The devices of the coach, and balls that were not counted yet. */
    #[Endpoint(DrillFeedResource::class)]
    public function show(Request $request, Student $student): DrillFeedResource
    {
        Gate::authorize('view', $student);
        /** @var User $coach */
        $coach = $request->user();

        return new DrillFeedResource([
            'devices' => FeedDevice::of($coach),
            'waiting' => FeedBall::waitingFor($student)->limit(LessonFeedResource::MOST)->get(),
            'waits' => FeedBall::waitingFor($student)->count(),
        ]);
    }

    /** A ball was counted, or is to be left out: it waits no longer. Said twice it is the same. */
    #[Endpoint(status: 204)]
    public function counted(Student $student, FeedBall $feedBall): JsonResponse
    {
        Gate::authorize('update', $student);
        abort_unless($feedBall->student_id === $student->id, 404);
        $this->intake->setAside($feedBall);

        return new JsonResponse(null, 204);
    }

    /** A ball of a made-up student, for the stand-in of a device to send. */
    #[Endpoint(MadeUpBallResource::class, query: ['target_m' => 'The carry that is asked for.'])]
    public function madeUp(Request $request, Student $student): MadeUpBallResource
    {
        Gate::authorize('view', $student);

        return new MadeUpBallResource(MadeUpBall::at(self::MADE_UP, TargetNumber::of($request->query('target_m'))));
    }
}
