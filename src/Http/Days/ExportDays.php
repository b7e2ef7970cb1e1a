<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\WriteCalendar;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Studio\PlanBench;
use Inlaid\App\Studio\StudioContext;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/days.ics', methods: 'GET')]
#[Describe('Download the schedule as a calendar')]
final readonly class ExportDays
{
    public function __construct(private StudioContext $context, private PlanBench $plan, private WriteCalendar $write)
    {
    }

    public function __invoke(): Response
    {
        return new Response(
            $this->write->write($this->plan->plan($this->context->own())),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="bench.ics"'],
        );
    }
}
