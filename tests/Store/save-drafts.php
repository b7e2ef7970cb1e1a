<?php

declare(strict_types=1);

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Kernel;
use Inlaid\App\Store\RecipeBook;

// Saves the draft of a recipe many times over, in a store or through a server: run by the store's tests as a process of its own, to be
// killed or raced.
require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $store, $id, $times] = $argv;
putenv('INLAID_STORE='.$store);
$_ENV['INLAID_STORE'] = $_SERVER['INLAID_STORE'] = $store;
if (str_starts_with($store, 'http')) {
    for ($i = 1; $i <= (int) $times; ++$i) {
        $ask = static function (string $method, string $path, string $body) use ($store): stdClass {
            $context = stream_context_create(['http' => [
                'method' => $method,
                'header' => "Content-Type: application/json\r\nConnection: close",
                'content' => $body,
                'protocol_version' => 1.0,
            ]]);
            $json = Json::decode((string) file_get_contents($store.$path, false, $context));

            return $json instanceof stdClass ? $json : throw new RuntimeException('No answer.');
        };
        $opened = $ask('GET', "/api/recipes/$id", '');
        $json = $opened->document;
        $json->title = $json->summary = 'Save '.($opened->version + 1);
        end($json->steps)->note = $json->title;
        $ask('PUT', "/api/recipes/$id/draft", Json::encode(['version' => $opened->version, 'document' => $json]));
        echo "saved\n";
    }
    exit;
}
$kernel = new Kernel('test', false);
$kernel->boot();
$container = $kernel->getContainer()->get('test.service_container');
assert($container instanceof Psr\Container\ContainerInterface);
$book = $container->get(RecipeBook::class);
$read = $container->get(ReadRecipe::class);
for ($i = 1; $i <= (int) $times; ++$i) {
    $recipe = $book->reload($id);
    $json = Json::decode($recipe->draft->document);
    $json->title = $json->summary = 'Save '.($recipe->draft->version + 1);
    end($json->steps)->note = $json->title;
    $book->saveDraft($id, $recipe->draft->version, $read->document($json));
    echo "saved\n";
}
