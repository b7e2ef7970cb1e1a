<?php

declare(strict_types=1);

use Inlaid\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

// PHP's own server asks this script for every address; files that are there it serves itself.
if ('cli-server' === \PHP_SAPI) {
    $path = parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH);
    if ('/worker.js' === $path || (is_string($path) && str_starts_with($path, '/build/') && !str_contains($path, '..') && is_file(__DIR__.$path))) {
        return false;
    }
}

require dirname(__DIR__).'/vendor/autoload.php';

$kernel = Kernel::fromEnvironment();
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
