<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Student> */
final class StudentFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'coach_id' => User::factory(),
            'name' => 'Student '.Str::lower(Str::random(8)),
            'handed' => 'right',
            'about' => '',
            'limits' => [],
        ];
    }

    /** With one lesson, in which one set of balls was hit. */
    public function taught(): self
    {
        return $this->has(Lesson::factory()->has(BallSet::factory()->hit(), 'sets'));
    }
}
