<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Academy;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Strike\Recalibration;
use LowPoint\Core\Wording\Words;

/**
 * The engine that reads for a student: with the model as his academy has calibrated it and what it has learned, whoever asks, and
 * with the equipment of the coach who asks. Kept while a request or a job lasts.
 */
final class Engines
{
    /** @var array<string, ReadingEngine> by what they go by */
    private array $made = [];

    public function __construct(private readonly Words $words) {}

    public function for(Student $student): ReadingEngine
    {
        $user = Auth::user();
        $coach = $user instanceof User ? $user : null;
        // Mostly his own coach asks.
        $academy = $coach?->id === $student->coach_id ? $coach->academy : $student->coach->academy;

        $correction = $academy->getRawOriginal('correction');
        $key = json_encode([$academy->id, $academy->calibration, $correction, $coach?->equipment], JSON_THROW_ON_ERROR);

        return $this->made[$key] ??= ReadingEngine::standard(
            $this->words,
            $coach?->equipment,
            self::recalibration($academy),
            self::learned($academy),
        );
    }

    /** Null where the academy has learned nothing that is used. */
    public static function learned(Academy $academy): ?Learned
    {
        return $academy->correction === null ? null : Learned::fromValue($academy->correction);
    }

    /** Null where the model is as it ships. */
    public static function recalibration(Academy $academy): ?Recalibration
    {
        $now = $academy->calibration;

        return $now === null || $now['changes'] === []
            ? null
            : Recalibration::of($now['changes'], $academy->name, $now['reason'], $now['on']);
    }
}
