<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\ContextRequest;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Schedule\DaysPreview;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/days', methods: 'POST')]
#[Describe('Schedule all jobs; with another context as a what-if', takes: DaysRequest::class, gives: DaysPreview::class)]
final readonly class ShowDays
{
    public function __construct(private ContextRequest $context, private PlanBench $plan)
    {
    }

    public function __invoke(Body $body): DaysPreview
    {
        [$heat, $fan, $coat] = $body->read(static fn (Node $n): array => [
            null === ($heat = $n->fields('context', 'heat', 'fan', 'coat')->floatOrNull('heat')) || ($heat >= 5 && $heat <= 35)
                ? $heat
                : $n->refuse('heat', 'Enter 5 to 35 °C'),
            $n->has('fan') && $n->bool('fan'),
            $n->has('coat') ? [$n->child('coat')->fields('run', 'step')->id('run'), $n->child('coat')->id('step')] : null,
        ]);

        return $this->plan->plan(
            $this->context->of($body)->inAir(
                static fn (Climate $c): Climate => ($fan ? $c->moved(Air::Fan) : $c)->warmedTo($heat ?? -30.0),
            ),
            $coat,
        );
    }
}
