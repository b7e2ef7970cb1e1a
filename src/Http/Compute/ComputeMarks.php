<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\Data\MarksRequest;
use Inlaid\App\Http\Compute\Data\Pour;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Mixing\MarkCup;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/marks', methods: 'POST')]
#[Describe('Calculate the pour marks on a cup', takes: MarksRequest::class, gives: CupPreview::class)]
final readonly class ComputeMarks
{
    public function __construct(private MarkCup $mark = new MarkCup())
    {
    }

    public function __invoke(MarksRequest $asked): CupPreview
    {
        $vessel = $asked->cup->read(ReadSettings::vessel(...));

        return CupPreview::of($vessel, $this->mark->mark(
            $vessel,
            array_map(static fn (Pour $p): array => ['', $p->name, $p->volume], $asked->pours),
        ));
    }
}
