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
#[Describe('Say what lies on the scale; a real one does so here too', takes: Load::class, gives: WeightShown::class)]
final readonly class PutOnScale
{
    public function __construct(private BenchScale $scale)
    {
    }

    public function __invoke(Body $body): WeightShown
    {
        $grams = $body->read(static function (Node $n): float {
            $grams = $n->fields('grams')->float('grams');

            return $grams < 0.0 || $grams > BenchScale::MOST ? $n->refuse('grams', 'The scale carries 0 to 20 kg.') : $grams;
        });

        return $this->scale->put($grams);
    }
}
