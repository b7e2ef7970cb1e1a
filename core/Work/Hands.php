<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

/**
 * Hands-on time of one coat, in minutes.
 *
 * Immutable. `setUp` to make the tool ready and clean it after, `handling` to take up, turn and put down the parts, `working` on the
 * surface.
 */
final readonly class Hands
{
    public int $minutes;

    public function __construct(public float $setUp, public float $handling, public float $working, ?int $stated = null)
    {
        $this->minutes = $stated ?? (int) max(2, ceil($setUp + $handling + $working - 1e-9));
    }

    public static function none(): self
    {
        return new self(setUp: 0.0, handling: 0.0, working: 0.0, stated: 0);
    }

    /** So long as somebody says; nobody knows how much of it is what. */
    public static function stated(int $minutes): self
    {
        return new self(setUp: 0.0, handling: 0.0, working: $minutes, stated: $minutes);
    }

    /** All of it so many times longer. */
    public function times(float $factor): self
    {
        return new self(setUp: $factor * $this->setUp, handling: $factor * $this->handling, working: $factor * $this->working);
    }
}
