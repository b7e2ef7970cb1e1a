<?php

declare(strict_types=1);

namespace Inlaid\Core\Drying;

/**
 * A wait or a window, in minutes: what the label states, what this air and film predict, and what to plan with.
 *
 * Immutable. Predicted and planned are null where no promise is made.
 */
final readonly class Span
{
    private function __construct(public int $stated, public ?int $predicted, public ?int $planned)
    {
    }

    /**
     * A wait: planned is never shorter than the label.
     */
    public static function wait(int $stated, ?float $factor): self
    {
        $predicted = null === $factor ? null : (int) ceil($stated * $factor - 1e-9);

        return new self($stated, $predicted, null === $predicted ? null : max($stated, $predicted));
    }

    /**
     * A window to be used: planned is never longer than the label.
     */
    public static function window(int $stated, ?float $factor): self
    {
        $predicted = null === $factor ? null : (int) floor($stated * $factor + 1e-9);

        return new self($stated, $predicted, null === $predicted ? null : min($stated, $predicted));
    }
}
