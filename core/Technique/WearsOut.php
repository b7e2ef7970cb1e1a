<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a technique uses up besides material, and how many m² of one coat or pass one of it lasts.
 *
 * Immutable. Typical of general practice: a clogged sheet or a dirty rag goes less far.
 */
final readonly class WearsOut
{
    private function __construct(public string $name, public float $lasts, public bool $isAbrasive)
    {
    }

    public static function sheet(float $lasts): self
    {
        return new self('abrasive sheet', $lasts, true);
    }

    public static function pad(float $lasts): self
    {
        return new self('nylon pad, coarse', $lasts, false);
    }

    public static function rag(float $lasts): self
    {
        return new self('rag', $lasts, false);
    }

    /** Paint builds up on its edges, and they tear. */
    public static function stencil(float $lasts): self
    {
        return new self('stencil', $lasts, false);
    }

    public static function tackCloth(float $lasts): self
    {
        return new self('tack cloth', $lasts, false);
    }
}
