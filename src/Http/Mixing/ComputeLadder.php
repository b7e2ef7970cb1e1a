<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadBench;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Mixing\Data\LadderRequest;
use Inlaid\Core\MixBench\LadderPreview;
use Inlaid\Core\MixBench\PreviewLadder;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/ladder', methods: 'POST')]
#[Describe('Make a strength ladder between two mixes', takes: LadderRequest::class, gives: LadderPreview::class)]
final readonly class ComputeLadder
{
    public function __construct(private ReadContext $context, private PreviewLadder $preview)
    {
    }

    public function __invoke(LadderRequest $asked): LadderPreview
    {
        $context = $this->context->stated($asked->context);
        $bench = ReadBench::read($asked->materials, $asked->mixes, $context);
        [$from, $to] = [$bench->mix($asked->from), $bench->mix($asked->to)];
        $each = $bench->volume($asked->each, '/each');

        return InvalidInput::around(
            '/rungs',
            fn (): LadderPreview => $this->preview->preview(from: $from, to: $to, rungs: $asked->rungs, each: $each, context: $context),
        );
    }
}
