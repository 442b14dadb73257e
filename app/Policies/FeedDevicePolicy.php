<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\FeedDevice;
use Illuminate\Database\Eloquent\Model;

/**
 * A device is its coach's.
 *
 * @extends OwnerPolicy<FeedDevice>
 */
final class FeedDevicePolicy extends OwnerPolicy
{
    protected function owner(Model $record): int
    {
        return $record->coach_id;
    }
}
