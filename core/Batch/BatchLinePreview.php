<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\Amount;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\Ingredient;
use Inlaid\Core\Mixing\MeasureNearest;
use Inlaid\Core\Mixing\Portion;

/**
 * One line of a batch to be poured: what, how much, and with which measure if one was found.
 *
 * Immutable. `volume` in ml of true volume in the mix.
 */
final readonly class BatchLinePreview
{
    public function __construct(
        public string $materialId,
        public string $name,
        public ?string $colour,
        public Amount $amount,
        public float $volume,
        public ?string $how,
        public bool $isPowder,
    ) {
    }

    /**
     * What is in a pot or goes into it, line by line.
     *
     * @param list<MeasureAtHand> $measures what each is measured out with; none to say only how much it is
     *
     * @return list<self>
     */
    public static function all(Contents $of, UnitSystem $units, array $measures = []): array
    {
        return array_map(static function (Portion $p) use ($units, $measures): self {
            $line = (new MeasureNearest())->find($p, $measures);

            return new self(
                materialId: $p->material->id,
                name: $p->material->name,
                colour: Ingredient::colourOf($p->material),
                amount: Amount::of($p->measured(), $units, $p->grams),
                volume: round($p->volume()->toFloat(), 6),
                how: null === $line ? null : $line->measure->inWords($line->amount()),
                isPowder: $p->material->isPowder(),
            );
        }, array_values($of->portions));
    }
}
