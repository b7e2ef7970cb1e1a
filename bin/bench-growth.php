<?php

declare(strict_types=1);

// How cost grows: each asked of the program in this process, the smallest first; what docs/performance.md tells of growth.
use Inlaid\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

[, $store] = $argv;
require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/bench-shared.php';
$_ENV['INLAID_STORE'] = $_SERVER['INLAID_STORE'] = $store;
$kernel = new Kernel('prod', false);
$kernel->boot();
$ask = static function (string $method, string $path, mixed $body = null) use ($kernel): array {
    $request = Request::create($path, $method, server: ['HTTP_HOST' => 'localhost', 'CONTENT_TYPE' => 'application/json'], content: null === $body ? null : json_encode($body, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
    $start = hrtime(true);
    $response = $kernel->handle($request);
    ob_start();
    $response->sendContent();
    $text = (string) ob_get_clean();
    $took = (hrtime(true) - $start) / 1e6;
    $response->getStatusCode() < 300 || throw new RuntimeException("$path answered {$response->getStatusCode()}: $text\n");

    return [$took, json_decode($text)];
};
/** The median of seven, after two that make all ready. */
$timed = static function (callable $once): float {
    $took = [];
    for ($i = 0; $i < 9; ++$i) {
        $took[] = $once();
    }
    $took = array_slice($took, 2);
    sort($took);

    return $took[intdiv(count($took), 2)];
};
/** @param array<int, float> $took by how many */
$tell = static function (string $what, array $took): void {
    $first = array_key_first($took);
    echo "$what: ", implode(', ', array_map(
        static fn (int $n, float $ms): string => $n === $first ? sprintf('%d take %.1f ms', $n, $ms) : sprintf('%s %.1f times that', number_format($n), $ms / $took[$first]),
        array_keys($took),
        $took,
    )), ".\n";
};

[$cupboard, $rack] = array_map(
    static fn (string $q): stdClass => $ask('GET', '/api/recipes/'.$ask('GET', "/api/recipes?query=$q")[1]->recipes[0]->id)[1],
    ['cupboard', 'ticket'],
);
$cupboard = $cupboard->document;
$took = [];
foreach ([7, 15, 30, 60, 100] as $count) {
    $took[$count] = $timed(static fn (): float => $ask('POST', '/api/preview', ['document' => longer($cupboard, $count)])[0]);
}
$tell('Steps of a recipe, its preview', $took);

foreach ($ask('GET', '/api/runs?bench=1')[1]->runs as $run) {
    $ask('PUT', "/api/runs/$run->id", ['version' => $run->version, 'archived' => true]);
}
$recipe = $ask('POST', '/api/recipes', ['document' => $cupboard])[1]->id;
$took = [];
for ($count = 1; $count <= 12; ++$count) {
    $ask('POST', '/api/runs', ['recipe' => $recipe, 'place' => [null, 'hall', 'window'][$count % 3]]);
    if (in_array($count, [1, 2, 4, 6, 12], true)) {
        $took[$count] = $timed(static fn (): float => $ask('POST', '/api/compute/days', (object) [])[0]);
    }
}
$tell('Pieces on the bench, of 7 steps each, their days', $took);

foreach ([3, 4] as $most) {
    $took = [];
    foreach ([4, 6, 8, 12] as $count) {
        $took[$count] = $timed(static fn (): float => $ask('POST', '/api/compute/match', ['target' => '#7f8a6b', 'paints' => array_slice(PAINTS, 0, $count), 'most' => $most])[0]);
    }
    $tell("Paints to match a colour from, up to $most in one mix", $took);
}

$begun = $ask('POST', '/api/compute/board/begin', ['recipe' => $rack->id, 'part' => 'case', 'steps' => ['s1', 's2', 's4'], 'width' => 100, 'height' => 80, 'vary' => 's4'])[1]->document;
$took = [];
foreach ([[2, 1], [3, 2], [4, 4], [6, 6]] as [$columns, $rows]) {
    $begun->columns = ['thing' => 'dwell', 'step' => 's4', 'levels' => array_map(strval(...), range(1, $columns))];
    $begun->rows = ['thing' => 'grit', 'step' => 's1', 'levels' => array_map(strval(...), array_slice([80, 100, 120, 150, 180, 220], 0, $rows))];
    $took[$columns * $rows] = $timed(static fn (): float => $ask('POST', '/api/compute/board', ['document' => $begun])[0]);
}
$tell('Patches of a board, worked out', $took);
