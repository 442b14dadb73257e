<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * What a coach hands out in his own way, kept to be offered again.
 *
 * @property string $id
 * @property string $coach_id
 * @property string $shot
 * @property array<string, mixed> $content in the form of the core's CoachsCard
 */
final class OwnCard extends Model
{
    use HasUlids;

    protected $fillable = ['id', 'coach_id', 'shot', 'content'];

    protected $casts = ['content' => 'array'];
}
