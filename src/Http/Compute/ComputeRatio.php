<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
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

    public function __invoke(Body $body): RatioResponse
    {
        return $body->read(function (Node $n): RatioResponse {
            $names = $n->fields('text', 'names', 'basis')->list('names', static fn (Node $name): string => $name->asString(120), 30);

            $unit = Basis::ByMass === $n->enumOrNull('basis', Basis::class) ? 'g' : 'ml';

            return [] === $names
                ? $n->refuse('names', 'Name the ingredients.')
                : $n->make(fn (): RatioResponse => new RatioResponse($this->read->read($n->string('text', 60), $names, $unit)), 'text');
        });
    }
}
