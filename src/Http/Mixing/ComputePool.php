<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\PoolRequest;
use Inlaid\Core\MixBench\PoolPreview;
use Inlaid\Core\MixBench\PreviewPool;
use Inlaid\Core\Mixing\InvalidMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/pool', methods: 'POST')]
#[Describe('Use up leftovers for a mix', takes: PoolRequest::class, gives: PoolPreview::class)]
final readonly class ComputePool
{
    public function __construct(private ReadContext $context, private PreviewPool $preview)
    {
    }

    public function __invoke(PoolRequest $asked): PoolPreview
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        [$wanted, $have] = [$bench->mix($asked->of), $bench->have($asked->have)];
        $pots = [];
        foreach ($asked->pots as $i => $pot) {
            $pots[] = [$pot->name, $bench->contents($pot->holds, "/pots/$i/holds")];
        }
        $amount = null === $asked->amount ? null : $bench->volume($asked->amount, '/amount');

        return $this->preview->preview(pots: $pots, wanted: $wanted, have: $have, yield: $amount, context: $context)
            ?? throw InvalidInput::at('/amount', InvalidMix::notEnough()->getMessage());
    }
}
