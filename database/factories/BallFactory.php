<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Ball;
use App\Models\BallSet;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Carbon;

/** @extends Factory<Ball> a fat one that touched four centimetres behind */
final class BallFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'ball_set_id' => BallSet::factory(),
            'seen' => ['strike' => 'heavy', 'touch_mm' => -40],
            'hit_at' => Carbon::now()->subWeek()->setTime(10, 5),
        ];
    }
}
