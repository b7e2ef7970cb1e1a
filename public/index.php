<?php

declare(strict_types=1);

use Inlaid\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

// PHP's own server asks this script for every address, and sends files without the headers that all answers carry; so files are sent here.
if ('cli-server' === \PHP_SAPI) {
    $path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH));
    $file = realpath(__DIR__.$path);
    if (false !== $file && is_file($file) && ('/worker.js' === $path || str_starts_with($file, __DIR__.'/build/'))) {
        $types = [
            'html' => 'text/html; charset=utf-8',
            'js' => 'text/javascript',
            'css' => 'text/css',
            'json' => 'application/json',
            'svg' => 'image/svg+xml',
            'png' => 'image/png',
            'woff2' => 'font/woff2',
        ];
        $isHashed = str_starts_with($file, __DIR__.'/build/assets/');
        foreach (require dirname(__DIR__).'/config/headers.php' as $name => $value) {
            header("$name: $value");
        }
        header('Content-Type: '.($types[pathinfo($file, \PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
        header('Cache-Control: '.($isHashed ? 'public, max-age=31536000, immutable' : 'no-cache'));
        header('Content-Length: '.filesize($file));
        'HEAD' === $_SERVER['REQUEST_METHOD'] || readfile($file);

        return true;
    }
}

require dirname(__DIR__).'/vendor/autoload.php';

$kernel = Kernel::fromEnvironment();
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
