<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Recipe\Substrate;

/**
 * Parts that share ground and steps have one stack of layers, and so one cut.
 *
 * Immutable. `ground` names the substrate; `dry` is the whole dry film in µm where nothing local was taken away.
 */
final readonly class StackPreview
{
    /**
     * @param list<string> $parts  names
     * @param list<Layer>  $layers from the wood up
     */
    public function __construct(public string $id, public array $parts, public string $ground, public Substrate $substrate, public float $area, public array $layers, public float $dry)
    {
    }
}
