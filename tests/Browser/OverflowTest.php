<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Lessons\LessonPageResource;
use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\TestWith;

/**
 * Whatever a lesson holds, nothing of it is cut off: the bench is drawn with random cases in place of the server's answers, and
 * every word that sticks out of its box or of the screen is found.
 */
final class OverflowTest extends BrowserTestCase
{
    private const CASES = 120;

    private const SEED = 20261126;

    /** What is longer than its place on purpose: the task in the head opens in full at a press. */
    private const ALLOWED = 'header *';

    private const FIND = <<<'JS'
            const found = [];
    const name = (one) => one.tagName.toLowerCase() + ': ' + one.textContent.trim().slice(0, 60);
    if (document.documentElement.scrollWidth > innerWidth) found.push('the page is ' + document.documentElement.scrollWidth + ' px wide');
    for (const one of document.querySelectorAll('main *')) {
        if (one.matches(allowed) || one.closest('svg') !== null || one.offsetParent === null || one.closest('.sr-only') !== null) continue;
        // Rows that are pushed along with a finger.
        if (one.closest('.overflow-x-auto') !== null) continue;
        const style = getComputedStyle(one);
        const cuts = (side) => style[side] === 'hidden' || style[side] === 'clip';
        if (cuts('overflowX') && one.scrollWidth > one.clientWidth + 1) found.push('cut at the side: ' + name(one));
        if (cuts('overflowY') && one.scrollHeight > one.clientHeight + 1) found.push('cut below: ' + name(one));
        const box = one.getBoundingClientRect();
        if (box.width > 0 && (box.right > innerWidth + 1 || box.left < -1)) found.push('off the screen: ' + name(one));
        // A box that scrolls down must not have to be pushed to the side as well.
        if (/auto|scroll/.test(style.overflowY) && one.scrollWidth > one.clientWidth + 1) found.push('wider than its column: ' + name(one));
    }
    for (const text of document.querySelectorAll('main svg text')) {
        const [box, figure] = [text.getBoundingClientRect(), text.ownerSVGElement.getBoundingClientRect()];
        const out = box.left < figure.left - 1 || box.right > figure.right + 1;
            if (box.width > 0 && out) found.push('out of its figure: ' + text.textContent);
    }
    return [...new Set(found)];
    JS;

    /** Goes to a lesson, waits until its reading is drawn, and finds what is cut off; "late" where it does not come. */
    private const DRAW =
        <<<'JS'
        const [path, page, lesson, allowed, done] = arguments;
        if (page !== null) window.pages['lessons/' + lesson] = page;
        history.pushState({}, '', path);
        dispatchEvent(new PopStateEvent('popstate'));
        const find = (allowed) => {
        JS
        .
        self::FIND.
        <<<'JS'

        };
        const look = () => {
            if (document.querySelector('[data-testid=reading][data-set]')?.dataset.lesson === lesson) done(find(allowed));
            else requestAnimationFrame(look);
        };
        look();
        JS;

    #[TestWith([1280, 800, self::CASES])]
    #[TestWith([390, 844, 40])]
    public function test_nothing_is_cut_off_in_random_cases(int $width, int $height, int $cases): void
    {
        $this->signIn();
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
        // The bench is on the page before its answers are replaced.
        $this->beginLesson('Odile Marsh');
        $this->browser->executeScript(
            <<<'JS'
            window.pages = {};
            const asked = window.fetch;
            window.fetch = (question, how) => {
                const page = window.pages[question.url?.split('/api/')[1]?.replace(/\?.*/, '')];
                return page === undefined ? asked(question, how) : Promise.resolve(Response.json(page));
            };
            JS
            ,
        );
        $random = new RandomCase(new Dice(self::SEED + $width), new Dice(self::SEED));
        $wrong = [];
        for ($i = 0; $i < $cases; $i++) {
            $page = self::page($random->valid(), $i);
            $id = $page['lesson']['id'];
            $found = $this->browser->executeAsyncScript(self::DRAW, ["/lessons/{$id}", $page, $id, self::ALLOWED]);
            self::assertIsArray($found, "Case {$i} is not drawn.");
            if ($found !== []) {
                $wrong["case {$i}"] = $found;
            }
        }
        self::assertSame([], $wrong);
    }

    #[TestWith(['en', 'Students'])]
    #[TestWith(['de', 'Schüler'])]
    public function test_nothing_is_cut_off_in_any_lesson_of_the_demo_world(string $language, string $students): void
    {
        $this->signIn();
        $this->browser->executeScript('localStorage.setItem("low-point-language coach", arguments[0])', [$language]);
        $this->visit('/');
        $this->see($students);
        /** @var list<string> $lessons */
        $lessons = $this->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const ask = (path) => fetch('/api/' + path, { headers: { Accept: 'application/json' } }).then((answer) => answer.json());
            ask('students')
                .then((students) => Promise.all(students.map((one) => ask(`students/${one.id}/progress`))))
                .then((all) => done(all.flatMap((one) => one.lessons.map((lesson) => lesson.id))));
            JS
            ,
        );
        self::assertGreaterThan(10, \count($lessons));
        $wrong = [];
        foreach ($lessons as $id) {
            $found = $this->browser->executeAsyncScript(self::DRAW, ["/lessons/{$id}", null, $id, self::ALLOWED]);
            self::assertIsArray($found, "Lesson {$id} is not drawn.");
            if ($found !== []) {
                $wrong[$id] = $found;
            }
        }
        self::assertSame([], $wrong);
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, mixed> as the server answers (LessonPageResource)
     *
     * @see LessonPageResource
     */
    private static function page(array $told, int $i): array
    {
        $case = CaseReader::fromValue($told);
        $written = CaseWriter::toArray($case);
        [$lesson, $set] = [\sprintf('01RANDOM00000000000000%04d', $i), \sprintf('01RANDOMSET00000000000%04d', $i)];
        $balls = [];
        foreach ($written['balls'] ?? [] as $n => $ball) {
            $balls[] = ['id' => \sprintf('01BALL%04d000000000000%04d', $i, $n), 'seen' => (object) $ball];
        }

        return [
            'lesson' => [
                'id' => $lesson,
                'student_id' => $lesson,
                'task' => $written['task'],
                'began_at' => date(DATE_ATOM),
                'closed_at' => null,
                'given_by' => null,
                'sets' => [
                    [
                        'id' => $set,
                        'purpose' => 'before',
                        'setup' => (object) ($written['setup'] ?? []),
                        'motion' => (object) ($written['motion'] ?? []),
                        'confidence' => null,
                        'balls' => $balls,
                    ],
                ],
                'prescription' => null,
            ],
            'student' => [
                'id' => $lesson,
                'name' => 'Random Case',
                'handed' => $i % 4 === 0 ? 'left' : 'right',
                'about' => '',
                'limits' => [],
                'units' => null,
                'language' => null,
                'step_m' => null,
                'bag' => null,
                'clubs' => [['loft_deg' => 56, 'bounce_deg' => 12]],
                'coach' => 'Maren Sollis',
                'may' => ['update' => true, 'delete' => true, 'move' => true],
                'inactive' => false,
                'lessons_count' => 1,
            ],
            'readings' => [$set => ReadingEngine::standard()->read($case)->toArray()],
            'balls_wanted' => [$set => 7],
        ];
    }
}
