<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\MarkCup;
use Inlaid\Core\Mixing\Portion;

/**
 * Chooses the cup that a volume fits in, and marks what is poured into it.
 */
final readonly class FillCup
{
    public function __construct(private MarkCup $mark = new MarkCup())
    {
    }

    /**
     * @param float                              $volume ml in all
     * @param list<array{string, string, float}> $pours  material id, name and true volume in ml, in pouring order
     *
     * @return CupPreview|null null where no cup holds it
     */
    public function fill(float $volume, array $pours, Context $context): ?CupPreview
    {
        $vessel = $this->mark->choose($context->vessels, $volume);

        return null === $vessel ? null : CupPreview::of($vessel, $this->mark->mark($vessel, $pours));
    }

    /**
     * @return list<array{string, string, float}> what is poured, material by material
     */
    public static function pours(Contents $of): array
    {
        return array_map(
            static fn (Portion $p): array => [$p->material->id, $p->material->name, $p->volume()->toFloat()],
            array_values($of->portions),
        );
    }
}
