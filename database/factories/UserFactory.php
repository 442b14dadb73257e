<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Academy;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        $name = 'Coach '.Str::lower(Str::random(8));

        return [
            'academy_id' => Academy::factory(),
            'role' => Role::Lead,
            'name' => $name, 'email' => Str::slug($name).'@saltgrass.example', 'password' => Str::random(16), 'units' => 'metric'];
    }
}
