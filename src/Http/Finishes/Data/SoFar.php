<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\Core\Design\Found;
use Inlaid\Core\Look\ZoneColour;
use Inlaid\Core\Technique\Zone;

/**
 * A finish that comes near while the search goes on: its colours by zone.
 */
final readonly class SoFar
{
    /**
     * @param list<ZoneColour> $colours
     */
    private function __construct(public string $family, public string $name, public array $colours)
    {
    }

    public static function of(Found $found, string $name): self
    {
        $colours = [];
        foreach ($found->ends as $zone => $end) {
            $colours[] = new ZoneColour(Zone::from($zone), $end->mean()->colour()->hex);
        }

        return new self($found->scheme->key, $name, $colours);
    }
}
