<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Run\AsMadePreview;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/made', methods: 'GET')]
#[Describe('A run as it was made, against its plan', gives: AsMadePreview::class)]
final readonly class ShowMade
{
    public function __construct(private RunBook $runs, private CompareMade $compare)
    {
    }

    public function __invoke(string $id): AsMadePreview
    {
        return $this->compare->compare($this->runs->get($id));
    }
}
