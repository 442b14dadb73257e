<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Balls are logged while the network, the web server, the database and the page itself are taken away in turn. */
#[Group(BrowserTestCase::OFFLINE)]
final class FaultTest extends BrowserTestCase
{
    private const ROUNDS = 30;

    private const SEED = 20261124;

    private const FAULTS = ['network', 'server', 'database', 'reload'];

    public function test_every_ball_on_the_screen_is_in_the_database_once_at_the_end_whatever_fails(): void
    {
        $this->signIn();
        $lesson = $this->beginLesson('Odile Marsh');
        // The app itself must be on the device before its server goes.
        $this->until(
            fn(): bool => $this->browser->executeAsyncScript(
                'const done = arguments[0]; navigator.serviceWorker.ready.then(r => done(r.active?.state === "activated" && '
                    .'navigator.serviceWorker.controller !== null))',
            ) === true,
            'The service worker does not take over.',
        );

        mt_srand(self::SEED);
        $logged = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $fault = self::FAULTS[$round % \count(self::FAULTS)];
            $this->begin($fault);
            for ($ball = mt_rand(1, 3); $ball > 0; $ball--) {
                $this->logBall('asdfghjkl'[mt_rand(0, 8)], (string) mt_rand(1, 7));
                $logged++;
                if ($fault === 'reload' && mt_rand(0, 1) === 1) {
                    // Only what the screen has acknowledged is promised to survive.
                    $this->shows($logged, "round {$round}, {$fault}");
                    $this->browser->navigate()->refresh();
                    $this->element('[data-testid=ground-strip]');
                }
            }
            $this->shows($logged, "round {$round}, {$fault}");
            if (mt_rand(0, 2) === 0) {
                $this->browser->navigate()->refresh();
                $this->element('[data-testid=ground-strip]');
                $this->shows($logged, "round {$round}, {$fault}, after a reload");
            }
            $this->end($fault);
        }

        $this->until(
            fn(): bool => $this->browser->executeAsyncScript($this->waiting()) === 0,
            'Entries still wait on the device.',
            seconds: 90,
        );
        $this->readingOf($logged);
        $stored = $this->browser->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/lessons/'
                .$lesson
                .'", {headers: {Accept: "application/json"}}).then(r => r.json()).then(p => done(p.lesson.sets[0].balls.map(b => b.id)))',
        );
        self::assertCount($logged, $stored);
        self::assertSame(array_values(array_unique($stored)), $stored);
    }

    public function test_what_waits_outlives_a_browser_that_throws_its_store_away(): void
    {
        $this->signIn();
        $lesson = $this->beginLesson('Odile Marsh');
        $this->until(
            fn(): bool => $this->browser->executeScript('return navigator.serviceWorker.controller !== null') === true,
            'The service worker does not take over.',
        );
        $this->network(offline: true);
        foreach (['a', 's', 'd'] as $i => $touch) {
            $this->logBall($touch, '2');
            $this->shows($i + 1, 'offline');
        }
        $this->devTools('Storage.clearDataForOrigin', [
            'origin' => (string) getenv('LOW_POINT_URL'),
            'storageTypes' => 'indexeddb',
        ]);
        $this->shows(3, 'after the store went');
        $this->until(fn(): bool => $this->browser->executeAsyncScript($this->waiting()) === 3, 'They are not kept again.');
        $this->logBall('f', '2');
        $this->shows(4, 'after one more');
        $this->network(offline: false);
        $this->until(fn(): bool => $this->browser->executeAsyncScript($this->waiting()) === 0, 'They are not sent.', seconds: 60);
        self::assertCount(
            4,
            $this->browser->executeAsyncScript(
                "const done = arguments[0]; fetch('/api/lessons/{$lesson}', {headers: {Accept: 'application/json'}})"
                    .'.then(r => r.json()).then(p => done(p.lesson.sets[0].balls))',
            ),
        );
    }

    /** After a reload the page may stand there a moment before it listens: the touch is pressed until it is shown. */
    private function logBall(string $touch, string $strike): void
    {
        $this->until(function () use ($touch): bool {
            $this->keys($touch);

            return $this->element('[aria-label^="First touch"]')->getAttribute('aria-valuetext') !== 'not tapped';
        }, 'The touch is not shown.');
        $this->keys($strike);
    }

    private function begin(string $fault): void
    {
        match ($fault) {
            'network' => $this->network(offline: true),
            'server' => $this->fault('server-kill'),
            'database' => $this->fault('database-kill'),
            default => $this->browser->navigate()->refresh(),
        };
        $this->element('[data-testid=ground-strip]');
    }

    private function end(string $fault): void
    {
        match ($fault) {
            'network' => $this->network(offline: false),
            'server' => $this->fault('server-start'),
            'database' => $this->fault('database-start'),
            default => null,
        };
    }

    /** Every ball that was logged is acknowledged on the screen, sent or not. */
    private function shows(int $balls, string $when): void
    {
        $this->until(fn(): bool => str_contains($this->shown(), "Before {$balls}"), "{$when}: the screen does not show {$balls} balls.");
    }

    private function fault(string $what): void
    {
        $port = str_starts_with($what, 'server') ? parse_url((string) getenv('LOW_POINT_URL'), PHP_URL_PORT) : getenv('DB_PORT');
        exec(\dirname(__DIR__, 2)."/bin/lib/fault {$what} {$port} 2>&1", $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
    }

    private function waiting(): string
    {
        // Where there is no store at this moment, none is made: that is for the app to do.
        return 'const done = arguments[0]; const open = indexedDB.open("low-point"); open.onupgradeneeded = () => '
            .'open.transaction.abort(); open.onerror = () => done(-1); open.onsuccess = () => { const all = '
            .'open.result.transaction("entries").objectStore("entries").count(); all.onsuccess = () => { done(all.result); '
            .'open.result.close(); }; };';
    }
}
