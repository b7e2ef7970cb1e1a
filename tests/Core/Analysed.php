<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\MeasureAtHand;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Mixing\Vessel;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Tests\Core\Findings\Flaws;
use Inlaid\Tests\Http\GivenDocuments;

/**
 * Recipes from little, of materials of the catalogue, worked out on a shop day without surprises.
 */
final class Analysed
{
    private static ?GivenDocuments $given = null;
    /** @var array<string, Material>|null */
    private static ?array $shelf = null;

    /**
     * @param array<mixed> $recipe as GivenDocuments takes it, with `climate` and `flame` besides
     */
    public static function of(array $recipe): RecipeAnalysis
    {
        return Given::analyser()->analyse(self::recipe($recipe), self::context($recipe));
    }

    /**
     * @param array<mixed> $recipe
     */
    public static function recipe(array $recipe): Recipe
    {
        self::$given ??= GivenDocuments::ofCatalogue();
        $read = new ReadRecipe(Given::techniques(), Given::practices(), new ReadPiece(Given::shapes()));

        return $read->read(self::$given->document($recipe));
    }

    /**
     * @return array<string, Material> the catalogue and what the demo adds to it, by id
     */
    public static function shelf(): array
    {
        $root = \dirname(__DIR__, 2);

        return self::$shelf ??= (new LoadMaterials($root, new ReadMaterial()))->with("$root/data/demo/shelf.yaml");
    }

    /**
     * By volume, of what is on the shelf.
     *
     * @param array<string, string> $parts shares by material
     */
    public static function mix(array $parts, Basis $basis = Basis::ByVolume): Mixture
    {
        return Mixture::of('Mix', $basis, array_map(
            static fn (string $share, string $id): Part => Part::of(ExactNumber::parse($share), self::shelf()[$id]),
            $parts,
            array_keys($parts),
        ));
    }

    /**
     * With a syringe, a jug, a scale, two cups, a rate and two jars that are counted.
     *
     * @param list<PotAtHand> $pots
     */
    public static function shop(array $pots = [], UnitSystem $units = UnitSystem::Metric, bool $helper = false): Context
    {
        $usual = self::context();

        return new Context(
            now: $usual->now,
            working: $usual->working,
            climate: $usual->climate,
            units: $units,
            measures: [
                MeasureAtHand::of('syringe', BigRational::of('1/2'), BigRational::of(20)),
                MeasureAtHand::of('jug', BigRational::of(10), BigRational::of(500)),
                MeasureAtHand::of('scale', BigRational::of('1/10'), BigRational::of(2000), Dimension::Mass),
            ],
            vessels: [Vessel::cup('Small cup', 60, 80, 110), Vessel::cup('Tub', 110, 130, 120)],
            drop: $usual->drop,
            tolerance: $usual->tolerance,
            rate: 32.0,
            stock: ['signal-cream' => Quantity::millilitres(120), 'topcoat-satin' => Quantity::millilitres(2000)],
            pots: $pots,
            helper: $helper ? WorkingTime::of('Europe/Berlin', array_fill(1, 5, [[600, 720]])) : null,
        );
    }

    /**
     * @param array<mixed> $recipe
     */
    public static function context(array $recipe = []): Context
    {
        $air = $recipe['climate'] ?? Flaws::CONTEXT['climate'];

        return new Context(
            now: (new \DateTimeImmutable(Flaws::CONTEXT['now']))->getTimestamp(),
            working: WorkingTime::of('Europe/Berlin', array_fill(1, 5, [[480, 720], [780, 1020]])),
            climate: Climate::of($air['temperature'], $air['humidity'], Air::from($air['air'])),
            units: Given::context()->units,
            measures: [],
            vessels: [],
            drop: Given::context()->drop,
            tolerance: Given::context()->tolerance,
            flame: $recipe['flame'] ?? false,
        );
    }
}
