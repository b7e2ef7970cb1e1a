<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

/**
 * How long a technique takes this painter: so many times what is typical, within low and high nine times in ten, from so many works.
 */
final readonly class PaceWord
{
    public function __construct(public string $technique, public string $name, public float $factor, public float $low, public float $high, public int $count)
    {
    }
}
