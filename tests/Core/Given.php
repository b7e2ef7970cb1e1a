<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Board\Variables;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\StatedTimes;
use Inlaid\Core\Measure\UnitSystem;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Shapes;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Techniques;

/**
 * Materials and registries for core tests, with figures that are easy to reckon with.
 */
final class Given
{
    public static function paint(
        string $id = 'paint',
        string $density = '1.3',
        ?float $largestThinning = 3.0,
        ?StatedTimes $times = null,
        ?int $open = 15,
        ?int $potLife = null,
        string $colour = '#5b6b73',
        float $hides = 0.97,
    ): Material {
        return Material::of(
            $id,
            1,
            ucfirst($id),
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Water, BigRational::of($density), null, 0.4, 1.0, 10.0, $largestThinning),
            Handling::of(Dries::LosingWater, $times ?? StatedTimes::of(30, 120, null, 480, 30240), $open, $potLife, true, 8.0),
            Look::of(LookKind::Opaque, Colour::of($colour), $hides),
        );
    }

    public static function water(): Material
    {
        return Material::of(
            'water',
            1,
            'Water',
            MaterialKind::Thinner,
            true,
            Body::of(Carrier::Water, BigRational::one(), null, 0.0, 0.0, null, null),
            Handling::of(Dries::LosingWater, null, null, null, true, 5.0),
            Look::of(LookKind::None),
        );
    }

    public static function powder(string $density = '2.4', string $scooped = '0.8'): Material
    {
        return Material::of(
            'powder',
            1,
            'Powder',
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Dry, BigRational::of($density), BigRational::of($scooped), 1.0, 1.0, 9.0, 2.0),
            Handling::of(Dries::LosingWater, StatedTimes::of(30, 60, null, 240, 43200), 10, 480, true, 8.0),
            Look::of(LookKind::Opaque, Colour::of('#a2452b'), 0.9),
        );
    }

    /** A studio that works on weekdays from eight till five, with nothing on its shelf. */
    public static function context(
        ?WorkingTime $time = null,
        int $now = 1_764_054_000,
        ?float $rate = null,
        ?WorkingTime $helper = null,
    ): Context {
        return new Context(
            $now,
            $time ?? WorkingTime::of('UTC', array_fill(1, 5, [[480, 1020]])),
            Climate::reference(),
            UnitSystem::Metric,
            [],
            [],
            BigRational::of('0.05'),
            BigRational::of('0.02'),
            rate: $rate,
            helper: $helper,
        );
    }

    /** One for all tests: nothing of it changes. */
    public static function techniques(): Techniques
    {
        static $techniques = null;

        return $techniques ??= new Techniques(self::all(Technique::class, 'Technique'));
    }

    public static function practices(): Practices
    {
        static $practices = null;

        return $practices ??= new Practices(self::all(Practice::class, 'Practice'));
    }

    public static function analyser(): AnalyseRecipe
    {
        return new AnalyseRecipe(self::practices());
    }

    public static function previewer(): PreviewRecipe
    {
        return new PreviewRecipe(self::analyser());
    }

    public static function variables(): Variables
    {
        return new Variables(self::all(Variable::class, 'Board'));
    }

    /**
     * @return list<Rule>
     */
    public static function rules(): array
    {
        return self::all(Rule::class, 'Findings');
    }

    public static function shapes(): Shapes
    {
        return new Shapes(self::all(Shape::class, 'Piece/Shape'));
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $type
     *
     * @return list<T>
     */
    private static function all(string $type, string $folder): array
    {
        $made = [];
        foreach (glob(\dirname(__DIR__, 2)."/core/$folder/Kind/*.php") ?: [] as $file) {
            $class = 'Inlaid\\Core\\'.strtr($folder, '/', '\\').'\\Kind\\'.basename($file, '.php');
            $object = new $class();
            if ($object instanceof $type) {
                $made[] = $object;
            }
        }

        return $made;
    }
}
