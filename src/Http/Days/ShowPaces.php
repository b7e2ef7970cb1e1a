<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Bench\Pace;
use Inlaid\Core\Technique\Techniques;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/paces', methods: 'GET')]
#[Describe('How long techniques take this painter, as the runs of late tell', gives: PaceList::class)]
final readonly class ShowPaces
{
    public function __construct(private LearnPaces $learn, private StudioContext $context, private Techniques $techniques)
    {
    }

    public function __invoke(): PaceList
    {
        $context = $this->context->own();

        return new PaceList($context->ownPace, array_values(array_map(fn (Pace $p): PaceWord => new PaceWord($p->technique, $this->techniques->named($p->technique)->name(), $p->factor, $p->low, $p->high, $p->count), $this->learn->learn($context))));
    }
}
