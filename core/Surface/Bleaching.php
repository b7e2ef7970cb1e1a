<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

use Inlaid\Core\Material\Hazard;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\FlatMix;

/**
 * What a bleach does in one round at full strength: `wood` is left of the wood's own colour, as a factor on K ÷ S; `dyes` of dyes in it, as
 * a
 * share.
 *
 * Immutable. Typical: two-part peroxide takes the wood's own colour, oxalic acid grey and iron marks and hardly that, chlorine dyes.
 */
final readonly class Bleaching
{
    /** A crystal that its label thins up to twelve times is at full strength in twelve of water; no more than twice that dissolves. */
    private const STRONGEST = 2.0;

    private function __construct(public float $wood, public float $dyes)
    {
    }

    /**
     * @return self|null null where nothing in a mix bleaches
     */
    public static function with(FlatMix $mix): ?self
    {
        $wood = $dyes = 1.0;
        $bleaches = false;
        foreach ($mix->leaves as $leaf) {
            if (MaterialKind::Bleach === $leaf->material->kind) {
                [$ofWood, $ofDyes] = match (true) {
                    \in_array(Hazard::Chlorine, $leaf->material->hazards, true) => [0.92, 0.35],
                    \in_array(Hazard::Acid, $leaf->material->hazards, true) => [0.88, 0.9],
                    default => [0.45, 0.7],
                };
                $bleaches = true;
                $strength = min(self::STRONGEST, $leaf->share * (1 + ($leaf->material->body->largestThinning ?? 0.0)));
                $wood *= $ofWood ** $strength;
                $dyes *= $ofDyes ** $strength;
            }
        }

        return $bleaches ? new self($wood, $dyes) : null;
    }
}
