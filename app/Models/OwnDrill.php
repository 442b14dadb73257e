<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use LowPoint\Core\Drills\CoachsDrill;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Records\Read;

/**
 * A drill of a coach's own. Taken out, it is no longer offered; results and plans that name it still know it.
 *
 * @property string $id
 * @property string $coach_id
 * @property string $name
 * @property array<string, mixed> $content in the form of the core's CoachsDrill
 */
final class OwnDrill extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['id', 'coach_id', 'name', 'content'];

    protected $casts = ['content' => 'array'];

    public function drill(): Drill
    {
        return Read::record(CoachsDrill::class, $this->content)->drill($this->id);
    }
}
