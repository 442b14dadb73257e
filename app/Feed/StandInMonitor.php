<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\SecretToken;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Sleep;
use LowPoint\Core\InvalidInput;

/** The stand-in of a measuring device: made for a lesson, sends through the front door, and is revoked when it is done. */
final readonly class StandInMonitor
{
    private const MOST_BALLS = 1000;

    public function __construct(private Intake $intake) {}

    /** @param \Closure(string): mixed $say */
    public function run(string $student, int $balls, float $every, ?string $lessonId, string $url, \Closure $say): int
    {
        if ($balls < 1 || $balls > self::MOST_BALLS) {
            throw InvalidInput::one('balls', $balls, '1 to '.self::MOST_BALLS);
        }
        $lesson = $lessonId === null
            ? Lesson::query()->whereNull('closed_at')->latest('began_at')->first()
            : Lesson::query()->find($lessonId);
        if ($lesson === null) {
            $say('There is no open lesson to send balls to: begin one, or name it with --lesson.');

            return 1;
        }
        $token = SecretToken::make();
        $device = FeedDevice::query()->create([
            'coach_id' => $lesson->student->coach_id,
            'name' => 'Made-up monitor',
            'token_hash' => $token->hash,
        ]);
        $this->intake->join($device, $lesson);
        try {
            for ($n = 1; $n <= $balls; $n++) {
                $ball = MadeUpBall::of($student, $lesson);
                $answer = Http::withToken($token->plain)
                    ->withBody(json_encode($ball, JSON_THROW_ON_ERROR)."\n", 'application/x-ndjson')
                    ->post("{$url}/api/feed");
                $say("{$n} of {$balls}: carry {$ball['carry_m']} m, {$answer->status()}");
                if ($answer->failed()) {
                    $say((string) $answer->json('message'));

                    return 1;
                }
                if ($n < $balls) {
                    Sleep::for((int) (1000 * $every))->milliseconds();
                }
            }
        } finally {
            $device->revoke();
        }

        return 0;
    }
}
