<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\ReportJob;
use Inlaid\Core\Run\AsMadePreview;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/report', methods: 'GET')]
#[Describe('Show a job as made, against its plan', gives: AsMadePreview::class)]
final readonly class ShowReport
{
    public function __construct(private RunBook $runs, private ReportJob $compare)
    {
    }

    public function __invoke(string $id): AsMadePreview
    {
        return $this->compare->compare($this->runs->get($id));
    }
}
