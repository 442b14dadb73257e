<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use LowPoint\Core\Simulation\FilmedSwing;

/** The pictures of the README, one of each main view, from the demo data. Run by bin/screenshots, not with the tests. */
final class Screenshots extends BrowserTestCase
{
    use MarksFilms;

    public function test_pictures(): void
    {
        $this->visit('/');
        $this->see('Sign in');
        $this->signIn();
        $this->see('Bea Achterberg');
        $this->picture('students');

        $this->openStudent('Bea Achterberg');
        $this->see('fixed');
        $this->picture('student');
        $this->press('Over time');
        $this->see('Scatter of the first touch');
        $this->picture('student-over-time');
        $this->press('Records');
        $this->press('Balls from a sheet');
        $this->choose((string) realpath(__DIR__.'/../../docs/examples/range-sheet.csv'));
        $this->pick('What “Club” holds', 'Which rows to read');
        $this->click('input[type=checkbox]');
        $this->see('4 balls in 2 lessons');
        $this->picture('sheet');
        $this->press('Leave it');
        $this->press('To Bea Achterberg');
        $this->click('main a[href$="/begin"]');
        $this->see('What does the student believe');
        $this->picture('begin-lesson');
        $this->browser->navigate()->back();
        $this->press('Practice');
        $this->see('the whole set-up card');
        $this->browser->executeScript('document.querySelector("details[name=drills]").open = true');
        $this->picture('practice');
        $this->press('Make a link');
        $link = (string) $this->element('[data-testid=private-link]')->getAttribute('href');

        $this->openFirstLesson('Bea Achterberg');
        $this->press('Compare');
        $this->see('5 of 7 clean');
        $this->picture('side-by-side');
        $this->press('Before');
        $this->press('Reopen');
        $this->see('Work on first');
        $this->picture('lesson-bench');
        $this->press('Measure from a picture or a film');
        $this->see('Nobody stands');
        $swing = FilmedSwing::shipped()['bea-before'];
        $this->press('Handle forward, before the change');
        $this->see('Mark the edge');
        $this->ground($swing, static fn(array $at): array => $at);
        $this->goTo(FilmedSwing::AT_ADDRESS + FilmedSwing::BEFORE - 5);
        foreach (range(-5, 4) as $frame) {
            $this->tapAt($swing->seen($frame)['head'], $swing->camera->size);
            usleep(300_000);
        }
        $this->see('at the ball');
        usleep(800_000);
        $this->picture('measure');
        $this->click('header a');
        $this->press('Before');
        $this->see('Work on first');
        $this->keys('i');
        $this->see('As it is');
        $this->browser->executeScript('document.querySelector("[data-try=shaft_lean_deg] [role=slider]").focus()');
        $this->keys(...array_fill(0, 10, WebDriverKeys::ARROW_LEFT));
        $this->picture('what-if');
        $this->press('Close');
        $this->press('Change it');
        $this->see('Drills, at most');
        $this->picture('prescription');

        $this->openFirstLesson('Petra Lindqvale');
        $this->press('Reopen');
        $this->see('Work on first');
        $this->picture('lesson-bench-sand');
        $this->visit('/library');
        $this->see('Handle too far forward');
        $this->picture('library');
        foreach (
            [
                'Bea Achterberg' => ['', 'shots', 'Begin a lesson'],
                'Noor Calloway' => ['?tab=distances', 'distances', 'Mean carry'],
            ] as $name => [$tab, $picture, $seen]
        ) {
            $this->visit('/');
            $this->press($name);
            $this->see('Records');
            $id = basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
            $this->visit("/students/{$id}/shots{$tab}");
            $this->see($seen);
            if ($picture === 'distances') {
                $this->type('For a carry of', '38');
                $this->see('off by');
            }
            $this->picture($picture);
        }
        $this->visit('/shots?tab=sand');
        $this->see('over the lip');
        $this->picture('sand');

        $this->openFirstLesson('Callum Strand');
        $this->press('Reopen');
        $this->see('Thin on the way down');

        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => 390,
            'height' => 844,
            'deviceScaleFactor' => 1,
            'mobile' => true,
        ]);
        $this->picture('lesson-bench-phone');
        $this->browser->get($link);
        $this->pick('Language', 'Deutsch');
        $this->see('Lass das Griffende');
        $this->picture('student-page-phone');
        $this->pick('Sprache', 'English');
        $this->press('Run Shaft up');
        foreach (['Hit', 'Hit', 'Miss', 'Hit'] as $tap) {
            $this->press($tap);
        }
        $this->picture('drill-runner-phone');
    }

    /** What the coach sees of three of the cases of docs/cases.md, and what the student sees of three others. */
    public function test_cases(): void
    {
        $this->signIn();
        $this->see('Bea Achterberg');
        foreach (
            [
                'Thin off hard ground, open and bouncy' => 'bounce',
                'Buried ball, open face' => 'buried',
                'Wide, and the chest stalls' => 'wide',
            ] as $name => $picture
        ) {
            $this->visit('/lessons/'.$this->enter('Noor', $name)[0]);
            $this->see('Work on first');
            $this->press('Prescribe');
            $this->see('Drills, at most');
            $this->picture($picture, 'cases');
        }
        foreach (
            [
                'Digs close behind, shaft well forward' => 'handle',
                'Long pitch, forced, knee-high job with a shoulder swing' => 'forced',
                'Soft sand, square face, digs' => 'square',
            ] as $name => $picture
        ) {
            [$lesson, $set, $student] = $this->enter('Tam', $name);
            $proposed = $this->api('GET', "lessons/{$lesson}")['readings'][$set];
            $this->api('PUT', "lessons/{$lesson}/prescription", [
                'set_id' => $set,
                'cause' => $proposed['work_on_first'],
                'feel' => $proposed['prescription']['feel'],
                'drills' => array_column($proposed['prescription']['drills'], 'id'),
                'goals' => [],
            ]);
            $this->visit("/students/{$student}/practice");
            $this->see('the whole set-up card');
            $this->picture($picture, 'cases');
        }
    }

    /** @return array{string, string, string} lesson, set and student */
    private function enter(string $student, string $name): array
    {
        $cases = json_decode(
            (string) file_get_contents(\dirname(__DIR__, 2).'/core/tests/Reading/coach-cases.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $case = array_values(array_filter($cases, static fn(array $one): bool => $one['name'] === $name))[0]['case'];
        $id = static fn(): string => strtolower((string) Str::ulid());
        [$lesson, $set] = [$id(), $id()];
        $found = $this->api('GET', "today?q={$student}");
        $studentId = $found['students'][0]['id'];
        $this->api('PUT', "lessons/{$lesson}", [
            'student_id' => $studentId,
            'task' => $case['task'],
            'began_at' => date('c'),
            'closed_at' => null,
        ]);
        $this->api('PUT', "lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => (object) ($case['setup'] ?? []),
            'motion' => (object) ($case['motion'] ?? []),
        ]);
        foreach ($case['balls'] as $ball) {
            $this->api('PUT', "lessons/{$lesson}/sets/{$set}/balls/{$id()}", ['seen' => $ball, 'hit_at' => date('c')]);
        }

        return [$lesson, $set, $studentId];
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private function api(string $method, string $path, ?array $body = null): array
    {
        return $this->browser->executeAsyncScript(
            'const [method, path, body, done] = arguments; const token = '
                .'decodeURIComponent((document.cookie.match(/XSRF-TOKEN=([^;]+)/) ?? [])[1] ?? "");'
                .'fetch("/api/" + path, {method, headers: {Accept: "application/json", "Content-Type": "application/json", '
                .'"X-XSRF-TOKEN": token}, body: body ?? undefined}).then(r => r.json()).then(done)',
            [$method, $path, $body === null ? null : json_encode($body, JSON_THROW_ON_ERROR)],
        );
    }

    private function picture(string $name, string $folder = 'screenshots'): void
    {
        usleep(400_000);
        $this->browser->takeScreenshot(\dirname(__DIR__, 2)."/docs/{$folder}/{$name}.png");
        $this->addToAssertionCount(1);
    }
}
