<?php

declare(strict_types=1);

namespace Inlaid\Core\Context;

use Brick\Math\BigRational;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\Portion;

/**
 * A pot on the shelf that a step may be laid from.
 *
 * Immutable. `goodUntil` in seconds since 1970, null where that is not known; `grams` by material.
 */
final readonly class PotAtHand
{
    /**
     * @param array<string, BigRational> $grams
     */
    public function __construct(public string $id, public string $name, public ?int $goodUntil, public array $grams)
    {
    }

    /** Seconds since 1970 until which what is to be used by a day is good. */
    public static function endOf(\DateTimeImmutable $day): int
    {
        return $day->modify('+1 day')->getTimestamp();
    }

    /** The day by which it is to be used, as 2026-11-25; null where that is not known. */
    public function lastDay(): ?string
    {
        return null === $this->goodUntil ? null : (new \DateTimeImmutable('@'.$this->goodUntil))->modify('-1 day')->format('Y-m-d');
    }

    /**
     * ml of a mix that are in it; null where it is something else, or further off the ratio than is borne.
     *
     * @param BigRational $tolerance largest ratio error
     */
    public function holds(FlatMix $mix, BigRational $tolerance): ?BigRational
    {
        if (\count($this->grams) !== \count($mix->leaves) || !isset($this->grams[$mix->leaves[0]->material->id])) {
            return null;
        }
        $portions = array_map(
            fn (Component $l): ?Portion => isset($this->grams[$l->material->id]) ? Portion::of(
                $l->material,
                $this->grams[$l->material->id],
            ) : null,
            $mix->leaves,
        );
        if (\in_array(null, $portions, true)) {
            return null;
        }
        $contents = Contents::of($portions);

        return $contents->isEmpty() || $contents->offFrom($mix)->isGreaterThan($tolerance) ? null : $contents->volume();
    }
}
