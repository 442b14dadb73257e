<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Ledger\Finding;

/**
 * What the outcomes of an academy taught at last, and whether it is wanted.
 *
 * @phpstan-import-type FindingShape from Finding
 *
 * @property string $academy_id
 * @property FindingShape|null $finding null = nothing was learned yet
 * @property bool $wanted
 * @property Carbon|null $learned_at
 */
final class WhatWasLearned extends Model
{
    protected $table = 'what_was_learned';

    protected $primaryKey = 'academy_id';

    protected $keyType = 'string';

    public $incrementing = false;

    protected $fillable = ['academy_id', 'finding', 'wanted', 'learned_at'];

    protected $attributes = ['wanted' => true];

    protected $casts = ['finding' => 'array', 'wanted' => 'boolean', 'learned_at' => 'datetime'];

    public static function of(Academy $academy): self
    {
        return self::query()->firstOrNew(['academy_id' => $academy->id]);
    }

    /** Keeps it, and has readings go by it from now on where it proved itself and is wanted. */
    public function settle(Academy $academy): void
    {
        $found = $this->finding;
        DB::transaction(function () use ($academy, $found): void {
            $this->save();
            $academy->update(['correction' => $this->wanted && $found !== null && $found['adopted'] ? $found['correction'] : null]);
        });
    }
}
