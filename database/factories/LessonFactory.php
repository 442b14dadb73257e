<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Carbon;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Records\Write;

/** @extends Factory<Lesson> a lesson of the last week with chips from fairway, closed */
final class LessonFactory extends Factory
{
    public const CHIP = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 9];

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $began = Carbon::now()->subWeek()->setTime(10, 0);

        return [
            'student_id' => Student::factory(),
            'task' => Write::record(CaseReader::task(self::CHIP)),
            'began_at' => $began,
            'closed_at' => $began->copy()->addMinutes(40),
        ];
    }
}
