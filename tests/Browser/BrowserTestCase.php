<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;

/**
 * The real interface in headless Chromium. bin/test starts the app with the demo world and ChromeDriver, and names
 * them in LOW_POINT_URL and CHROMEDRIVER_URL. A failing test leaves a picture in .local/log.
 */
abstract class BrowserTestCase extends TestCase
{
    protected const MM_ACROSS_THE_STRIP = 444;

    /** Machines are shared: what takes a moment may take many. */
    private const PATIENCE_S = 120;

    /** Each look is work for the browser too. */
    private const LOOK_EVERY_MS = 120;

    /** Of tests that take the network away. In the others the app is not kept for later, which is a quarter of the work of a short test. */
    public const OFFLINE = 'offline';

    protected RemoteWebDriver $browser;

    /** What this test downloads. */
    private string $downloads;

    protected function setUp(): void
    {
        $this->downloads = sys_get_temp_dir().'/low-point-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)
            ->setBinary('/usr/bin/chromium-headless-shell')
            ->addArguments([
                '--headless',
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--disable-dev-shm-usage',
                '--hide-scrollbars',
                '--accept-lang=en-GB',
            ]);
        $this->browser = RemoteWebDriver::create(
            self::environment('CHROMEDRIVER_URL'),
            DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
        );
        if (! \in_array(self::OFFLINE, $this->groups(), true)) {
            $this->devTools('Page.addScriptToEvaluateOnNewDocument', ['source' => 'delete Navigator.prototype.serviceWorker']);
        }
        $this->browser->manage()->timeouts()->setScriptTimeout(self::PATIENCE_S);
        $this->resize(1280, 800);
    }

