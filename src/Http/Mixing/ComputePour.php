<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\MixBench\PouringPreview;
use Inlaid\Core\Mixing\FollowPour;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/pour', methods: 'POST')]
#[Describe('Calculate the target weights on the scale', takes: PourRequest::class, gives: PouringPreview::class)]
final readonly class ComputePour
{
    public function __construct(private ContextRequest $context, private FollowPour $follow)
    {
    }

    public function __invoke(Body $body): PouringPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): PouringPreview {
            $bench = BenchRequest::read($n->fields('materials', 'mixes', 'of', 'amount', 'poured', 'context'), $context);
            [$wanted, $yield] = [$bench->mix($n, 'of'), $bench->volume($n, 'amount')];
            $poured = $n->has('poured')
                ? $n->list('poured', static fn (Node $p): BigRational => BigRational::of(\sprintf('%.3F', $p->asFloat())), 40)
                : [];

            return $n->make(function () use ($wanted, $yield, $poured, $context): PouringPreview {
                $found = $this->follow->follow($wanted, $yield, $poured);

                return new PouringPreview(
                    Amount::of($found->yield, $context->units),
                    BatchLinePreview::all($found->targets, $context->units),
                    round($found->yield->dividedBy($yield)->minus(1)->toFloat(), 5),
                );
            }, 'poured');
        });
    }
}
