<?php

declare(strict_types=1);

// The measuring part of bin/bench. Both addresses are asked in turn, so that a busy machine slows both alike.
[, $base, $build] = $argv;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/bench-shared.php';

/** @return array{float, string} milliseconds and answer, over one kept connection */
function ask(CurlHandle $curl, string $url, ?string $body): array
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Content-Type: application/json'], CURLOPT_POST => null !== $body, CURLOPT_HTTPGET => null === $body] + (null === $body ? [] : [CURLOPT_POSTFIELDS => $body]));
    $start = hrtime(true);
    $answer = curl_exec($curl);
    $took = (hrtime(true) - $start) / 1e6;
    if (!is_string($answer) || 200 !== curl_getinfo($curl, CURLINFO_RESPONSE_CODE)) {
        fwrite(STDERR, "No answer from $url: ".(is_string($answer) ? $answer : curl_error($curl))."\n");
        exit(1);
    }

    return [$took, $answer];
}

/** @param array<string, mixed> $body */
function send(CurlHandle $curl, string $method, string $url, array $body): mixed
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_HTTPHEADER => ['Content-Type: application/json'], CURLOPT_POSTFIELDS => json_encode($body, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)]);
    $answer = curl_exec($curl);
    curl_setopt($curl, CURLOPT_CUSTOMREQUEST, null);
    if (!is_string($answer) || curl_getinfo($curl, CURLINFO_RESPONSE_CODE) >= 300) {
        fwrite(STDERR, "No answer from $url: $answer\n");
        exit(1);
    }

    return json_decode($answer);
}

/** @param list<float> $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

/**
 * A tenth of them are quicker: what the program takes when the machine does nothing else.
 *
 * @param list<float> $values
 */
function quick(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 10)];
}

