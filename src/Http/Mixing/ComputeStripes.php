<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\StripesRequest;
use Inlaid\Core\MixBench\ReadStripe;
use Inlaid\Core\MixBench\StripeCard;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/stripes', methods: 'POST')]
#[Describe('Tell how thin a pot is from a stripe of it on a black-and-white card', takes: StripesRequest::class, gives: StripeCard::class)]
final readonly class ComputeStripes
{
    public function __construct(private ReadContext $context, private ReadStripe $read)
    {
    }

    public function __invoke(StripesRequest $asked): StripeCard
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        $volume = null === $asked->holds ? null : $bench->volume($asked->holds, '/holds');

        return InvalidInput::around('/of', function () use ($asked, $bench, $volume, $context): StripeCard {
            $mix = $bench->named($asked->of);

            return $this->read->read(
                mix: $mix instanceof Mixture ? $mix : throw InvalidMix::nothingToThinWith(),
                seen: null === $asked->onBlack || null === $asked->onWhite ? null : [$asked->onBlack, $asked->onWhite],
                looks: $asked->looks,
                volume: $volume,
                context: $context,
            );
        });
    }
}
