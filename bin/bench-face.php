<?php

declare(strict_types=1);

// The drawing part of bin/bench: how long a step takes in the browser once all is ready, of the face and of the whole piece.
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

[, $base, $driver] = $argv;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/bench-shared.php';
require __DIR__.'/browser.php';

const FRAME = 1000 / 60;

/** The recipe opened at its last step, with a canvas to be looked at. */
$open = static function (RemoteWebDriver $browser, string $id, string $canvas) use ($base): void {
    $browser->get("$base/recipes/$id");
    $browser->findElement(WebDriverBy::cssSelector('[data-testid=film]'));
    if ('piece' === $canvas) {
        $browser->findElement(WebDriverBy::xpath('//button[.="Whole piece"]'))->click();
    }
    $browser->wait(20, 50)->until(static fn () => $browser->executeScript('return performance.getEntriesByName(arguments[0]).length > 0', [$canvas]));
};
/** The times of going to and fro through the steps, in frames, but for the first that makes all ready. */
$walk = static function (RemoteWebDriver $browser, string $canvas): array {
    for ($round = 0; $round < 60; ++$round) {
        $browser->executeScript('window.dispatchEvent(new KeyboardEvent("keydown", { key: arguments[0], bubbles: true }))', [$round % 12 < 6 ? '[' : ']']);
    }
    $took = array_slice($browser->executeScript('return performance.getEntriesByName(arguments[0]).map(e => e.duration)', [$canvas]), 1);
    sort($took);

    return array_map(static fn (float|int $ms): float => $ms / FRAME, $took);
};
$browser = headless($base, $driver);
$recipe = static fn (string $query): stdClass => json_decode((string) file_get_contents("$base/api/recipes?query=$query"))->recipes[0];
$kept = true;
$tell = static function (string $what, array $took) use (&$kept): void {
    $kept = told("$what, frames (nineteen of twenty)", $took[(int) (0.95 * count($took))], sprintf('median %.2f of %d', $took[intdiv(count($took), 2)], count($took))) && $kept;
};
$open($browser, $recipe('rack')->id, 'face');
$tell('A step of the face drawn', $walk($browser, 'face'));

$document = json_decode((string) file_get_contents("$base/api/recipes/".$recipe('cupboard')->id.'/document'));
foreach (range(count($document->piece->parts), 11) as $i) {
    $part = clone $document->piece->parts[$i % 4];
    [$part->id, $part->name] = ["more$i", "More $i"];
    $document->piece->parts[] = $part;
}
$made = json_decode((string) file_get_contents("$base/api/recipes", false, stream_context_create(['http' => [
    'method' => 'POST',
    'header' => 'Content-Type: application/json',
    'content' => json_encode(['document' => $document]),
]])));
$open($browser, $made->id, 'piece');
$tell('A step of a piece of '.count($document->piece->parts).' parts drawn', $walk($browser, 'piece'));
$browser->quit();
exit($kept ? 0 : 1);
