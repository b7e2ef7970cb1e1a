<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Days\Data\DaysRequest;
use Inlaid\App\Studio\PlanBench;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Schedule\DaysPreview;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/days', methods: 'POST')]
#[Describe('Schedule all jobs; with another context as a what-if', takes: DaysRequest::class, gives: DaysPreview::class)]
final readonly class ShowDays
{
    public function __construct(private ReadContext $context, private PlanBench $plan)
    {
    }

    public function __invoke(DaysRequest $asked): DaysPreview
    {
        return $this->plan->plan(
            $this->context->stated($asked->context)->inAir(
                static fn (Climate $c): Climate => ($asked->fan ? $c->moved(Air::Fan) : $c)->warmedTo($asked->heat ?? -30.0),
            ),
            null === $asked->coat ? null : [$asked->coat->run, $asked->coat->step],
        );
    }
}
