<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\PourRequest;
use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\MixBench\PouringPreview;
use Inlaid\Core\Mixing\FollowPour;
use Inlaid\Core\Mixing\Pouring;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/pour', methods: 'POST')]
#[Describe('Calculate the target weights on the scale', takes: PourRequest::class, gives: PouringPreview::class)]
final readonly class ComputePour
{
    public function __construct(private ReadContext $context, private FollowPour $follow)
    {
    }

    public function __invoke(PourRequest $asked): PouringPreview
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        [$wanted, $yield] = [$bench->mix($asked->of), $bench->volume($asked->amount, '/amount')];
        $poured = array_map(static fn (float $g): BigRational => BigRational::of(\sprintf('%.3F', $g)), $asked->poured);
        $found = InvalidInput::around('/poured', fn (): Pouring => $this->follow->follow($wanted, $yield, $poured));

        return new PouringPreview(
            Amount::of($found->yield, $context->units),
            BatchLinePreview::all($found->targets, $context->units),
            round($found->yield->dividedBy($yield)->minus(1)->toFloat(), 5),
        );
    }
}
