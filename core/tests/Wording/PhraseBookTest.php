<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Wording;

use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\PhraseBook;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PhraseBookTest extends TestCase
{
    private const PHRASES = [
        'Half swings.' => 'Halbe Schwünge.',
        'Lay a towel # out.' => 'Ein Handtuch # weit legen.',
        'Feet # to # apart' => 'Füße # bis # auseinander',
        '# of # clean' => '# von # sauber',
        '# heavy' => '# fett',
        '# in a row' => '# hintereinander',
        'From # down to #.' => 'Auf {2} hinab, von {1}.',
        'Now harder' => 'Jetzt schwerer',
        'in' => 'Zoll',
    ];

    #[TestWith(['Half swings.', 'Halbe Schwünge.'])]
    #[TestWith(['Lay a towel 2.5 m out.', 'Ein Handtuch 2,5 m weit legen.'])]
    #[TestWith(['Feet 8 to 14.2 cm apart', 'Füße 8 bis 14,2 cm auseinander'])]
    #[TestWith(['Feet 3.1 to 5.6 in apart', 'Füße 3,1 bis 5,6 Zoll auseinander'])]
    #[TestWith(['5 in a row', '5 hintereinander'])]
    #[TestWith(['From 9 down to 3.', 'Auf 3 hinab, von 9.'])]
    #[TestWith(['Two of seven clean; four heavy, one heavy.', '2 von 7 sauber; 4 fett, 1 fett.'])]
    #[TestWith(['Now harder: Half swings.', 'Jetzt schwerer: Halbe Schwünge.'])]
    public function test_figures_units_and_parts(string $english, string $german): void
    {
        self::assertSame($german, (new PhraseBook(self::PHRASES, Language::German))->say($english));
    }

    #[TestWith(['Think of the sea.'])]
    #[TestWith(['Half swings. Think of the sea.'])]
    #[TestWith([''])]
    public function test_what_is_not_in_the_book_stays_as_it_is(string $own): void
    {
        $book = new PhraseBook(self::PHRASES, Language::German);

        self::assertSame($own, $book->say($own));
        self::assertFalse($book->knows($own));
    }
}
