<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<BallSet> */
final class BallSetFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['lesson_id' => Lesson::factory(), 'purpose' => 'before', 'setup' => ['shaft_lean_deg' => 13], 'motion' => []];
    }

    public function hit(int $balls = 6): self
    {
        return $this->has(Ball::factory()->count($balls), 'balls');
    }
}
