<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\AdoptRequest;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\AdoptChanges;
use Inlaid\App\Studio\AdoptResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/adopt', methods: 'POST')]
#[Describe(
    'Update the draft of the recipe with changes from plan; 409 if the draft has changed',
    takes: AdoptRequest::class,
    gives: AdoptResponse::class,
)]
final readonly class AdoptFromJob
{
    public function __construct(private RunBook $runs, private AdoptChanges $adopt)
    {
    }

    public function __invoke(string $id, AdoptRequest $asked): AdoptResponse
    {
        return $this->adopt->adopt(run: $this->runs->get($id), keys: $asked->deviations, version: $asked->version, try: $asked->try);
    }
}
