<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\Core\Design\Family;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Preview\Preview;

/**
 * A finish as it looks on a piece with its usual materials: `minutes` hands-on, `waits` hours from the first step until it is ready, null
 * where no promise can be made; `buy` how many of its materials are not on the shelf.
 */
final readonly class WallChip
{
    private function __construct(
        public string $family,
        public string $name,
        public string $says,
        public Wear $wear,
        public StackPreview $stack,
        public int $minutes,
        public ?float $waits,
        public ?float $cost,
        public int $buy,
    ) {
    }

    public static function of(Family $family, Preview $preview, int $buy): self
    {
        $ready = $preview->plan->readyOn;

        return new self(
            family: $family->key,
            name: $family->name,
            says: $family->says,
            wear: $family->wear,
            stack: $preview->stacks[0],
            minutes: $preview->plan->handsOn,
            waits: null === $ready ? null : round((strtotime($ready) - strtotime($preview->plan->from)) / 3600, 1),
            cost: $preview->cost->whole,
            buy: $buy,
        );
    }
}
