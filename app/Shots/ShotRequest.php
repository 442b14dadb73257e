<?php

declare(strict_types=1);

namespace App\Shots;

use App\Measuring\MarksRequest;
use App\Models\Student;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\InvalidInput;

/** A question about a shot: for the core, but for whose strikes it is about. */
abstract class ShotRequest extends MarksRequest
{
    /** Keys that the core does not know. */
    protected const NOT_OF_CORE = ['student_id'];

    /** @return array<array-key, mixed> */
    public function question(): array
    {
        return array_diff_key($this->marks(), array_flip(static::NOT_OF_CORE));
    }

    private ?Student $found = null;

    /** The student it is about, whom the coach has to reach; null without one. */
    public function student(): ?Student
    {
        return $this->found ??= $this->find();
    }

    private function find(): ?Student
    {
        $id = $this->input('student_id');
        if ($id === null) {
            return null;
        }
        if (! \is_string($id)) {
            throw InvalidInput::one('student_id', $id, 'the id of a student, or null');
        }
        $student = Student::query()->findOrFail($id);
        Gate::authorize('view', $student);

        return $student;
    }
}
