<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What a coach keeps: sheets in, everything out and back, deleted and brought back, erased. */
final class RecordsTest extends BrowserTestCase
{
    private const EXAMPLE = __DIR__.'/../../docs/examples/range-sheet.csv';

    public static function setUpBeforeClass(): void
    {
        self::beginAnew();
    }

    public function test_balls_come_in_from_a_sheet_in_other_words_units_and_signs(): void
    {
        $this->signIn();
        $this->openStudent('Noor Calloway');
        $this->see('Open this lesson');
        $this->press('Records');
        $this->press('Balls from a sheet');
        $this->see('nothing is stored before you have seen what comes out');
        self::assertSame([], $this->axe());
        $this->choose((string) realpath(self::EXAMPLE));
        $this->see('1 row is refused');
        $this->pick('What “Club” holds', 'Which rows to read');
        $this->click('input[type=checkbox]');
        $this->see('4 balls in 2 lessons, 3 Nov to 10 Nov.');
        $this->see('1 row is refused.');
        $this->see('Row 6. Ground contact [cm]: "36" is not allowed; allowed: -30 to 30 cm, or none');
        $this->see('4.5 cm behind');
        self::assertSame([], $this->axe());
        $this->type('Remember these columns as', 'Range');
        $this->press('Store 4 balls');
        $this->see('Done: 4 balls in 2 lessons, 1 row refused, 1 left out.');

        $this->choose((string) realpath(self::EXAMPLE));
        $this->see('This very file was read for Noor Calloway');
        $this->see('4 balls in 2 lessons');
        $this->press('Leave it');
        $this->press('To Noor Calloway');
        $this->see('10 Nov');
        $this->press('Records');
        $this->press('Balls from a sheet');
        $this->press('Take back');
        $this->see('Taken back: 4 balls');
        $this->press('To Noor Calloway');
        $this->until(
            fn(): bool => ! str_contains($this->shown(), '10 Nov') && str_contains($this->shown(), 'Open this lesson'),
            'The lessons of the sheet are still there.',
        );
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_file_that_is_no_sheet_is_refused_in_plain_words(): void
    {
        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->press('Records');
        $this->press('Balls from a sheet');
        $path = $this->downloads().'/picture.csv';
        file_put_contents($path, "GIF89a\0\0\0");
        $this->choose($path);
        $this->see('allowed: a sheet saved as CSV');
    }

    public function test_what_was_deleted_comes_back_and_what_was_erased_leaves_a_receipt_and_is_in_the_archive_alone(): void
    {
        $folder = $this->downloads();
        $this->signIn('idris');
        $this->openStudent('Rafe Underhay');
        $this->see('Open this lesson');
        $this->press('Report and more');
        $this->press('Delete');
        $this->press('Records');
        $this->press('Delete (30 days to undo)');
        $this->see('was deleted');
        $this->visit('/you');
        $this->see('Deleted, can come back');
        $this->see('student Rafe Underhay, until');
        self::assertSame([], $this->axe());
        $this->press('Bring back');
        // The lesson that was deleted before its student stays where it was.
        $this->see('lesson Rafe Underhay, ');
        self::assertStringNotContainsString('student Rafe Underhay, until', $this->shown());
        $this->press('Bring back');
        $this->until(fn(): bool => ! str_contains($this->shown(), 'Deleted, can come back'), 'The lesson does not come back.');

        $zip = $this->archive($folder);
        $this->visit('/');
        $this->openStudent('Rafe Underhay');
        $this->press('Records');
        $this->press('Erase for good');
        $this->see('cannot come back');
        $this->press('Erase now');
        $this->see('Receipt ');
        $this->see('all records of this student were erased');
        $this->visit('/');
        // Whom another coach shares with him is there, and nobody of his own.
        $this->see('Petra Lindqvale');
        self::assertStringNotContainsString('Rafe Underhay', $this->shown());
        $this->visit('/you');
        $this->see('Read a zip back');
        $this->choose($zip);
        $this->see('Read back: 1 students');
        $this->visit('/');
        $this->openStudent('Rafe Underhay');
        $this->see('Open this lesson');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_everything_goes_out_as_a_zip_and_an_account_with_students_takes_none_in(): void
    {
        $folder = $this->downloads();
        $this->signIn();
        $path = $this->archive($folder);
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($path));
        self::assertStringContainsString('Bea Achterberg', (string) $zip->getFromName('csv/students.csv'));
        $zip->close();
        $this->choose($path);
        $this->see('allowed: an account without students');
        $this->visit('/');
        $this->see('Bea Achterberg');
    }

    private function archive(string $folder): string
    {
        $this->visit('/you');
        $this->press('Everything as a zip');
        $this->until(static fn(): bool => glob("{$folder}/*.zip") !== [], 'No zip comes.');

        return (glob("{$folder}/*.zip") ?: [''])[0];
    }

    public function test_a_student_that_was_deleted_by_mistake_comes_back_by_keyboard(): void
    {
        $this->signIn();
        $this->openStudent('Noor Calloway');
        $this->press('Records');
        $this->press('Delete (30 days to undo)');
        $this->see('Noor Calloway was deleted.');
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::F8]);
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER]);
        $this->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector('[aria-label$="Noor Calloway"]')) !== [],
            'Noor is not back in the list.',
        );
        self::assertSame([], $this->axe());
        $this->quiet();
    }

    public function test_the_list_is_narrowed_by_group_shot_and_words(): void
    {
        $this->signIn();
        $this->see('Retest due');
        $names = fn(): array => $this->browser->executeScript(
            "return [...document.querySelectorAll('main li a .display')].map((one) => one.textContent)",
        );
        $all = \count($names());
        $this->press('Slipping 1');
        $this->until(fn(): bool => $names() === ['Iwan Tesh'], 'Only who slips is shown.');
        $this->press('All ');
        $this->press('pitch ');
        $this->until(fn(): bool => $names() === ['Noor Calloway'], 'Only who pitches is shown.');
        $this->press('all shots');
        $this->until(fn(): bool => \count($names()) === $all, 'All are shown again.');
        $this->browser->findElement(WebDriverBy::cssSelector('input[type=search]'))->sendKeys('scoop');
        $this->until(fn(): bool => $names() === ['Odile Marsh'], 'A cause is found.');
    }
}
