<?php

declare(strict_types=1);

namespace App\Models;

use App\Progress\Roster;
use Illuminate\Database\Eloquent\Model;

/** A change of it may change what its student asks of the coach. */
trait OnTheRoster
{
    protected static function bootOnTheRoster(): void
    {
        $forget = static fn(Model $model) => Roster::forget((string) $model->getAttribute('student_id'));
        static::saved($forget);
        static::deleted($forget);
    }
}
