<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The question after three weeks, answered on the screen for each story of Saltgrass. */
final class ProgressTest extends BrowserTestCase
{
    /** Other tests have held lessons with these students: their stories begin anew. */
    public static function setUpBeforeClass(): void
    {
        exec('php '.escapeshellarg(\dirname(__DIR__, 2).'/artisan').' migrate:fresh --seed --force 2>&1', $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
    }

    public function test_a_fixed_an_improving_a_slipping_a_not_practising_and_a_new_student(): void
    {
        $this->signIn();
        $this->see('Iwan Tesh');
        $list = $this->shown();
        self::assertLessThan(strpos($list, 'Bea Achterberg'), strpos($list, 'Iwan Tesh'), 'who slips stands first');
        $this->see('slipping, retest due');
        self::assertSame([], $this->axe());
        $stories = [
            'Bea Achterberg' => ['Handle too far forward at address: fixed', 'the mark was met', 'On to the next cause', 'visits done'],
            'Callum Strand' => ['Dragging the handle: improving', 'in 100 that the strikes are better', 'Keep the set-up and the drill.'],
            'Iwan Tesh' => ['Face open where the sand is thin: slipping', 'Open it again'],
            'Tam Okoro' => ['Stance too wide for a short swing: too early to say', '0 of'],
            'Odile Marsh' => ['Scooping: too early to say', 'One lesson only: a retest on another day tells.', 'No visit planned so far.'],
        ];
        foreach ($stories as $student => $words) {
            $this->visit('/');
            $this->press($student);
            foreach ($words as $said) {
                $this->see($said);
            }
        }
        $this->visit('/');
        $this->press('Bea Achterberg');
        $this->see('Good strikes, with the 90 % interval');
        self::assertSame([], $this->axe());
        $this->press('As a table');
        $this->see('9 of 10 clean');
        $this->press('Reports of all 4 lessons');
        $this->see('4 of 4 reports made');
        $this->see('Fetch them (zip)');
        $this->browser->executeScript('document.querySelector("[role=link]").dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $this->see('Ball 1');
        $this->press('Close');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_student_is_found_added_and_begun_with(): void
    {
        $this->signIn();
        $this->element('input[type=search]')->sendKeys('odi');
        $this->until(fn(): bool => ! str_contains($this->shown(), 'Bea Achterberg') && str_contains($this->shown(), 'Odile Marsh'), 'The search does not narrow the list.');
        $this->press('Add a student');
        $this->type('Name', str_repeat('x', 500));
        $this->press('Add the student');
        $this->see('must not be greater than 200 characters');
        $this->type('Name', 'Wren Adair ורן');
        $this->press('left-handed');
        $this->press('knee');
        $this->press('Add the student');
        $this->see('No lesson yet.');
        $this->press('Begin a lesson');
        $this->press('Begin the lesson');
        $this->see('left-handed');
        self::assertSame([], $this->consoleErrors());
    }
}
