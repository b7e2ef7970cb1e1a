<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextAsked;
use Inlaid\Core\Preview\DaysPreview;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/days', methods: 'POST')]
#[Describe('Plan all pieces on the bench over the days to come; with another context it is what would be', takes: DaysAsked::class, gives: DaysPreview::class)]
final readonly class ShowDays
{
    public function __construct(private ContextAsked $context, private PlanBench $plan)
    {
    }

    public function __invoke(Body $body): DaysPreview
    {
        $body->read(static fn ($n) => $n->fields('context'));

        return $this->plan->plan($this->context->of($body));
    }
}
