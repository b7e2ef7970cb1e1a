<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\MixBench\PoolPreview;
use Inlaid\Core\MixBench\PreviewPool;
use Inlaid\Core\Mixing\InvalidMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/pool', methods: 'POST')]
#[Describe('Use up leftovers for a mix', takes: PoolRequest::class, gives: PoolPreview::class)]
final readonly class ComputePool
{
    private const MOST_POTS = 12;

    public function __construct(private ContextRequest $context, private PreviewPool $preview)
    {
    }

    public function __invoke(Body $body): PoolPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): PoolPreview {
            $bench = BenchRequest::read($n->fields('materials', 'mixes', 'of', 'pots', 'amount', 'have', 'context'), $context);
            [$wanted, $have] = [$bench->mix($n, 'of'), $bench->have($n)];
            $pots = $n->list(
                'pots',
                static fn (Node $p): array => [$p->fields('name', 'holds')->string('name', 120), $bench->contents($p, 'holds')],
                self::MOST_POTS,
            );
            $amount = $n->has('amount') ? $bench->volume($n, 'amount') : null;

            return $this->preview->preview($pots, $wanted, $have, $amount, $context) ?? $n->refuse(
                'amount',
                InvalidMix::notEnough()->getMessage(),
            );
        });
    }
}
