<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Technique\Effect;

/**
 * Something a step is repeated for, the question after each pass, and what kinds of work can bring it about.
 */
final readonly class CriterionWord
{
    /**
     * @param list<Effect> $acts
     */
    public function __construct(public string $key, public string $name, public string $asks, public array $acts)
    {
    }

    public static function of(Criterion $c): self
    {
        return new self(
            key: $c->value,
            name: $c->inWords(),
            asks: $c->asks(),
            acts: array_values(array_filter(Effect::cases(), $c->suits(...))),
        );
    }
}
