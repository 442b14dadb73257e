<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Progress\BallsWanted;
use App\Reading\SetReading;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\Line;

final class BallSetController
{
    /** Two devices at once may get into each other's way; then it is tried again. */
    private const ATTEMPTS = 4;

    /**
     * Merges what was seen into the set with this id, making it when new: a key with null takes the observation back,
     * an absent key leaves it, so that two devices on one lesson do not wipe out each other's entries.
     */
    #[Endpoint(SetReadingResource::class)]
    public function put(
        #[Body(PutBallSet::class)]
        PutBallSet $body,
        Request $request,
        Lesson $lesson,
        string $setId,
        SetReading $reading,
        BallsWanted $wanted,
    ): SetReadingResource {
        Gate::authorize('update', $lesson);
        // Read, merged and stored under a lock: two devices at once keep what either saw.
        $set = DB::transaction(static function () use ($request, $body, $lesson, $setId): BallSet {
            Lesson::query()->lockForUpdate()->find($lesson->id);
            $set =
                BallSet::query()->find($setId)
                ?? (new BallSet(['id' => $setId, 'setup' => [], 'motion' => []]))->lesson()->associate($lesson);
            abort_if($set->lesson_id !== $lesson->id, 403);
            [$setup, $motion] = [self::news($set, $request, 'setup', $body->setup), self::news($set, $request, 'motion', $body->motion)];
            $heard = $setup + $motion;
            // A figure that comes without its interval was seen by eye, whatever stood there before.
            $measured = array_intersect_key($body->measured, $heard) + array_diff_key($set->measured ?? [], $heard);
            $seen = CaseReader::observations(self::merged($set->setup, $setup), self::merged($set->motion, $motion), $measured);
            $set->setup = $seen->in(Group::Setup);
            $set->motion = $seen->in(Group::Motion);
            $set->measured = $seen->measured() === [] ? null : $seen->measured();
            if ($set->hears($request, 'purpose')) {
                $set->purpose = $body->purpose->value;
            }
            if ($request->has('confidence') && $set->hears($request, 'confidence')) {
                $set->confidence = $body->confidence;
            }
            if ($body->thought !== null && $set->thought === null) {
                $set->thought = self::couldBe($body->thought, $lesson);
            }
            $set->save();

            return $set;
        }, self::ATTEMPTS);
        if ($set->thought !== null && $set->read_then === null) {
            // Not entered by anybody: no line of its history.
            $set->fill(['read_then' => $reading->read($lesson, $set)->named()->id ?? Line::NOTHING])->saveQuietly();
        }

        return new SetReadingResource([
            'set_id' => $set->id,
            'balls_wanted' => $wanted->of($lesson, $set),
            'reading' => $reading->of($lesson, $set),
        ]);
    }

    /** @throws InvalidInput for what is no cause of such a shot */
    private static function couldBe(string $thought, Lesson $lesson): string
    {
        $could = Line::couldBe(CaseReader::task($lesson->task));

        return \in_array($thought, $could, true) ? $thought : throw InvalidInput::one('thought', $thought, implode(', ', $could));
    }

    /**
     * Each look stands for itself: one that was held up does not count as old because another one came meanwhile.
     *
     * @param  array<array-key, mixed>  $seen
     * @return array<array-key, mixed>
     */
    private static function news(BallSet $set, Request $request, string $group, array $seen): array
    {
        return array_filter(
            $seen,
            static fn(int|string $key): bool => $set->hears($request, "{$group}.{$key}"),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @param  array<array-key, mixed>  $new
     * @return array<array-key, mixed>
     */
    private static function merged(array $kept, array $new): array
    {
        return array_filter([...$kept, ...$new], static fn(mixed $value): bool => $value !== null);
    }
}
