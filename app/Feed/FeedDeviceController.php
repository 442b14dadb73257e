<?php

declare(strict_types=1);

namespace App\Feed;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\SecretToken;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

/** Devices of a coach: made, joined to a lesson, revoked; and the balls that wait for their strike. */
final class FeedDeviceController
{
    /** Who stands behind the device that is tried on the bench. */
    private const MADE_UP = 'scooper';

    public function __construct(private readonly Intake $intake) {}

    /** All devices of the coach that were not revoked. */
    #[Endpoint(FeedDeviceResource::class, list: true)]
    public function index(Request $request): AnonymousResourceCollection
    {
        return FeedDeviceResource::collection($this->devices($request));
    }

    /** Makes a device; its token is told now and never again. */
    #[Endpoint(FeedDeviceResource::class, status: 201)]
    public function store(#[Body(MakeDevice::class)] MakeDevice $body, #[CurrentUser] User $coach): JsonResponse
    {
        $token = SecretToken::make();
        $device = FeedDevice::query()->create([
            'coach_id' => $coach->id,
            'name' => $body->name,
            'token_hash' => $token->hash,
            'ends_at' => $body->minutes === null ? null : now()->addMinutes($body->minutes),
        ]);

        return (new FeedDeviceResource($device))
            ->withToken($token->plain)
            ->response()
            ->setStatusCode(201);
    }

    /** Joins a device to a lesson; null = to none. Its balls are that lesson's from now on. */
    #[Endpoint(FeedDeviceResource::class)]
    public function join(#[Body(JoinDevice::class)] JoinDevice $body, FeedDevice $device): FeedDeviceResource
    {
        Gate::authorize('update', $device);
        $lesson = $body->lessonId === null ? null : Lesson::query()->findOrFail($body->lessonId);
        if ($lesson !== null) {
            Gate::authorize('update', $lesson);
        }
        $this->intake->join($device, $lesson);

        return new FeedDeviceResource($device);
    }

    /** Revokes a device: its token opens nothing any more. */
    #[Endpoint(FeedDeviceResource::class)]
    public function destroy(FeedDevice $device): FeedDeviceResource
    {
        Gate::authorize('delete', $device);
        $device->revoke();

        return new FeedDeviceResource($device);
    }

    /** Balls of a lesson that wait for their strike, and the devices joined to it. */
    #[Endpoint(LessonFeedResource::class)]
    public function ofLesson(Request $request, Lesson $lesson): LessonFeedResource
    {
        Gate::authorize('view', $lesson);

        return new LessonFeedResource([
            'devices' => $this->devices($request)->where('lesson_id', $lesson->id)->values(),
            'waiting' => FeedBall::waitingIn($lesson)->limit(LessonFeedResource::MOST)->get(),
            'waits' => FeedBall::waitingIn($lesson)->count(),
        ]);
    }

    /** Sets a waiting ball aside: it was none of this lesson. */
    #[Endpoint(status: 204)]
    public function setAside(Lesson $lesson, FeedBall $feedBall): JsonResponse
    {
        Gate::authorize('update', $lesson);
        abort_unless(FeedBall::waitingIn($lesson)->whereKey($feedBall->id)->exists(), 404);
        $this->intake->setAside($feedBall);

        return new JsonResponse(null, 204);
    }

    /** A ball of a made-up student, for the stand-in of a device to send. */
    #[Endpoint(MadeUpBallResource::class)]
    public function madeUp(Lesson $lesson): MadeUpBallResource
    {
        Gate::authorize('view', $lesson);

        return new MadeUpBallResource(MadeUpBall::of(self::MADE_UP, $lesson));
    }

    /** @return Collection<int, FeedDevice> */
    private function devices(Request $request): Collection
    {
        /** @var User $coach */
        $coach = $request->user();

        return FeedDevice::of($coach);
    }
}
