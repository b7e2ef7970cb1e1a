<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\JobComparison;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\ReportJob;
use Inlaid\Core\Recipe\CompareRecipes;
use Inlaid\Core\Run\CompareRuns;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/compare/{other}', methods: 'GET')]
#[Describe('Compare two jobs', gives: JobComparison::class)]
final readonly class CompareTwoRuns
{
    public function __construct(
        private RunBook $runs,
        private DescribeRuns $describe,
        private ReportJob $made,
        private CompareRuns $compare,
        private CompareRecipes $recipes,
    ) {
    }

    public function __invoke(string $id, string $other): JobComparison
    {
        [$one, $two] = [$this->runs->get($id), $this->runs->get($other)];
        [$made, $than] = [$this->made->compare($one), $this->made->compare($two)];

        return new JobComparison(
            one: $this->describe->summary($one),
            other: $this->describe->summary($two),
            recipes: $this->recipes->compare($this->runs->planned($two), $this->runs->planned($one)),
            oneMade: $made,
            otherMade: $than,
            made: $this->compare->compare($made->steps, $than->steps),
        );
    }
}
