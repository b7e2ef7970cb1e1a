<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\PlanBench;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Run\CareSheet;
use Inlaid\Core\Run\WriteCare;
use Inlaid\Core\Work\WorkOutSteps;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/care', methods: 'GET')]
#[Describe('Show the care sheet for the client', gives: CareSheet::class)]
final readonly class ShowCare
{
    public function __construct(
        private RunBook $runs,
        private PlanBench $plan,
        private StudioContext $context,
        private Practices $practices,
        private WorkOutSteps $steps,
        private WriteCare $write,
    ) {
    }

    public function __invoke(string $id): CareSheet
    {
        $run = $this->runs->get($id);
        $context = $this->context->own();
        $state = $this->runs->state($run);
        $piece = $this->plan->piece($run, $state, $context);
        $works = $this->steps->workOut($piece->recipe, $piece->air->noon(), $context->habits($this->practices, $piece->recipe));

        return $this->write->write(piece: $piece, works: $works, state: $state, context: $context);
    }
}
