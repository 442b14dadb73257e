<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;

/**
 * What one coach has is reached by nobody else. The abilities are asked for by what is being done, so that one of them can be given
 * to others without the rest.
 *
 * @template T of Model
 */
abstract class OwnerPolicy
{
    /** @param T $record */
    abstract protected function owner(Model $record): ?int;

    /** @param T $record */
    public function view(User $coach, Model $record): bool
    {
        return $this->owner($record) === $coach->id;
    }

    /** @param T $record */
    public function update(User $coach, Model $record): bool
    {
        return $this->owner($record) === $coach->id;
    }

    /** @param T $record */
    public function delete(User $coach, Model $record): bool
    {
        return $this->owner($record) === $coach->id;
    }

    /** @param T $record */
    public function restore(User $coach, Model $record): bool
    {
        return $this->owner($record) === $coach->id;
    }

    /** @param T $record */
    public function forceDelete(User $coach, Model $record): bool
    {
        return $this->owner($record) === $coach->id;
    }
}
