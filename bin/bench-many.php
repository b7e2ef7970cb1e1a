<?php

declare(strict_types=1);

// A studio of many years against one of fifty recipes: both are asked in turn, in this process.
use Inlaid\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

[, $store] = $argv;
require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/bench-shared.php';

/** Fills a copy of the demo's store up, with copies of what is in it. */
function filled(string $store, string $name, int $recipes, int $runs, int $events): string
{
    $path = dirname($store)."/$name.sqlite";
    array_map(unlink(...), glob("$path*") ?: []);
    (new SQLite3($store))->exec("VACUUM INTO '$path'");
    $db = new SQLite3($path);
    $db->exec('PRAGMA journal_mode = WAL; PRAGMA synchronous = OFF; BEGIN');
    $columns = static function (string $table, string ...$but) use ($db): string {
        $found = [];
        for ($rows = $db->query("PRAGMA table_info($table)"); $row = $rows->fetchArray(SQLITE3_ASSOC);) {
            $found[] = $row['name'];
        }

        return implode(', ', array_diff($found, $but));
    };
    $ids = static function (string $table) use ($db): array {
        $found = [];
        for ($rows = $db->query("SELECT id FROM $table ORDER BY id"); $row = $rows->fetchArray(SQLITE3_NUM);) {
            $found[] = $row[0];
        }

        return $found;
    };
    $of = $ids('recipe');
    for ($i = 0; $i < $recipes - count($of); ++$i) {
        [$from, $id] = [$of[$i % count($of)], sprintf('09%024d', $i)];
        $rest = $columns('recipe', 'id', 'title', 'updated_at');
        $db->exec("INSERT INTO recipe (id, title, updated_at, $rest) SELECT '$id', title || ' $i', datetime('now', '-$i hours'), $rest FROM recipe WHERE id = '$from'");
        foreach (['draft' => [], 'revision' => ['id'], 'recipe_term' => ['id']] as $table => $but) {
            $rest = $columns($table, 'recipe_id', ...$but);
            $db->exec("INSERT INTO $table (recipe_id, $rest) SELECT '$id', $rest FROM $table WHERE recipe_id = '$from'");
        }
        $db->exec("INSERT INTO recipe_term (recipe_id, term) VALUES ('$id', '".(0 === $i ? 'heirloom' : "number$i")."')");
    }
    $of = $ids('run');
    $made = $of;
    $rest = $columns('run', 'id', 'created_at', 'finished_at');
    for ($i = 0; $i < $runs - count($of); ++$i) {
        $made[] = $id = sprintf('09%024d', $i);
        // They were made in the years before what stands on the bench now.
        $db->exec("INSERT INTO run (id, created_at, finished_at, $rest) SELECT '$id', datetime('now', '-".(2 + $i)." days'), datetime('now', '-".(1 + $i)." days'), $rest FROM run WHERE id = '{$of[$i % count($of)]}'");
    }
    $insert = $db->prepare("INSERT INTO run_event (id, run_id, happened_at, received_at, document) VALUES (:id, :run, :at, :at, :document)");
    $had = (int) $db->querySingle('SELECT COUNT(*) FROM run_event');
    for ($i = 0; $i < $events - $had; ++$i) {
        $run = $made[count($of) + $i % max(1, count($made) - count($of))];
        $at = 1_700_000_000 + 60 * $i;
        $insert->bindValue(':id', "many-$i");
        $insert->bindValue(':run', $run);
        $insert->bindValue(':at', gmdate('Y-m-d H:i:s', $at));
        $insert->bindValue(':document', json_encode(['id' => "many-$i", 'at' => gmdate(DATE_ATOM, $at), 'kind' => 'note', 'step' => 's1', 'text' => "Note $i"]));
        $insert->execute();
    }
    $db->exec('COMMIT; ANALYZE');
    foreach (['recipe' => $recipes, 'run' => $runs, 'run_event' => $events] as $table => $wanted) {
        $count = $db->querySingle("SELECT COUNT(*) FROM $table");
        $count === $wanted || throw new RuntimeException("There are $count of $table, not $wanted.\n");
    }

    return $path;
}

function asked(string $store, string $path): float
{
    $_ENV['INLAID_STORE'] = $_SERVER['INLAID_STORE'] = $store;
    $kernel = new Kernel('prod', false);
    $kernel->boot();
    $kernel->handle(Request::create('/api/health', server: ['HTTP_HOST' => 'localhost'])); // the store is open
    $start = hrtime(true);
    $response = $kernel->handle(Request::create($path, server: ['HTTP_HOST' => 'localhost']));
    $took = (hrtime(true) - $start) / 1e6;
    200 === $response->getStatusCode() || throw new RuntimeException("$path answered {$response->getStatusCode()}: ".$response->getContent()."\n");
    $kernel->shutdown();

    return $took;
}

$median = static function (array $of): float {
    sort($of);

    return $of[intdiv(count($of), 2)];
};
// As many runs and events to a recipe as in the large one.
$small = filled($store, 'small', 50, 13, 1250);
$large = filled($store, 'large', 2000, 500, 50_000);
$kept = true;
foreach ([
    'The book' => '/api/recipes',
    'Its page 12 of 84, of the small one 2 of 3' => ['/api/recipes?page=2', '/api/recipes?page=12'],
    'A search that finds most' => '/api/recipes?query='.rawurlencode('solid wax'),
    'A search by two words that finds one in seven' => '/api/recipes?query='.rawurlencode('ochre beech'),
    'A search for one' => '/api/recipes?query=heirloom',
    'A search by colour' => '/api/recipes?near='.rawurlencode('#b9832f'),
    'The logbook' => '/api/runs',
    'The runs of one recipe' => '/api/runs?recipe=none',
    'What is on the bench' => '/api/runs?bench=1',
    'One\'s own figures' => '/api/personal-factors',
] as $name => $path) {
    [$few, $many] = is_array($path) ? $path : [$path, $path];
    $took = ['small' => [], 'large' => []];
    for ($round = 0; $round < 25; ++$round) {
        $s = asked($small, $few);
        $l = asked($large, $many);
        if ($round >= 4) {
            $took['small'][] = $s;
            $took['large'][] = $l;
        }
    }
    $kept = told("$name, 2,000 recipes against 50", $median($took['large']) / $median($took['small']), sprintf('%.1f ms to %.1f ms', $median($took['large']), $median($took['small']))) && $kept;
}
exit($kept ? 0 : 1);
