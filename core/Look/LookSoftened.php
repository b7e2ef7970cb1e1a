<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

use Inlaid\Core\Measure\Wording;
use Inlaid\Core\Technique\Zone;

/**
 * A step that evens out what steps before it made lively.
 *
 * Immutable.
 */
final readonly class LookSoftened
{
    private const ALL = 'nearly all';

    /**
     * @param array<string, float> $lost the share that is gone, by zone: of the contrast within the flat, and of what others stand out
     *                                   against it
     */
    public function __construct(public string $stepId, public array $lost)
    {
    }

    /** "evens out the flat: half of its liveliness is gone; edges stand out a third less". */
    public function inWords(): string
    {
        $flat = $this->lost[Zone::Field->value] ?? null;
        $others = array_diff_key($this->lost, [Zone::Field->value => 0.0]);
        $names = array_map(static fn (string $z): string => Zone::from($z)->inWords(), array_keys($others));
        $said = null === $flat ? [] : [\sprintf('evens out the flat: %s of its liveliness is gone', self::much($flat))];
        if ([] !== $names) {
            $much = self::much(max(0.0, ...array_values($others)));
            $said[] = \sprintf(
                null === $flat ? 'makes %s stand out %s less' : '%s stand out %s less',
                Wording::listed($names),
                self::ALL === $much ? 'much' : $much,
            );
        }

        return implode('; ', $said);
    }

    private static function much(float $share): string
    {
        return match (true) {
            $share < 0.45 => 'a third', $share < 0.6 => 'half', $share < 0.8 => 'two thirds', default => self::ALL,
        };
    }
}
