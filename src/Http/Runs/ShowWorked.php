<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\WorkedOut;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/worked', methods: 'GET')]
#[Describe('The recipe of a run worked out, to be done by', gives: WorkedOut::class)]
final readonly class ShowWorked
{
    public function __construct(private RunBook $runs, private StudioContext $context, private PreviewRecipe $preview)
    {
    }

    public function __invoke(string $id): WorkedOut
    {
        $recipe = $this->runs->recipe($this->runs->get($id));
        [$context, $whole] = $this->context->with(null);

        return new WorkedOut($whole, $this->preview->preview($recipe, $context));
    }
}
