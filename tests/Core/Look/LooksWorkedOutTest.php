<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Look;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Look\LookAfter;
use Inlaid\Core\Look\WorkOutLook;
use Inlaid\Core\Look\ZoneLook;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use Inlaid\Tests\Core\Surface\SurfacesWorkedOutTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * How finishes look, told in full, as looks.yaml has it: what each step changes, hides or softens, how it ages, and how far it is from a
 * target.
 */
final class LooksWorkedOutTest extends TestCase
{
    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function recipes(): iterable
    {
        yield from SurfacesWorkedOutTest::recipes();
        yield 'paint over paint, and touched up' => [['steps' => [
            ['brushed', 'lamp-soot'],
            ['brushed', 'signal-cream'],
            ['brushed', 'signal-cream', ['share' => 0.2]],
            ['brushed', ['topcoat-satin' => '1', 'water' => '1'], ['purpose' => 'functional']],
        ]]];
        yield 'a glaze nobody sees' => [['steps' => [
            ['brushed', 'lamp-soot', ['coats' => 2]],
            ['glazed-wiped', ['glazing-medium' => '9', 'lamp-soot' => '1'], ['purpose' => 'pores']],
            ['brushed', 'signal-cream', ['coats' => 3]],
        ]]];
    }

    /**
     * @param array<mixed> $given
     */
    #[DataProvider('recipes')]
    public function testWorkedOut(array $given): void
    {
        $recipe = Analysed::recipe($given);
        $context = Analysed::context();
        $works = array_values(array_filter(
            (new WorkOutSteps())->workOut($recipe, $context->climate, $context->habits(Given::practices(), $recipe)),
            static fn (StepCalculation $w): bool => $w->isDone(),
        ));
        $target = Target::of('Sample', ['field' => Colour::of('#8b9597'), 'edge' => Colour::of('#c9a877')]);
        [$look] = (new WorkOutLook())->work($recipe->piece->parts[0], $works, $target, 0.1);
        $lines = static fn (array $of): array => array_map(static fn (object $o): string => Said::line($o), $of);
        $zones = static fn (LookAfter $a): string => implode('; ', array_map(static fn (ZoneLook $z): string => \sprintf(
            '%s %s %s %.2f%s%s',
            $z->zone->value,
            $z->colour,
            $z->called,
            $z->contrast,
            null === $z->change ? '' : ' '.Said::line($z->change),
            null === $z->glances ? '' : ", glances $z->glances",
        ), $a->zones));
        Said::assertSame(__DIR__.'/looks.yaml', (string) $this->dataName(), [
            'after' => array_map($zones, $look->after),
            'effects' => $lines($look->effects),
            'softened' => $lines($look->softened),
            'hides' => $lines($look->hides),
            'depths' => $lines($look->depths),
            'ages' => $lines($look->ages),
            'target' => $lines($look->target),
            'blends' => $lines($look->blends),
        ]);
        [$roughly] = (new WorkOutLook())->work($recipe->piece->parts[0], $works, $target, null);
        self::assertFalse($roughly->isWhole);
        self::assertCount(2, $roughly->after, 'the ground, and how it ends');
        self::assertCount(\count($look->target), $roughly->target);
    }
}
