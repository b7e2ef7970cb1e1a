<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

/**
 * Who is new here is shown round, and every room says what it is for.
 */
final class TourTest extends Rooms
{
    public function testTheTourLeadsThroughAllRoomsAndCanBeLeft(): void
    {
        $this->go('/');
        $this->button('Start tour')->click();
        $seen = [];
        for ($stop = 1; $stop <= 11; ++$stop) {
            $this->until(fn (): bool => str_contains($this->text('aside'), "$stop of 11"), "stop $stop");
            $seen[] = explode('/', (string) parse_url($this->browser->getCurrentURL(), \PHP_URL_PATH))[1];
            $stop < 11 && $this->button('Next')->click();
        }
        self::assertSame(['', 'recipes', 'recipes', 'recipes', 'mix', 'boards', 'days', 'bench', 'logbook', 'shelf', 'settings'], $seen);
        $this->button('Finish')->click();
        $this->untilGone('aside');

        $this->press('h');
        $this->button('Start tour')->click();
        $this->until(fn (): bool => str_contains($this->text('aside'), '1 of 11'), 'once more, from the help');
        $this->button('Next')->click();
        $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/recipes/'), 'on it goes');
        $this->go('/shelf');
        $this->until(fn (): bool => str_contains($this->text('aside'), '2 of 11'), 'a reload takes nobody away');
        self::assertStringEndsWith('/shelf', $this->browser->getCurrentURL());
        $this->button('End tour')->click();
        $this->go('/');
        $this->until(fn (): bool => str_contains($this->main(), 'Ticket rack'), 'the book');
        self::assertStringNotContainsString('New here?', $this->main(), 'it is offered once');
    }

    public function testEveryRoomSaysWhatItIsFor(): void
    {
        $recipe = $this->studio->recipe()->id;
        $run = $this->studio->json('GET', '/api/runs')->runs[0]->id;
        foreach ([
            '/' => 'Book',
            "/recipes/$recipe" => 'Section',
            "/recipes/$recipe/piece" => 'Piece',
            '/mix' => 'Mix',
            '/boards' => 'Boards',
            '/days' => 'Days',
            "/bench/$run" => 'Bench',
            '/logbook' => 'Logbook',
            "/logbook/$run" => 'Job',
            '/shelf' => 'Shelf',
            '/shelf/pots' => 'Pots',
            '/shelf/buy' => 'To buy',
            '/settings' => 'Settings',
        ] as $path => $name) {
            $this->go($path);
            $this->button('Help')->click();
            $this->until(fn (): bool => str_starts_with($this->text('[role=dialog]'), $name."\n"), $name);
        }
    }
}