$kept = true;
$curl = curl_init();
for ($tries = 0; $tries < 200 && false === @fsockopen('127.0.0.1', (int) parse_url($base, PHP_URL_PORT)); ++$tries) {
    usleep(50_000);
}
$list = json_decode(ask($curl, "$base/api/recipes?query=cupboard", null)[1]);
$document = json_decode(ask($curl, "$base/api/recipes/{$list->recipes[0]->id}", null)[1])->document;
// The lamp cupboard has 7 steps, with a mix in a mix; laid once more with other ids it has 14, and one more makes 15.
foreach ([...$document->steps, $document->steps[4]] as $i => $step) {
    $again = clone $step;
    $again->id = "again$i";
    $document->steps[] = $again;
}
$body = json_encode(['document' => $document], JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
$times = ['bare' => [], 'preview' => []];
for ($round = 0; $round < 420; ++$round) {
    $bare = ask($curl, "$base/api/health", null)[0];
    $preview = ask($curl, "$base/api/preview", $body)[0];
    if ($round >= 200) { // the first rounds warm all workers
        $times['bare'][] = $bare;
        $times['preview'][] = $preview;
    }
}
$bare = median($times['bare']);
$ms = static fn (float ...$of): string => implode(' to ', array_map(static fn (float $t): string => sprintf('%.1f ms', $t), $of));
$kept = told(sprintf('Preview of %d steps, times a bare JSON endpoint', count($document->steps)), quick($times['preview']) / quick($times['bare']), $ms(quick($times['preview']), quick($times['bare']))) && $kept;

// A recipe of a hundred steps against one of thirty.
$took = [];
foreach ([30, 100] as $count) {
    $many = json_encode(['document' => longer($document, $count)], JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    for ($round = 0; $round < 14; ++$round) {
        $time = ask($curl, "$base/api/preview", $many)[0];
        $round < 6 || $took[$count][] = $time;
    }
}
$kept = told('Preview of 100 steps, times that of 30', median($took[100]) / median($took[30]), $ms(median($took[100]), median($took[30]))) && $kept;

// A colour matched from twelve paints, against the same bare endpoint.
foreach ([3, 4] as $most) {
    $took = [];
    $targets = ['#7f8a6b', '#6b5a4a', '#a3b0b8', '#5a6b7f'];
    for ($round = 0; $round < 20; ++$round) {
        $time = ask($curl, "$base/api/compute/match", json_encode(['target' => $targets[$round % 4], 'paints' => PAINTS, 'most' => $most], JSON_THROW_ON_ERROR))[0];
        $round < 12 || $took[] = $time; // the first rounds warm all workers
    }
    $kept = told(sprintf('Match of up to %d of %d paints, times a bare JSON endpoint', $most, count(PAINTS)), median($took) / $bare, $ms(median($took))) && $kept;
}

// Six pieces of fifteen steps on the bench, planned together.
foreach (json_decode(ask($curl, "$base/api/runs", null)[1])->runs as $run) {
    send($curl, 'PUT', "$base/api/runs/$run->id", ['version' => $run->version, 'archived' => true]);
}
$long = send($curl, 'POST', "$base/api/recipes", ['document' => $document])->id;
for ($i = 0; $i < 6; ++$i) {
    send($curl, 'POST', "$base/api/runs", ['recipe' => $long, 'place' => [null, 'hall', 'window'][$i % 3]]);
}
$took = [];
for ($round = 0; $round < 17; ++$round) {
    [$time, $answer] = ask($curl, "$base/api/compute/days", '{}');
    $round < 8 || $took[] = $time;
}
$kept = told(sprintf('Six pieces of %d steps planned, times a bare JSON endpoint', count($document->steps)), median($took) / $bare, sprintf('%s, %d works', $ms(median($took)), count(json_decode($answer)->works))) && $kept;

// The findings of a long recipe against the same without any rule, in this process, in turn.
$kernel = new Inlaid\App\Kernel('test', false);
$kernel->boot();
/** @var Symfony\Component\DependencyInjection\ContainerInterface $services */
$services = $kernel->getContainer()->get('test.service_container');
$document = longer($document, 40);
$recipe = $services->get(Inlaid\App\Exchange\Document\ReadRecipe::class)->read($document);
[$context] = $services->get(Inlaid\App\Studio\StudioContext::class)->with(null);
$analyse = $services->get(Inlaid\Core\Findings\AnalyseRecipe::class);
$with = new Inlaid\Core\Preview\PreviewRecipe($analyse, $services->get(Inlaid\Core\Findings\CheckRecipe::class));
$without = new Inlaid\Core\Preview\PreviewRecipe($analyse);
$found = 0;
$times = ['with' => [], 'without' => []];
for ($round = 0; $round < 12; ++$round) {
    foreach (['with' => $with, 'without' => $without] as $which => $preview) {
        $start = hrtime(true);
        $worked = $preview->preview($recipe, $context);
        $round < 2 || $times[$which][] = (hrtime(true) - $start) / 1e6;
        'with' !== $which || $found = count($worked->findings);
    }
}
$kept = told(sprintf('Findings of %d steps, times the preview without them', count($document->steps)), median($times['with']) / median($times['without']), sprintf('%s, %d found', $ms(median($times['with']), median($times['without'])), $found)) && $kept;

$page = (string) file_get_contents("$build/index.html");
preg_match_all('~/build/(assets/[\w.-]+\.js)~', $page, $m);
$entry = array_unique($m[1]);
// What the book loads besides: every chunk its own chunk names.
$chunks = $entry;
foreach (glob("$build/assets/Book-*.js") ?: [] as $book) {
    $chunks[] = 'assets/'.basename($book);
}
for ($i = 0; $i < count($chunks); ++$i) {
    if (!in_array($chunks[$i], $entry, true)) { // the entry's own dynamic imports are other rooms
        preg_match_all('~from"\./([\w.-]+\.js)"~', (string) file_get_contents("$build/{$chunks[$i]}"), $n);
        $chunks = array_values(array_unique([...$chunks, ...array_map(static fn (string $c): string => "assets/$c", $n[1])]));
    }
}
$bytes = array_sum(array_map(static fn (string $c): int => strlen((string) gzencode((string) file_get_contents("$build/$c"), 9)), $chunks));
$kept = told('First view, kB of gzipped script', $bytes / 1000, sprintf('%d files', count($chunks))) && $kept;

exit($kept ? 0 : 1);
