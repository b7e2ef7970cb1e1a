<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;

/**
 * Takes a tree of mixes apart into exact amounts of materials.
 *
 * Parts by volume are volumes as measured (a powder by its scooped density, a mix by its own yield); parts by mass are
 * masses. Volumes of powder and liquid do not add: yield = Σ mass ÷ true density.
 */
final class FlattenMix
{
    /** @var \WeakMap<Mixture|Material, FlatMix> what was taken apart before: neither changes */
    private \WeakMap $flat;

    public function __construct()
    {
        $this->flat = new \WeakMap();
    }

    public function flatten(Mixture|Material $mix): FlatMix
    {
        return $this->flat[$mix] ??= $this->apart($mix);
    }

    private function apart(Mixture|Material $mix): FlatMix
    {
        $masses = $this->masses($mix);
        $yield = BigRational::zero();
        foreach ($masses as [$material, $mass]) {
            $yield = $yield->plus($mass->dividedBy($material->body->density));
        }
        $leaves = [];
        foreach ($masses as [$material, $mass]) {
            $perMl = $mass->dividedBy($yield)->simplified();
            $leaves[] = new Component($material, $perMl, $perMl->dividedBy($material->body->density)->simplified());
        }
        \assert([] !== $leaves);

        return new FlatMix($mix->name, $leaves);
    }

    /**
     * Grams of each material for one measured ml (of a material) or for the parts as written (of a mix).
     *
     * @return array<string, array{Material, BigRational}>
     */
    private function masses(Mixture|Material $of): array
    {
        if ($of instanceof Material) {
            return [$of->id => [$of, $of->body->asMeasured()]];
        }
        $sum = [];
        foreach ($of->parts as $part) {
            $child = $this->masses($part->of);
            $one = $this->sizeOf($child, $part->of, $of->basis);
            foreach ($child as $id => [$material, $mass]) {
                $more = $mass->multipliedBy($part->share)->dividedBy($one)->simplified();
                $sum[$id] = [$material, isset($sum[$id]) ? $sum[$id][1]->plus($more) : $more];
            }
        }

        return $sum;
    }

    /**
     * The mass in g, or the volume as measured in ml, that the given masses make up.
     *
     * @param array<string, array{Material, BigRational}> $masses
     */
    private function sizeOf(array $masses, Material|Mixture $of, Basis $basis): BigRational
    {
        if (Basis::ByVolume === $basis && $of instanceof Material) {
            return BigRational::one();
        }
        $size = BigRational::zero();
        foreach ($masses as [$material, $mass]) {
            $size = $size->plus(Basis::ByMass === $basis ? $mass : $mass->dividedBy($material->body->density));
        }

        return $size;
    }
}
