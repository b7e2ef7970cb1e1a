<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Deadline;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\MatchColour;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Material;
use Inlaid\Core\MixBench\MatchPreview;
use Inlaid\Core\MixBench\PreviewMatch;
use Inlaid\Core\Recipe\InvalidRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/match', methods: 'POST')]
#[Describe('Match a colour with some paints', takes: MatchRequest::class, gives: MatchPreview::class)]
final readonly class ComputeMatch
{
    private const SECONDS = 6;
    /** ml, where it is not said how much is wanted. */
    private const USUAL = 100;

    public function __construct(private MaterialShelf $shelf, private PreviewMatch $preview, private ContextRequest $context)
    {
    }

    public function __invoke(Body $body): MatchPreview
    {
        $shelf = $this->shelf->byId();
        $context = $this->context->of($body);
        [$target, $paints, $most, $sheen, $amount] = $body->read(static fn (Node $n): array => [
            $n->fields('target', 'paints', 'most', 'sheen', 'amount', 'context')->make(
                static fn (): Colour => Colour::of($n->string('target')),
                'target',
            ),
            $n->list(
                'paints',
                static fn (Node $p): Material => $shelf[$p->asString(64)] ?? $p->refuseHere(
                    InvalidRecipe::missing('material', $p->asString())->getMessage(),
                ),
                40,
            ),
            ($most = $n->int('most', 3)) < 1 || $most > MatchColour::MOST_PAINTS
                ? $n->refuse('most', \sprintf('Choose 1 to %d paints', MatchColour::MOST_PAINTS))
                : $most,
            $n->enumOrNull('sheen', Sheen::class) ?? Sheen::Matt,
            $n->has('amount') ? BenchRequest::of($shelf, $context)->volume($n, 'amount') : BigRational::of(self::USUAL),
        ]);

        return InvalidInput::around(
            '/paints',
            fn (): MatchPreview => $this->preview->preview(
                $paints,
                $target,
                $sheen,
                $most,
                $amount,
                $context->units,
                Deadline::in(self::SECONDS),
            ),
        );
    }
}
