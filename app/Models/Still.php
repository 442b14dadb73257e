<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A marked picture that a coach has kept with a lesson. The film or picture it comes from has never left the device.
 *
 * @property string $id
 * @property string $lesson_id
 * @property int $width
 * @property int $height
 * @property array{float|int, float|int}|null $ball px
 * @property float|null $mm_per_px
 * @property bool $in_report
 * @property CarbonInterface $created_at
 * @property Lesson $lesson
 */
final class Still extends Model
{
    use HasUlids;

    protected $fillable = ['id', 'width', 'height', 'ball', 'mm_per_px', 'in_report'];

    protected $casts = ['ball' => 'array', 'mm_per_px' => 'float', 'in_report' => 'boolean'];

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }
}
