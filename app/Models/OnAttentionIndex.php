<?php

declare(strict_types=1);

namespace App\Models;

use App\Progress\AttentionIndex;
use Illuminate\Database\Eloquent\Model;

/** A change of it may change what its student asks of the coach. */
trait OnAttentionIndex
{
    protected static function bootOnAttentionIndex(): void
    {
        $forget = static fn(Model $model) => AttentionIndex::forget((string) $model->getAttribute('student_id'));
        static::saved($forget);
        static::deleted($forget);
    }
}
