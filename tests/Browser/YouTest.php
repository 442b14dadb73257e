<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The coach's own account. */
final class YouTest extends BrowserTestCase
{
    public function test_units_clubs_and_password_are_the_coachs_own(): void
    {
        $this->signIn('idris');
        $this->press('You');
        $this->see('The usual four, until you say which are yours.');
        self::assertSame([], $this->axe());

        $this->press('Another club');
        $this->browser->executeScript('document.querySelectorAll("section[aria-label=Clubs] input")[12].focus()');
        $this->keys('4', '2');
        $this->browser->executeScript('document.querySelectorAll("section[aria-label=Clubs] input")[13].focus()');
        $this->keys('4');
        $this->browser->executeScript('document.querySelector("section[aria-label=Clubs] button[type=submit]").click()');
        $this->see('Your own.');
        $this->press('yards and inches');
        $this->until(
            fn(): bool => $this->element('button[data-state=on]')->getText() === 'yards and inches',
            'The units are not changed.',
        );
        $this->visit('/shots');
        $this->see('To the edge, yd');
        $this->see('42/4');

        $this->visit('/you');
        $this->type('The one there is', 'a guess');
        $this->type('The new one', 'dunes-in-the-wind');
        $this->press('Change the password');
        $this->see('This is not the password there is.');
        $this->type('The one there is', 'marram-and-sand');
        $this->type('The new one', 'password1234');
        $this->press('Change the password');
        $this->see('among the first that are tried');
        $this->type('The new one', 'dunes-in-the-wind');
        $this->press('Change the password');
        $this->see('Changed. Other devices have to sign in again.');
        self::assertSame([], $this->consoleErrors());
    }
}
