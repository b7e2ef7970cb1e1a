<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;

/**
 * What a face was before anything was done to it, as surveyed.
 *
 * Immutable. `absorption` what the first film on it takes against one on a sealed ground, where somebody measured it; `lastGrit` what bare
 * wood was sanded with last, where the recipe does not sand it.
 */
final readonly class Origin
{
    public const LAST_GRIT = 180;

    public function __construct(
        public Substrate $substrate,
        public OldFinish $finish = new OldFinish(),
        public ?float $absorption = null,
        public int $lastGrit = self::LAST_GRIT,
    ) {
    }

    /** A repair has no old finish: it was made since. */
    public static function of(PiecePart $part, string $face = '', int $lastGrit = self::LAST_GRIT): self
    {
        $field = $part->field($face);

        return new self(
            substrate: null === $field?->colour ? $part->substrate : $part->substrate->coloured($field->colour),
            finish: null === $field?->colour ? $part->finish : new OldFinish(),
            absorption: $field->drinks ?? $part->absorption,
            lastGrit: $lastGrit,
        );
    }

    /**
     * What the first film takes where the wood is open, against one on a sealed ground. Measured, it is as it is; typical, a finer paper
     * leaves less of it.
     *
     * @param int|null $grit the last paper, null for that of the survey
     */
    public function drinks(?int $grit): float
    {
        return $this->absorption
            ?? ($this->substrate->drinksAtAll()
                ? max(1.0, $this->substrate->absorption() * GritLadder::uptake($grit ?? $this->lastGrit))
                : $this->substrate->absorption());
    }

    /** How thirsty the wood is, against what is usual of its kind. */
    public function thirst(): float
    {
        return ($this->absorption ?? $this->substrate->absorption()) / $this->substrate->absorption();
    }
}
