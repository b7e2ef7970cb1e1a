<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Days\Data\FeedState;
use Inlaid\App\Store\CalendarFeed;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/feed', methods: 'DELETE')]
#[Describe('Turn off the calendar subscription', gives: FeedState::class)]
final readonly class CloseFeed
{
    public function __construct(private CalendarFeed $feed)
    {
    }

    public function __invoke(): FeedState
    {
        $this->feed->close();

        return new FeedState(null);
    }
}
