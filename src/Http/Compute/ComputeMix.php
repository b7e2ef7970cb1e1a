<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Context\MeasuredBy;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\MixBench\MixPreview;
use Inlaid\Core\MixBench\PreviewMix;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/mix', methods: 'POST')]
#[Describe('Calculate a mix for an amount, or for all of one ingredient', takes: CalculateMixRequest::class, gives: MixPreview::class)]
final readonly class ComputeMix
{
    public function __construct(private ContextRequest $context, private PreviewMix $preview)
    {
    }

    public function __invoke(Body $body): MixPreview
    {
        $context = $this->context->of($body);

        return $body->read(function (Node $n) use ($context): MixPreview {
            $context = $context->measuring(
                $n->fields(
                    'materials',
                    'mixes',
                    'of',
                    'amount',
                    'allOf',
                    'by',
                    'context',
                )->enumOrNull('by', MeasuredBy::class) ?? MeasuredBy::Anything,
            );
            $of = MixRequest::read($n);
            $all = $n->childOrNull('allOf')?->fields('material', 'have');
            if (null !== $all) {
                return $all->make(
                    fn (): MixPreview => $this->preview->fromAllOf(
                        $of,
                        $all->id('material'),
                        AmountRequest::read($all, 'have', $context),
                        $context,
                    ),
                    'have',
                );
            }

            return $n->make(function () use ($n, $of, $context): MixPreview {
                $amount = AmountRequest::read($n, 'amount', $context);

                return Dimension::Volume === $amount->dimension
                    ? $this->preview->toYield($of, $amount->amount, $context)
                    : throw InvalidMeasure::wrongDimension(Dimension::Volume);
            }, 'amount');
        });
    }
}