    protected function tearDown(): void
    {
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $this->tell();
        }
        $this->browser->quit();
        exec('rm -rf '.escapeshellarg($this->downloads));
    }

    /** What there is to know of a test that failed, also where nobody can look at the picture afterwards. */
    private function tell(): void
    {
        $this->browser->takeScreenshot(\dirname(__DIR__, 2).'/.local/log/failed-'.preg_replace('/\W+/', '-', $this->name()).'.png');
        $asked = $this->browser->executeScript(
            'const told = ({name, startTime, responseStatus, duration}) =>'.
                '`${Math.round(startTime)} ms: ${responseStatus} after ${Math.round(duration)} ms, ${new URL(name).pathname}`;'.
                'return performance.getEntriesByType("resource").filter(({name}) => name.includes("/api/")).slice(-12).map(told)',
        );
        fwrite(STDOUT, implode("\n   ", [
            "\n   {$this->name()} failed at {$this->browser->getCurrentURL()}, where it says:",
            mb_substr($this->shown(), 0, 600),
            'asked last, since the page was loaded:',
            ...(\is_array($asked) ? $asked : []),
        ])."\n");
    }

    /** The demo world as it was: for stories that other tests may have gone on with. */
    protected static function beginAnew(): void
    {
        exec('php '.escapeshellarg(\dirname(__DIR__, 2).'/artisan').' migrate:fresh --seed --force 2>&1', $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
    }

    protected function resize(int $width, int $height): void
    {
        [$dx, $dy] = $this->browser->executeScript('return [outerWidth - innerWidth, outerHeight - innerHeight]');
        $this->browser->manage()->window()->setSize(new WebDriverDimension($width + $dx, $height + $dy));
    }

    protected function visit(string $path): void
    {
        $this->browser->get(self::environment('LOW_POINT_URL').$path);
    }

    protected function signIn(string $coach = 'maren', string $password = 'marram-and-sand'): void
    {
        $this->visit('/');
        $this->element('input[type=email]')->sendKeys("{$coach}@saltgrass.example");
        $this->element('input[type=password]')->sendKeys($password);
        $this->press('Sign in');
        $this->see('Students');
    }

    /** The first shown element for a CSS selector, waited for. */
    protected function element(string $css): RemoteWebElement
    {
        return $this->browser->wait(self::PATIENCE_S, self::LOOK_EVERY_MS)->until(function () use ($css): ?RemoteWebElement {
            foreach ($this->browser->findElements(WebDriverBy::cssSelector($css)) as $element) {
                try {
                    if ($this->stands($element)) {
                        return $element;
                    }
                } catch (StaleElementReferenceException) {
                    // Drawn anew between finding it and looking at it: it is looked for again.
                }
            }

            return null;
        }, "There is no {$css} on the screen.");
    }

    /** Presses the button or link with these words, exactly or else at the start; in the open sheet where there is one. */
    protected function press(string $words): void
    {
        $this->browser->wait(self::PATIENCE_S, self::LOOK_EVERY_MS)->until(function () use ($words): bool {
            $under = $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [] ? '' : "//*[@role='dialog']";
            $pressable = "{$under}//*[self::a or self::button or self::summary]";
            // Only on a page that holds the words at all: one that comes between two of the looks would be taken for a looser match.
            $exactly = "normalize-space(.) = '{$words}' or @aria-label = '{$words}'";
            $there =
                $this->browser->findElements(
                    WebDriverBy::xpath("{$pressable}[contains(normalize-space(.), '{$words}') or starts-with(@aria-label, '{$words}')]"),
                ) !== [];
            $looser = [
                "starts-with(normalize-space(.), '{$words}') or starts-with(@aria-label, '{$words}')",
                "contains(normalize-space(.), '{$words}')",
            ];
            foreach ($there ? [$exactly, ...$looser] : [] as $match) {
                foreach ($this->browser->findElements(WebDriverBy::xpath("{$pressable}[{$match}]")) as $element) {
                    try {
                        if ($this->stands($element) && $element->isEnabled()) {
                            return $this->touched($element);
                        }
                    } catch (StaleElementReferenceException) {
                        return false;
                    }
                }
            }

            return false;
        }, "There is nothing to press with the words {$words}.");
    }

    /** Clicks the first shown element for a CSS selector, once more where it was drawn anew meanwhile. */
    protected function click(string $css): void
    {
        $this->until(fn(): bool => $this->touched($this->element($css)), "There is no {$css} to click.");
    }

    /** What lies in a closed fold counts as displayed for some drivers. */
    private function stands(RemoteWebElement $element): bool
    {
        return $element->isDisplayed() && $this->browser->executeScript('return arguments[0].checkVisibility()', [$element]) === true;
    }

    /** False where it is drawn anew or covered just now, as by a message that goes again. */
    protected function touched(WebDriverElement $element): bool
    {
        try {
            $element->click();

            return true;
        } catch (ElementClickInterceptedException) {
            // What stands fast at the lower edge of a phone covers what the driver has scrolled no further than to there.
            $this->browser->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);

            return false;
        } catch (ElementNotInteractableException | StaleElementReferenceException) {
            return false;
        }
    }

    protected function see(string $words): void
    {
        $this->until(fn(): bool => str_contains($this->shown(), $words), "The screen does not say: {$words}");
    }

    protected function shown(): string
    {
        // Narrow and no-break spaces read like any other.
        return preg_replace('/\s+/u', ' ', (string) $this->browser->executeScript('return document.body.innerText')) ?? '';
    }

    protected function until(callable $true, string $else, int $seconds = self::PATIENCE_S): void
    {
        $this->browser->wait($seconds, self::LOOK_EVERY_MS)->until(static function () use ($true): mixed {
            try {
                return $true();
            } catch (StaleElementReferenceException) {
                // Drawn anew meanwhile: it is looked at again.
                return false;
            }
        }, $else);
        $this->addToAssertionCount(1);
    }

    /** Waits until nothing more is fetched. */
    protected function quiet(): void
    {
        $fetched = -1;
        $this->until(function () use (&$fetched): bool {
            $before = $fetched;
            $fetched = (int) $this->browser->executeScript('return performance.getEntriesByType("resource").length');
            usleep(500_000);

            return $fetched === $before;
        }, 'The page never comes to rest.');
    }

    /** Taps the ground strip at x of the picture in mm, and drags by so many mm when asked. */
    protected function tapStrip(float $pictureMm, float $dragMm = 0): void
    {
        $strip = $this->element('[data-testid=ground-strip]');
        $scale = $strip->getSize()->getWidth() / self::MM_ACROSS_THE_STRIP;
        $action = $this->browser->action()->moveToElement($strip, (int) round($pictureMm * $scale), 0)->clickAndHold();
        if ($dragMm !== 0.0) {
            $action = $action->moveByOffset((int) round($dragMm * $scale), 0);
        }
        $action->release()->perform();
    }

    protected function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            try {
                $this->browser->action()->sendKeys(null, $key)->perform();
            } catch (StaleElementReferenceException | ElementNotInteractableException) {
                // What had the focus was drawn anew, or went, between asking for it and typing: nothing was typed yet.
                $this->browser->action()->sendKeys(null, $key)->perform();
            }
        }
    }

    /** Waits until the reading counts so many balls and nothing waits to be sent. */
    protected function readingOf(int $balls): void
    {
        $this->until(
            fn(): bool => $this->element('[data-testid=reading]')->getAttribute('data-balls') === (string) $balls,
            "The reading does not come to {$balls} balls.",
        );
    }

    /** @return list<string> what was written to the browser's console as an error, but for refusals that a test provokes */
    protected function consoleErrors(): array
    {
        $lines = array_map(static fn(array $line): string => $line['message'], $this->browser->manage()->getLog('browser'));

        return array_values(array_filter($lines, static fn(string $line): bool => ! str_contains($line, 'Failed to load resource')));
    }

    /**
     * @param  string  ...$also  rules beyond WCAG 2.2 AA
     * @return list<string> what axe finds on the screen
     */
    protected function axe(string ...$also): array
    {
        $this->browser->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        /** @var list<array{id: string, nodes: list<array{html: string}>}> $found */
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[1]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"], rules: '.
                'Object.fromEntries(arguments[0].map(id => [id, {enabled: true}]))}).then(r => done(r.violations))',
            [$also],
        );

        return array_map(static fn(array $one): string => $one['id'].': '.($one['nodes'][0]['html'] ?? ''), $found);
    }

    /** Fills the field with this label. */
    protected function type(string $label, string $text): void
    {
        $field = WebDriverBy::xpath("//label[starts-with(normalize-space(.), '{$label}')]//*[self::input or self::textarea]");
        $this->until(fn(): bool => $this->browser->findElements($field) !== [], "There is no field {$label}.");
        $this->typeOver($this->browser->findElement($field), $text);
    }

    /** As a person does it. The driver's own way to clear a field goes unnoticed by the page, which may put back what stood there. */
    private function typeOver(RemoteWebElement $input, string $text): void
    {
        $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $input->sendKeys($text === '' ? WebDriverKeys::DELETE : $text);
    }

    /** Takes a look and gives one of the answers offered. */
    protected function look(string $observable, string $answer): void
    {
        $this->openLook($observable);
        $this->element('[data-radix-popper-content-wrapper]');
        $this->press($answer);
    }

    /** What was not looked at yet stands behind "more checks". */
    private function openLook(string $observable): void
    {
        $field = WebDriverBy::cssSelector("[data-look={$observable}]");
        if ($this->browser->findElements($field) === []) {
            $this->press('more checks');
        }
        $this->until(fn(): bool => $this->browser->findElements($field) !== [], "There is no look {$observable}.");
        $this->browser->findElement($field)->click();
    }

    /** What is said of a look among those seen; null where it was not looked at. */
    protected function seen(string $observable): ?string
    {
        foreach ($this->browser->findElements(WebDriverBy::cssSelector("[data-look={$observable}]")) as $field) {
            $said = (string) $this->browser->executeScript('return arguments[0].textContent', [$field]);

            return str_contains($said, 'not looked at') || $field->getAttribute('data-since') !== null ? null : $said;
        }

        return null;
    }

    protected function lookExactly(string $observable, string $figure): void
    {
        $this->openLook($observable);
        $this->typeOver($this->element('[data-radix-popper-content-wrapper] input'), $figure);
        $this->click('[data-radix-popper-content-wrapper] button[type=submit]');
    }

    /** Chooses in the list with this label. */
    protected function pick(string $label, string $words): void
    {
        $select = new WebDriverSelect($this->element('select[aria-label="'.$label.'"]'));
        $select->selectByVisibleText($words);
    }

    /** Chooses a day, as the browser's own picker does: what is typed depends on the reader's way to write dates. */
    protected function pickDay(string $css, string $day): void
    {
        $this->browser->executeScript(
            'Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(arguments[0], arguments[1]); '.
                'arguments[0].dispatchEvent(new Event("input", {bubbles: true}));',
            [$this->element($css), $day],
        );
    }

    /** Gives a file to the chooser of the page. */
    protected function choose(string $path): void
    {
        // The chooser itself is not shown; its label is.
        $this->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector('input[type=file]')) !== [],
            'There is no file to choose.',
        );
        $this->browser
            ->findElement(WebDriverBy::cssSelector('input[type=file]'))
            ->setFileDetector(new LocalFileDetector)
            ->sendKeys($path);
    }

    /** Where this browser puts what it downloads. */
    protected function downloads(): string
    {
        is_dir($this->downloads) || mkdir($this->downloads);
        $this->devTools('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $this->downloads]);

        return $this->downloads;
    }

    /** Presses the student's name, and waits for his page: the list from which it comes has the same buttons for each of its students. */
    protected function openStudent(string $name): void
    {
        $this->press($name);
        $this->until(
            fn(): bool => array_map(
                static fn(RemoteWebElement $title): string => $title->getText(),
                $this->browser->findElements(WebDriverBy::tagName('h1')),
            ) === [$name],
            "The page of {$name} does not open.",
        );
    }

    /** Begins a lesson with a student as the form stands, and tells its id. */
    protected function beginLesson(string $student): string
    {
        $this->openStudent($student);
        $this->click('main a[href$="/begin"]');
        $this->press('Begin the lesson');
        $this->see('No balls yet');

        return basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
    }

    /** Opens the first lesson ever held with the student. */
    protected function openFirstLesson(string $student): void
    {
        $this->visit('/');
        $this->openStudent($student);
        $this->see('Open this lesson');
        $links = $this->browser->findElements(WebDriverBy::linkText('Open this lesson'));
        $this->browser->executeScript('arguments[0].click()', [$links[\count($links) - 1]]);
    }

    /** Without Network.enable Chromium tells the page that it is offline and goes on serving it. */
    protected function network(bool $offline): void
    {
        self::assertContains(self::OFFLINE, $this->groups(), 'a test that takes the network away says so');
        $this->devTools('Network.enable', []);
        $this->devTools('Network.emulateNetworkConditions', [
            'offline' => $offline,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
        // It takes a moment until the browser has heard of it.
        $this->until(
            fn(): bool => $this->browser->executeAsyncScript(
                'const done = arguments[0]; fetch("/up", {cache: "no-store"}).then(() => done(true), () => done(false))',
            ) === ! $offline,
            'The network is not as it should be.',
        );
    }

    /** @param array<string, mixed> $parameters */
    protected function devTools(string $command, array $parameters): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute($command, $parameters);
    }

    private static function environment(string $name): string
    {
        $value = getenv($name);

        return \is_string($value) && $value !== '' ? $value : self::fail("{$name} is not set: browser tests are run by bin/test.");
    }
}
