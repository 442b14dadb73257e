<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property int $coach_id
 * @property string $name
 * @property string $handed
 * @property string $about
 * @property list<string> $limits
 */
final class Student extends Model
{
    use HasUlids;

    protected $fillable = ['name', 'handed', 'about', 'limits'];

    protected $casts = ['limits' => 'array'];

    /** @return BelongsTo<User, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }

    /** @return HasMany<Lesson, $this> latest first */
    public function lessons(): HasMany
    {
        return $this->hasMany(Lesson::class)->latest('began_at')->latest('id');
    }
}
