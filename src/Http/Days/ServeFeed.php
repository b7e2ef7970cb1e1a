<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\WriteCalendar;
use Inlaid\App\Store\CalendarFeed;
use Inlaid\App\Studio\PlanBench;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The days for a calendar program that knows the address; behind the guests' door too.
 */
#[Route('/feed/{secret}.ics', name: 'feed', methods: 'GET', requirements: ['secret' => '[A-Za-z0-9_-]{43}'])]
final readonly class ServeFeed
{
    public function __construct(
        private CalendarFeed $feed,
        private StudioContext $context,
        private PlanBench $plan,
        private WriteCalendar $write,
    ) {
    }

    public function __invoke(string $secret): Response
    {
        $this->feed->check($secret);

        return new Response(
            $this->write->write($this->plan->plan($this->context->own())),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300'],
        );
    }
}
