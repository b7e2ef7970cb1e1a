<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\App\Http\Api\Problem;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Every plain address outside the API is a room of the one page.
 */
#[Route('/look/{secret}', name: 'look_page', methods: 'GET', requirements: ['secret' => '[A-Za-z0-9_-]+'])]
#[Route('/choose/{secret}', name: 'choose_page', methods: 'GET', requirements: ['secret' => '[A-Za-z0-9_-]+'])]
#[Route(
    '/{room}',
    name: 'page',
    methods: 'GET',
    requirements: ['room' => '(?!(?i:api|build|feed)(/|$))([A-Za-z0-9_-]+(/[A-Za-z0-9_-]+)*/?)?'],
    priority: -100,
)]
final readonly class ShowPage
{
    public function __construct(private string $projectDir)
    {
    }

    public function __invoke(): Response
    {
        $page = $this->projectDir.'/public/build/index.html';

        return is_file($page)
            ? new Response((string) file_get_contents($page), 200, ['Content-Type' => 'text/html; charset=utf-8'])
            : throw new Problem(503, 'not-built', 'The web pages aren\'t built. Run ./bin/start or ./bin/demo.');
    }
}
