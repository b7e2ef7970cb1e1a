<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\SubstrateKind;

/**
 * What is the same all over a face: what does not belong there, whether a film finds hold, and the scratches of the last paper.
 *
 * Immutable.
 */
final readonly class Condition
{
    /**
     * @param array<string, string> $soils the step that left each, by kind; '' for what the survey found
     * @param bool                  $keyed whether it is dull enough for a film to hold
     */
    private function __construct(private array $soils, public bool $keyed, public ?Marks $marks)
    {
    }

    public static function surveyed(Origin $origin): self
    {
        $soils = $origin->finish->isBare() && $origin->substrate->drinksAtAll() ? [] : [Soil::Grease->value => ''];
        if (FinishKind::Waxed === $origin->finish->kind) {
            $soils[Soil::Wax->value] = '';
        }
        if (\in_array(Bleed::Silicone, $origin->substrate->bleeds, true)) {
            $soils[Soil::Silicone->value] = '';
        }
        $smooth = $origin->finish->kind->isFilm()
            || \in_array($origin->substrate->kind, [SubstrateKind::Laminate, SubstrateKind::Metal], true);

        return new self(soils: $soils, keyed: !$smooth, marks: null);
    }

    /**
     * @param bool $onResist whether there was a resist under what it did
     */
    public function after(SurfaceStep $step, bool $onResist): self
    {
        $soils = $step->seals
            ? []
            : array_diff_key($this->soils, array_flip(array_map(static fn (Soil $s): string => $s->value, $step->takesOff)));
        foreach ($step->leaves as $soil) {
            $soils[$soil->value] = $step->id;
        }
        if ($onResist && $step->releases) {
            $soils[Soil::Resist->value] = $step->id;
        }
        $marks = $step->seals ? null : $step->marks ?? $this->marks;

        return new self(soils: $soils, keyed: $this->keyed || $step->keys, marks: $marks);
    }

    /** The step that left some of it, '' where the survey found it; null where there is none. */
    public function soiledBy(Soil $soil): ?string
    {
        return $this->soils[$soil->value] ?? null;
    }
}
