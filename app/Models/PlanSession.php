<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * One visit to the practice ground. Its id is its UID in calendars; the sequence counts its changes (RFC 5545).
 *
 * @property string $id
 * @property string $plan_id
 * @property Carbon $day
 * @property list<array{drill: string, name: string, minutes: int, mode: string, mode_text: string}> $items
 * @property int $sequence
 * @property Carbon $updated_at
 * @property Carbon|null $deleted_at
 * @property Plan $plan
 */
final class PlanSession extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['plan_id', 'day', 'items', 'sequence'];

    protected $casts = ['day' => 'date:Y-m-d', 'items' => 'array', 'sequence' => 'integer'];

    protected $attributes = ['sequence' => 0];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    public function minutes(): int
    {
        return array_sum(array_column($this->items, 'minutes'));
    }
}
