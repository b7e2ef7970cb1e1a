<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Kind\BrushedFull;
use Inlaid\Core\Technique\Kind\DryBrushed;
use Inlaid\Core\Technique\Kind\GlazedAndWiped;
use Inlaid\Core\Technique\Kind\WashedAndWiped;
use Inlaid\Core\Technique\Kind\WaxedInRecesses;
use Inlaid\Core\Technique\Technique;

/**
 * The moves a painter would think of with what is on the shelf: of every paint a coat or two, a dry brush, a glaze, and washes as far as
 * its label allows; of every coloured wax the recesses.
 *
 * Powders, flake and dyes are left out: they are not laid over a finish, or promise no colour.
 */
final class ProposeMoves
{
    /**
     * @param list<Material> $shelf
     *
     * @return list<Step>
     */
    public function moves(array $shelf): array
    {
        $moves = [];
        foreach ($shelf as $material) {
            array_push($moves, ...match (true) {
                MaterialKind::Paint === $material->kind
                    && LookKind::Opaque === $material->look->kind
                    && Carrier::Dry !== $material->body->carrier => $this->paint($material, $shelf),
                MaterialKind::Wax === $material->kind
                    && LookKind::Translucent === $material->look->kind => [self::step(new WaxedInRecesses(), $material, Purpose::Pores)],
                default => [],
            });
        }

        return $moves;
    }

    /**
     * @param list<Material> $shelf
     *
     * @return list<Step>
     */
    private function paint(Material $paint, array $shelf): array
    {
        $moves = [
            self::step(new BrushedFull(), $paint, Purpose::Hide),
            self::step(technique: new BrushedFull(), uses: $paint, purpose: Purpose::Hide, coats: 2),
            self::step(new DryBrushed(), $paint, Purpose::BrokenCover),
        ];
        // Plain water before an extender.
        $thinner = self::first(
            $shelf,
            $paint,
            static fn (Material $m): bool => $m->isWater(),
        ) ?? self::first($shelf, $paint, static fn (Material $m): bool => $m->kind->thins());
        foreach ([2, 4] as $parts) {
            null === $thinner
                || $parts > ($paint->body->largestThinning ?? \INF)
                || $moves[] = self::step(
                    new WashedAndWiped(),
                    self::mix($paint->name.', washed', [[$paint, 1], [$thinner, $parts]]),
                    Purpose::BrokenCover,
                );
        }
        $medium = self::first($shelf, $paint, static fn (Material $m): bool => MaterialKind::GlazingMedium === $m->kind);

        return null === $medium
            ? $moves
            : [
                ...$moves,
                self::step(new GlazedAndWiped(), self::mix($paint->name.', as a glaze', [[$medium, 5], [$paint, 1]]), Purpose::Pores),
            ];
    }

    /**
     * @param list<Material>           $shelf
     * @param \Closure(Material): bool $is
     */
    private static function first(array $shelf, Material $paint, \Closure $is): ?Material
    {
        foreach ($shelf as $material) {
            if ($is($material) && $material->body->carrier === $paint->body->carrier) {
                return $material;
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<array{Material, int}> $parts
     */
    private static function mix(string $name, array $parts): Mixture
    {
        return Mixture::of(
            $name,
            Basis::ByVolume,
            array_map(static fn (array $p): Part => Part::of(BigRational::of($p[1]), $p[0]), $parts),
        );
    }

    private static function step(Technique $technique, Material|Mixture $uses, Purpose $purpose, int $coats = 1): Step
    {
        return Step::of(
            id: 'move-1',
            title: '',
            technique: $technique,
            intent: Intent::of($purpose),
            parts: [],
            uses: $uses,
            coats: $coats,
            detail: StepDetail::of(),
            wait: WaitRule::of(WaitUntil::Recoat),
        );
    }
}
