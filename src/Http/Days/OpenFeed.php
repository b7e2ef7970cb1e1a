<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\ClientAddress;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Days\Data\FeedState;
use Inlaid\App\Store\CalendarFeed;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/feed', methods: 'POST')]
#[Describe('Create the calendar subscription address; the previous one stops working', gives: FeedState::class, status: 201)]
final readonly class OpenFeed
{
    public function __construct(private CalendarFeed $feed, private ClientAddress $address)
    {
    }

    public function __invoke(Request $request): FeedState
    {
        $secret = $this->feed->open();

        return new FeedState(
            $this->feed->since(),
            $this->address->of("/feed/$secret.ics", $request),
        );
    }
}
