<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Findings\RecipeAnalysis;
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
