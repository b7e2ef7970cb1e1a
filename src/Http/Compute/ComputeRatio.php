<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Compute\Data\RatioRequest;
use Inlaid\App\Http\Compute\Data\RatioResponse;
use Inlaid\Core\Measure\ReadRatio;
use Inlaid\Core\Mixing\Basis;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/ratio', methods: 'POST')]
#[Describe('List the meanings of a written ratio', takes: RatioRequest::class, gives: RatioResponse::class)]
final readonly class ComputeRatio
{
    public function __construct(private ReadRatio $read = new ReadRatio())
    {
    }

    public function __invoke(RatioRequest $asked): RatioResponse
    {
        if ([] === $asked->names) {
            throw InvalidInput::at('/names', 'Name the ingredients.');
        }

        return InvalidInput::around('/text', fn (): RatioResponse => new RatioResponse($this->read->read(
            $asked->text,
            $asked->names,
            Basis::ByMass === $asked->basis ? 'g' : 'ml',
        )));
    }
}
