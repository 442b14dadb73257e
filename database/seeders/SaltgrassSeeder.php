<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Academy\Sharing;
use App\Account\Accounts;
use App\Models\Academy;
use App\Models\Role;
use App\Models\ShareLevel;
use App\Models\User;
use App\Progress\StudentProgress;
use App\Sample\SampleWorld;
use Illuminate\Database\Seeder;

/** The made-up world of Saltgrass: Maren leads, Idris coaches; their students, one file a student in saltgrass/. */
final class SaltgrassSeeder extends Seeder
{
    public const PASSWORD = 'marram-and-sand';

    public function run(Accounts $accounts, SampleWorld $world, Sharing $sharing, StudentProgress $progress): void
    {
        $academy = Academy::query()->create(['name' => 'Saltgrass Short Game']);
        foreach ([['maren', 'Maren Sollis', Role::Lead], ['idris', 'Idris Vane', Role::Coach]] as [$first, $name, $role]) {
            $accounts->make(['name' => $name, 'email' => "{$first}@saltgrass.example", 'password' => self::PASSWORD], $academy, $role);
        }
        $coach = static fn(string $email): User => User::query()->where('email', $email)->sole();
        foreach (SampleWorld::students() as $data) {
            $owner = $coach($data['was_of'] ?? $data['coach']);
            $student = $world->student($owner, $data);
            if (isset($data['was_of'])) {
                $sharing->handOver($owner, $student, $coach($data['coach']), null);
            }
            foreach ($data['shared_with'] ?? [] as $email => $level) {
                $sharing->share($owner, $student, $coach($email), ShareLevel::from($level));
            }
            $progress->of($student->refresh());
        }
    }
}
