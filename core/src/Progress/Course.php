<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** Work on one cause, from where it was found to where it stands now: of one student, or of several with whom it went alike. */
final readonly class Course
{
    /**
     * @param  int<1, max>  $students
     * @param  string  $cause  its id
     * @param  string  $name  of the cause
     * @param  string  $shot  with which it was found
     * @param  int  $lessons  in which it was worked on
     * @param  list<string>  $drills  handed out against it
     */
    public function __construct(
        public int $students,
        public string $cause,
        public string $name,
        public string $shot,
        public Verdict $verdict,
        public int $lessons,
        public array $drills,
    ) {}

    /** Whether there was enough to say how it went. */
    public function isJudged(): bool
    {
        return $this->verdict !== Verdict::TooEarly;
    }

    public function isFixed(): bool
    {
        return $this->verdict === Verdict::Fixed;
    }
}
