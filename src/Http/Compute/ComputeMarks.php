<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Mixing\MarkCup;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/marks', methods: 'POST')]
#[Describe('Calculate the pour marks on a cup', takes: MarksRequest::class, gives: CupPreview::class)]
final readonly class ComputeMarks
{
    public function __construct(private MarkCup $mark = new MarkCup())
    {
    }

    public function __invoke(Body $body): CupPreview
    {
        return $body->read(function (Node $n): CupPreview {
            $n->fields('cup', 'pours');
            $vessel = ReadSettings::vessel($n->child('cup'));
            $pours = $n->list('pours', static function (Node $p): array {
                $volume = $p->fields('name', 'volume')->float('volume');

                return $volume < 0 ? $p->refuse('volume', 'An amount can\'t be negative.') : ['', $p->string('name'), $volume];
            }, 30);

            return CupPreview::of($vessel, $this->mark->mark($vessel, $pours));
        });
    }
}
