<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\Auth;

/** Whatever is changed or taken out leaves a revision with what stood there before. */
trait KeepsHistory
{
    private const NOT_WORTH_KEEPING = ['updated_at', 'created_at', 'change_count', 'heard'];

    protected static function bootKeepsHistory(): void
    {
        static::updating(static function (self $model): void {
            // Attributes as cast, so that JSON columns are compared by what they say, not by how it is written.
            $before = array_diff_key(array_intersect_key($model->getOriginal(), $model->getDirty()), array_flip(self::NOT_WORTH_KEEPING));
            if ($before !== []) {
                self::keep($model, $before);
            }
        });
        static::deleting(static function (self $model): void {
            // What is erased for good leaves nothing behind.
            if (! method_exists($model, 'isForceDeleting') || ! $model->isForceDeleting()) {
                self::keep($model, ['deleted_at' => null]);
            }
        });
    }

    /** Under which its revisions are found. */
    public function historyKey(): string
    {
        return (string) $this->getKey();
    }

    /** @param array<string, mixed> $before */
    private static function keep(self $model, array $before): void
    {
        Revision::query()->create([
            'subject_type' => $model->getTable(),
            'subject_id' => $model->historyKey(),
            'coach_id' => Auth::id(),
            'before' => $before,
            'changed_at' => now(),
        ]);
    }
}
