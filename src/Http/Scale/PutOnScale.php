<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Scale;

use Inlaid\App\Device\BenchScale;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Measure\WeightShown;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/scale', methods: 'PUT')]
#[Describe('Post the weight on the scale', takes: Load::class, gives: WeightShown::class)]
final readonly class PutOnScale
{
    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(Body $body): WeightShown
    {
        [$more, $grams] = $body->read(static function (Node $n): array {
            $name = $n->fields('grams', 'more')->has('more') ? 'more' : 'grams';
            $grams = $n->float($name);

            return $grams < 0.0 || $grams > BenchScale::MOST ? $n->refuse($name, 'Enter 0 to 20 kg') : ['more' === $name, $grams];
        });

        return $more ? $this->scale->pour($grams) : $this->scale->put($grams);
    }
}
