<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/browser.php';

[, $base, $driver, $folder] = $argv;
$only = array_slice($argv, 4);
$browser = headless($base, $driver);
$json = static fn (string $path): stdClass => json_decode((string) file_get_contents($base.$path), false, 64, JSON_THROW_ON_ERROR);

$recipe = static fn (string $query): string => $json('/api/recipes?query='.rawurlencode($query))->recipes[0]->id;
$board = static fn (string $title): string => array_column(array_map(static fn (stdClass $b): array => [explode(' ', $b->title)[0], $b->id], $json('/api/boards')->boards), 1, 0)[$title];
$pot = static fn (string $name): string => array_column(array_map(static fn (stdClass $p): array => [$p->name, $p->id], $json('/api/pots')->pots), 1, 0)[$name];
$find = static fn (string $xpath) => $browser->findElement(WebDriverBy::xpath($xpath));
$press = static function (string $text) use ($find): void {
    $find("//*[self::button or self::a][starts-with(normalize-space(), '$text') or @aria-label='$text' or contains(., '$text')]")->click();
    usleep(600_000);
};
$type = static function (string $label, string $text) use ($browser, $find): void {
    $field = $browser->findElement(WebDriverBy::id((string) $find("//label[starts-with(normalize-space(), '$label')]")->getAttribute('for')));
    $field->sendKeys(WebDriverKeys::CONTROL.'a');
    $field->sendKeys($text.WebDriverKeys::ENTER);
    usleep(600_000);
};
$step = static fn (string $name): mixed => [$browser->executeScript('[...document.querySelectorAll("[role=option]")].find(e => e.textContent.includes(arguments[0])).click()', [$name]), usleep(700_000)];
$spot = static function (float $x, float $y) use ($browser): void {
    $photo = $browser->findElement(WebDriverBy::cssSelector('[data-testid=photo]'));
    $browser->executeScript('arguments[0].scrollIntoView({ block: "end" })', [$photo]);
    $size = $photo->getSize();
    $browser->action()->moveToElement($photo, (int) ($x * $size->getWidth()), (int) ($y * $size->getHeight()))->click()->perform();
    usleep(600_000);
};

$post = static fn (string $path, mixed $body): mixed => json_decode((string) file_get_contents($base.$path, false, stream_context_create(['http' => ['method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => json_encode($body)]])));
/** A link by which a client chooses among four finishes for the cupboard. */
$choose = static function () use ($base, $post, $recipe): string {
    $piece = json_decode((string) file_get_contents("$base/api/recipes/".$recipe('cupboard')))->document->piece;
    $looks = array_map(static fn (string $family, string $name): array => [
        'name' => $name,
        'document' => $post('/api/finishes', ['family' => $family, 'piece' => $piece])->document,
    ], ['worn-edges', 'wash-over-wash', 'two-colour-blend', 'layered-driftwood'], ['Worn edges', 'A wash over a wash', 'Two colours blended', 'Driftwood']);

    return (string) parse_url($post('/api/offers', ['title' => 'Your lamp cupboard', 'looks' => $looks])->url, PHP_URL_PATH);
};

/** By name: where it is taken, and what is done there first. */
$pictures = [
    'book' => ['/', null],
    'wall' => ['/recipes/new', static fn () => sleep(8)],
    'look' => ['/recipes/new/look', static fn () => [$type('Flat areas', '#6c8088'), $type('Edges', '#e0d8c0'), $press('Find recipes'), sleep(25)]],
    'section' => ['/recipes/'.$recipe('cupboard'), static fn () => $step('Smoke glaze')],
    'findings' => ['/recipes/'.$recipe('cupboard'), static fn () => $press('findings')],
    'piece' => ['/recipes/'.$recipe('cupboard').'/piece', null],
    'sheet' => ['/recipes/'.$recipe('cupboard').'/sheet', null],
    'mix' => ['/mix', null],
    'board' => ['/boards/'.$board('Grey'), null],
    'board-read' => ['/boards/'.$board('Slate').'/read', static fn () => [$find('//*[@data-patch="C2"]')->click(), usleep(800_000), $spot(0.0, 0.36), $spot(0.33, -0.15)]],
    'days' => ['/days', null],
    'bench' => ['/days', static fn () => [$press('Bench'), usleep(1_500_000)]],
    'choose' => [$choose, static fn () => $press('I like B')],
    'eye' => ['/logbook/eye', static fn () => [$press('Start a round'), usleep(800_000)]],
    'logbook' => ['/logbook', static fn () => [$press('Two ochre coats'), usleep(800_000)]],
    'pots' => ['/shelf/pots/'.$pot('Slate wash, too thin'), null],
    'buy' => ['/shelf/buy', static fn () => array_map(static fn (int $i) => [$browser->findElements(WebDriverBy::cssSelector('input[type=checkbox]'))[$i]->click(), usleep(500_000)], [0, 1, 3])],
    'shelf' => ['/shelf', static fn () => $press('Engine Green')],
    'settings' => ['/settings', null],
];
$browser->get($base.'/api/health');
$browser->executeScript('localStorage.setItem("inlaid-tour", "seen")');
foreach ([] === $only ? $pictures : array_intersect_key($pictures, array_flip($only)) as $name => [$path, $first]) {
    $browser->get($base.(is_string($path) ? $path : $path()));
    usleep(1_500_000);
    null !== $first && $first();
    $browser->takeScreenshot("$folder/$name.png");
    echo "$name\n";
}
$browser->quit();
