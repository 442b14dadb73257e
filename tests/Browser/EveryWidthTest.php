<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;

/**
 * Each screen at any width, in both languages, with letters twice as large: nothing is cut off, lies over another thing to press, or is
 * too small for a thumb (handbook 19.2). And what stands first on a phone.
 */
final class EveryWidthTest extends BrowserTestCase
{
    private const WIDTHS = [320, 390, 768, 1280, 1920];

    private const FIND = <<<'JS'
        const found = [];
        const name = (one) => one.tagName.toLowerCase() + ': ' + (one.getAttribute('aria-label') ?? one.textContent.trim()).slice(0, 50);
        const shown = (one) => one.checkVisibility({ visibilityProperty: true }) && one.closest('.sr-only') === null;
        const width = document.documentElement.scrollWidth;
        if (width > innerWidth + 1) found.push('the page is ' + width + ' px wide');
        const pressed = [...document.querySelectorAll('a[href], button, input, select, summary, [role=radio]')].filter(shown);
        const boxes = pressed.map((one) => ({ one, box: one.getBoundingClientRect() })).filter(({ box }) => box.width > 0);
        for (const { one, box } of boxes) {
            // A word to press in the middle of a sentence is as high as its line.
            const inText = one.matches('a, button') && getComputedStyle(one).display === 'inline';
            if (!inText && (box.width < 24 || box.height < 24) && one.closest('svg, label') === null)
                found.push('small (' + Math.round(box.width) + 'x' + Math.round(box.height) + '): ' + name(one));
        }
        // What stands fast at an edge lies over what scrolls beneath it.
        const fast = (one) => one !== null && (/fixed|sticky/.test(getComputedStyle(one).position) || fast(one.parentElement));
        const loose = boxes.filter(({ one }) => !fast(one) && one.closest('svg') === null);
        loose.forEach((a, i) => loose.slice(i + 1).forEach((b) => {
            if (a.one.contains(b.one) || b.one.contains(a.one)) return;
            const x = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
            const y = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
            if (x > 3 && y > 3) found.push('over each other: ' + name(a.one) + ' | ' + name(b.one));
        }));
        for (const one of document.querySelectorAll('main *, header *, nav *')) {
            if (!shown(one) || one.closest('svg, .overflow-x-auto, [data-cut]') !== null) continue;
            const box = one.getBoundingClientRect();
            if (box.width > 0 && (box.right > innerWidth + 1.5 || box.left < -1.5)) found.push('off the screen: ' + name(one));
        }
        return [...new Set(found)].slice(0, 12);
        JS;

    #[TestWith(['en', 1])]
    #[TestWith(['de', 1])]
    #[TestWith(['en', 2])]
    public function test_nothing_is_cut_covered_or_too_small(string $language, int $letters): void
    {
        $this->signIn();
        $this->browser->executeScript('localStorage.setItem("low-point-language coach", arguments[0])', [$language]);
        $this->visit('/');
        $this->openStudent('Bea Achterberg');
        $student = (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
        $wrong = [];
        $pages = ['/', $student, "{$student}/begin", "{$student}/practice", '/you', '/help', '/library', '/shots', '/blind-cases'];
        foreach ($letters === 1 ? self::WIDTHS : [1280] as $width) {
            $this->devTools('Emulation.setDeviceMetricsOverride', [
                'width' => $width,
                'height' => 844,
                'deviceScaleFactor' => 1,
                'mobile' => false,
            ]);
            foreach ($pages as $page) {
                $this->visit($page);
                $this->element('main h2, main summary, main form');
                $this->browser->executeScript('document.documentElement.style.fontSize = arguments[0]', [16 * $letters.'px']);
                usleep(400_000);
                $found = $this->browser->executeScript(self::FIND);
                if ($found !== []) {
                    $wrong["{$width} {$page}"] = $found;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_on_a_phone_the_first_student_and_the_change_are_in_sight(): void
    {
        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->visit(parse_url($this->browser->getCurrentURL(), PHP_URL_PATH).'/practice');
        $this->press('Make a link');
        $this->see('/p/');
        preg_match('~/p/\w+~', $this->shown(), $link);
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => 390,
            'height' => 844,
            'deviceScaleFactor' => 1,
            'mobile' => true,
        ]);
        $this->visit('/');
        $this->see('Bea Achterberg');
        $first = $this->browser->executeScript('return document.querySelector("main li a").getBoundingClientRect().top');
        self::assertLessThan(200, $first);
        self::assertSame([], $this->axe());

        $this->visit($link[0] ?? '');
        $this->see('Feel');
        self::assertLessThan(1700, $this->browser->executeScript('return document.documentElement.scrollHeight'));
        // Its first screen: the change as title, what went well, the picture, the feel.
        $first = $this->browser->executeScript(
            <<<'JS'
            const idea = document.querySelector('section[aria-label="What changes"]');
            const above = (one) => one !== null && one.getBoundingClientRect().bottom <= 844;
            const feel = [...idea.querySelectorAll('span')].find((one) => one.textContent === 'Feel').parentElement;
            const seen = above(idea.querySelector('svg')) && above(feel);
            return { title: idea.querySelector('h2').textContent, seen, text: idea.innerText };
            JS
        );
        self::assertTrue($first['seen']);
        self::assertMatchesRegularExpression('/\d of \d, then \d of \d clean/', $first['text']);
        self::assertStringNotContainsString('too far', $first['title']);
        self::assertStringNotContainsString('not looked at', $this->shown());
        self::assertSame([], $this->axe());
    }
}
