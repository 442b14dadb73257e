<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\BallFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * @property string $id
 * @property string $ball_set_id
 * @property array<string, mixed> $seen in the form of the case file
 * @property array<string, float>|null $told every figure that a measuring device told of it
 * @property Carbon $hit_at
 * @property Carbon|null $deleted_at
 */
final class Ball extends Model
{
    /** @use HasFactory<BallFactory> */
    use HasFactory;
    use HasUlids;
    use HearsDevices;
    use KeepsHistory;
    use SoftDeletes;

    protected $fillable = ['id', 'seen', 'hit_at'];

    protected $casts = ['heard' => 'array', 'seen' => 'array', 'told' => 'array', 'hit_at' => 'datetime:Y-m-d\TH:i:s.vP'];

    /** @return BelongsTo<BallSet, $this> */
    public function set(): BelongsTo
    {
        return $this->belongsTo(BallSet::class, 'ball_set_id');
    }
}
