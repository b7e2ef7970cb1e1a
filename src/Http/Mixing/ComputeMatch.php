<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\MatchRequest;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Studio\Deadline;
use Inlaid\Core\MixBench\MatchPreview;
use Inlaid\Core\MixBench\PreviewMatch;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/match', methods: 'POST')]
#[Describe('Match a colour with some paints', takes: MatchRequest::class, gives: MatchPreview::class)]
final readonly class ComputeMatch
{
    private const SECONDS = 6;

    public function __construct(private MaterialShelf $shelf, private PreviewMatch $preview, private ReadContext $context)
    {
    }

    public function __invoke(MatchRequest $asked): MatchPreview
    {
        $shelf = $this->shelf->byId();
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::of($shelf, $context);
        $paints = [];
        foreach ($asked->paints as $i => $id) {
            $paints[] = $bench->material($id, "/paints/$i");
        }
        $amount = $bench->volume($asked->amount, '/amount');

        return InvalidInput::around(
            '/paints',
            fn (): MatchPreview => $this->preview->preview(
                paints: $paints,
                target: $asked->target,
                sheen: $asked->sheen,
                most: $asked->most,
                amount: $amount,
                units: $context->units,
                isOver: Deadline::in(self::SECONDS),
            ),
        );
    }
}
