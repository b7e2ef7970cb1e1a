<?php

declare(strict_types=1);

// The drawing part of bin/bench: how long a step of the face takes in the browser once the face is ready.
[, $base, $driver] = $argv;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/browser.php';

const FRAME = 1000 / 60;

$id = json_decode((string) file_get_contents("$base/api/recipes?query=rack"))->recipes[0]->id;
$browser = headless($base, $driver);
$browser->get("$base/recipes/$id");
$at = static fn (): int => (int) $browser->executeScript('return document.querySelector("canvas[data-after]")?.dataset.after ?? -1');
for ($tries = 0; $tries < 200 && $at() < 1; ++$tries) {
    usleep(50_000);
}
for ($round = 0; $round < 60; ++$round) {
    $browser->executeScript('window.dispatchEvent(new KeyboardEvent("keydown", { key: arguments[0], bubbles: true }))', [$round % 12 < 6 ? '[' : ']']);
}
$took = $browser->executeScript('return performance.getEntriesByName("face").map(e => e.duration)');
$browser->quit();
$took = array_slice($took, 1); // the first also makes the canvas
sort($took);
$slow = $took[(int) (0.95 * count($took))];
printf("A step of the face is drawn in %.2f of a frame (median of %d; nineteen of twenty within %.2f); at most 1.\n", $took[intdiv(count($took), 2)] / FRAME, count($took), $slow / FRAME);
exit($slow > FRAME ? 1 : 0);
