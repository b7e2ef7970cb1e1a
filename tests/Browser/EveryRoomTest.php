<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Inlaid\Tests\Http\Studio;

/**
 * What must hold in every room: accessible, nothing fetched from elsewhere, nothing thrown, no sideways scroll.
 */
final class EveryRoomTest extends Rooms
{
    public function testEveryRoom(): void
    {
        $id = $this->studio->recipe()->id;
        $board = $this->studio->json('GET', '/api/boards')->boards[0]->id;
        $secret = basename($this->studio->json('POST', "/api/boards/$board/shares", ['days' => 2], 201)->url);
        $runs = array_column($this->studio->json('GET', '/api/runs')->runs, 'id');
        $run = $runs[0];
        $pot = $this->studio->json('GET', '/api/pots')->pots[0]->id;
        $offer = basename($this->studio->json('POST', '/api/offers', [
            'title' => 'Your rack',
            'days' => 2,
            'looks' => [['name' => 'Slate', 'recipe' => $id], ['name' => 'Green', 'recipe' => $this->studio->recipe('cupboard')->id]],
        ], 201)->url);
        $rooms = [
            '/' => 'main li h2',
            '/recipes/new' => 'main li canvas',
            '/recipes/new/look' => 'main form',
            "/recipes/$id" => '[data-testid=film]',
            "/recipes/$id/piece" => '[data-testid=part-area]',
            "/recipes/$id/sheet" => 'section h2',
            '/mix' => 'svg[role=img]',
            '/mix?task=stripe' => '[data-testid=stripe], [aria-label=Stripes] button',
            '/boards' => 'main li h2',
            "/boards/$board" => '[data-patch]',
            "/boards/$board/lay" => '[data-testid=round]',
            "/boards/$board/read" => '[data-patch]',
            "/boards/$board/compare" => '[data-testid=compared]',
            "/boards/$board/choose" => '[data-patch]',
            "/boards/$board/backs" => '[data-testid=back]',
            "/look/$secret" => '[data-patch]',
            '/days' => '[data-testid=next]',
            '/logbook' => 'main li',
            "/choose/$offer" => 'main canvas',
            "/logbook/$run" => '[data-testid=sums]',
            "/logbook/$run/compare/$runs[1]" => 'main h1',
            "/logbook/$run/care" => '[data-testid=until]',
            '/logbook/eye' => 'main h1',
            '/shelf/pots' => 'main h2',
            "/shelf/pots/$pot" => 'main h2',
            "/shelf/pots/$pot/label" => '[data-testid=label]',
            '/shelf/buy' => 'main h2',
            "/bench/$run" => '[data-testid=act]',
            '/shelf' => 'main section h3',
            '/settings' => 'main h2',
            '/nowhere' => 'main h1',
        ];
        foreach ($rooms as $path => $ready) {
            $this->go($path);
            $this->see($ready);
            $this->assertAccessible($path);
            $this->checkWidth($path, 1280);
            $this->checkNothingLeftTheMachine($path);
        }
        $flawed = $this->studio->recipe('frame')->id;
        foreach ([
            ['Materials', "/recipes/$id", '[data-testid=film]'],
            ['Revisions', "/recipes/$id", '[data-testid=film]'],
            ['Save revision', "/recipes/$id", '[data-testid=film]'],
            ['Shortcuts', "/recipes/$id", '[data-testid=film]'],
            ['8 findings', "/recipes/$flawed", '[data-testid=film]'],
            ['Something else', "/bench/$run", '[data-testid=act]'],
            ['Change plan', "/bench/$run", '[data-testid=act]'],
            ['Another hand, share or tool', null, '[role=dialog]'],
            ['Closer to the target', "/recipes/$id", '[data-testid=film]'],
            ['Find the mix', "/recipes/$id", '[data-testid=film]'],
            ['Suggest next step', "/recipes/$id", '[data-testid=film]'],
            ['Search', "/recipes/$id", '[data-testid=film]'],
            ['Help', "/recipes/$id", '[data-testid=film]'],
            ['Note', "/bench/$run", '[data-testid=act]'],
            ['New board', '/boards', 'main li h2'],
            ['Paste a table', '/shelf', 'main section h3'],
            ['Repeat this job', "/logbook/$run", '[data-testid=sums]'],
        ] as [$dialog, $path, $ready]) {
            if (null !== $path) {
                $this->go($path);
            }
            $this->see($ready);
            $this->first(WebDriverBy::xpath("//button[contains(., '$dialog')]"))->click();
            $this->see('[role=dialog]');
            $this->assertAccessible($dialog);
            $this->checkNothingLeftTheMachine($dialog);
        }
        $this->go("/bench/$run");
        $this->see('[data-testid=act]');
        $this->button('Dark')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'Bright'), 'a dark bench');
        $this->assertAccessible('the dark bench');
        $this->checkNothingLeftTheMachine('the dark bench');
        $this->browser->manage()->window()->setSize(new WebDriverDimension(500, 844));
        $this->go('/mix');
        $this->see('svg[role=img]');
        $this->checkWidth('/mix', 500);
        $this->checkNothingLeftTheMachine('/mix on a phone');
        $complaints = array_filter($this->browser->manage()->getLog('browser'), static fn (array $e): bool => 'SEVERE' === $e['level']);
        self::assertSame([], array_column($complaints, 'message'));
        $this->studio = Studio::empty($this->studio->store);
        $this->go('/');
        $this->until(fn (): bool => str_contains($this->main(), 'No recipes yet'), 'a new studio');
        $this->assertAccessible('the empty book');
    }

    private function checkWidth(string $path, int $width): void
    {
        $wide = $this->browser->executeScript('return document.documentElement.scrollWidth');
        self::assertIsInt($wide);
        self::assertLessThanOrEqual($width, $wide, "$path scrolls sideways");
    }

    private function checkNothingLeftTheMachine(string $path): void
    {
        $asked = $this->browser->executeScript('return performance.getEntriesByType("resource").map((r) => r.name)');
        self::assertIsArray($asked);
        self::assertGreaterThan(10, \count($asked));
        self::assertLessThan(250, \count($asked), 'the page writes down no more of them');
        self::assertSame([], preg_grep('~^(http://127\.0\.0\.1:|data:|blob:)~', $asked, \PREG_GREP_INVERT), $path);
    }
}
