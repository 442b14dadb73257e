<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Academy;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Academy> */
final class AcademyFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Academy '.Str::lower(Str::random(8)), 'schools' => []];
    }
}
