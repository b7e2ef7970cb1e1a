<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Whole recipes for core tests: a beech board and whatever is done to it.
 */
final class Made
{
    /**
     * @param list<Step> $steps
     */
    public static function recipe(array $steps, float $area = 1.0, string $title = 'Board', ?Target $target = null): Recipe
    {
        return Recipe::of($title, Piece::of($title, 1, [self::part($area)]), $steps, target: $target);
    }

    public static function part(float $area = 1.0, string $id = 'p', SubstrateKind $kind = SubstrateKind::Solid): PiecePart
    {
        return PiecePart::of(
            $id,
            strtoupper($id),
            Surface::free($area),
            1,
            Substrate::of($kind, 'beech', Grain::Close, Colour::of('#e0c9a0')),
        );
    }

    public static function step(
        string $id,
        string $technique,
        Material|Mixture|null $uses = null,
        int $coats = 1,
        Purpose $for = Purpose::Hide,
        WaitUntil $wait = WaitUntil::Recoat,
        ?StepDetail $detail = null,
    ): Step {
        return Step::of(
            $id,
            ucfirst($id),
            Given::techniques()->named($technique),
            Intent::of($for),
            [],
            $uses,
            $coats,
            $detail ?? StepDetail::of(),
            WaitRule::of($wait),
        );
    }

    /** Of a kind, clear unless it has a colour; dry through after a day, cured after thirty. */
    public static function material(string $id, MaterialKind $kind, Carrier $carrier, ?string $colour = null): Material
    {
        return Material::of(
            $id,
            1,
            ucfirst($id),
            $kind,
            true,
            Body::of($carrier, BigRational::of('1.02'), null, 0.35, 1.0, 11.0, 1.0),
            Handling::of(Dries::LosingWater, StatedTimes::of(30, 120, null, 1440, 43_200), null, null, true, 10.0),
            null === $colour ? Look::of(LookKind::Clear) : Look::of(LookKind::Translucent, Colour::of($colour), 0.4),
        );
    }

    /**
     * @return list<StepCalculation>
     */
    public static function works(Recipe $recipe, Context $context): array
    {
        return (new WorkOutSteps())->workOut($recipe, $context->climate, $context->habits(Given::practices(), $recipe));
    }

    /**
     * @return list<StepCalculation>
     */
    public static function worksWith(Recipe $recipe, WorkingDefaults $habits): array
    {
        return (new WorkOutSteps())->workOut($recipe, Given::context()->climate, $habits);
    }
}
