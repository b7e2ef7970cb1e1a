<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Days\Data\FeedState;
use Inlaid\App\Store\CalendarFeed;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/feed', methods: 'GET')]
#[Describe('Show whether a calendar subscription is active', gives: FeedState::class)]
final readonly class ShowFeed
{
    public function __construct(private CalendarFeed $feed)
    {
    }

    public function __invoke(): FeedState
    {
        return new FeedState($this->feed->since());
    }
}
