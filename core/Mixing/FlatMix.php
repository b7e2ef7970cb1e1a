<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;

/**
 * What is really in a mix, material by material, in pouring order: as written, but powders right after what they are stirred into, which
 * comes first. A powder stirred into paint keeps dry grains that no stirring finds again; they streak under the brush.
 *
 * Immutable. `pricePerMl` null where something in it has no known price.
 */
final readonly class FlatMix
{
    public ?float $pricePerMl;
    /** @var non-empty-list<Component> */
    public array $leaves;

    /**
     * @param non-empty-list<Component> $leaves
     */
    public function __construct(public string $name, array $leaves)
    {
        $this->leaves = self::inPouringOrder($leaves);
        $this->pricePerMl = Material::cost(array_map(static fn (Component $l): array => [$l->material, $l->mass], $leaves));
    }

    /** What there is most of by volume, thinners aside: what its drying and its spread are noted of; null where there are thinners only. */
    public function main(): ?Material
    {
        $most = null;
        foreach ($this->leaves as $leaf) {
            $most = !$leaf->material->kind->thins() && (null === $most || $leaf->share > $most->share) ? $leaf : $most;
        }

        return $most?->material;
    }

    /** Minutes that it rests once its powder is stirred into something, 0 where it need not. */
    public function slakes(): int
    {
        return max(array_map(static fn (Component $l): int => $l->material->body->slake ?? 0, $this->leaves));
    }

    /** The least ml of it that hold all of something: max of grams ÷ grams per ml; nothing where there is nothing of it. */
    public function leastYield(Contents $of): BigRational
    {
        $yield = BigRational::zero();
        foreach ($this->leaves as $leaf) {
            $supports = $of->grams($leaf->material->id)->dividedBy($leaf->mass);
            $yield = $supports->isGreaterThan($yield) ? $supports : $yield;
        }

        return $yield;
    }

    /**
     * The cautions of everything in it, each once.
     *
     * @return list<string>
     */
    public function cautions(): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (Component $l): array => $l->material->cautions,
            $this->leaves,
        ))));
    }

    /**
     * A powder is wetted with the thinnest there is: a thinner if there is one, else what is written first.
     *
     * @param non-empty-list<Component> $leaves
     *
     * @return non-empty-list<Component>
     */
    private static function inPouringOrder(array $leaves): array
    {
        $powders = array_filter($leaves, static fn (Component $l): bool => $l->material->isPowder());
        $liquids = array_values(array_filter($leaves, static fn (Component $l): bool => !$l->material->isPowder()));
        if ([] === $powders || [] === $liquids) {
            return $leaves;
        }
        $wets = array_values(array_filter($liquids, static fn (Component $l): bool => MaterialKind::Thinner === $l->material->kind))[0]
            ?? $liquids[0];

        return [$wets, ...array_values($powders), ...array_values(array_filter($liquids, static fn (Component $l): bool => $l !== $wets))];
    }
}
