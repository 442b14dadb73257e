<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use Illuminate\Database\Seeder;

final class DatabaseSeeder extends Seeder
{
    /** Fills an empty store with the demo world; leaves any other as it is. */
    public function run(): void
    {
        if (! User::query()->exists()) {
            $this->call(SaltgrassSeeder::class);
        }
    }
}
