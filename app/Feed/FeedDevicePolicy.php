<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\FeedDevice;
use App\Models\User;

/** A device is its coach's. */
final class FeedDevicePolicy
{
    public function update(User $coach, FeedDevice $device): bool
    {
        return $device->coach_id === $coach->id;
    }

    public function delete(User $coach, FeedDevice $device): bool
    {
        return $device->coach_id === $coach->id;
    }
}
