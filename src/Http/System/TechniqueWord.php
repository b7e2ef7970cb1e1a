<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Inlaid\Core\Technique\Figures;
use Inlaid\Core\Technique\Technique;

/**
 * A technique with its typical figures.
 */
final readonly class TechniqueWord
{
    public function __construct(public string $key, public string $name, public string $does, public Figures $figures)
    {
    }

    public static function of(Technique $t): self
    {
        return new self($t->key(), $t->name(), $t->does(), $t->figures());
    }
}
