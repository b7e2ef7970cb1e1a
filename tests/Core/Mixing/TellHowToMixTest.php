<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Mixing;

use Brick\Math\BigRational;
use Inlaid\Core\Material\Body;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\Dries;
use Inlaid\Core\Material\Handling;
use Inlaid\Core\Material\InvalidMaterial;
use Inlaid\Core\Material\Look;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Component;
use Inlaid\Core\Mixing\DescribeMixing;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * Powders meet the thinner first, rest, and only then the paint.
 */
final class TellHowToMixTest extends TestCase
{
    use Randomly;

    private static function powder(string $name, ?int $slake): Material
    {
        return Material::of(
            strtolower($name),
            1,
            $name,
            MaterialKind::Paint,
            true,
            Body::of(Carrier::Dry, BigRational::of('2.4'), BigRational::of('0.8'), 1.0, 1.0, 9.0, 2.0, $slake),
            Handling::of(Dries::LosingWater, null, null, null, true, 8.0),
            Look::of(LookKind::None),
        );
    }

    /**
     * @return list<string>
     */
    private static function told(Material ...$of): array
    {
        return (new DescribeMixing())->steps(self::mix(...$of));
    }

    private static function mix(Material ...$of): FlatMix
    {
        return (new FlattenMix())->flatten(Mixture::of(
            'Mix',
            Basis::ByVolume,
            array_map(static fn (Material $m): Part => Part::of(BigRational::one(), $m), array_values($of)),
        ));
    }

    public function testPowdersComeFirst(): void
    {
        self::assertSame(
            ['Stir Milk into Water gradually until there are no lumps.', 'Let it slake for 15 min, stir again and strain.'],
            self::told(self::powder('Milk', 15), Given::water()),
        );
        self::assertSame(
            ['Stir Plaster into Water gradually until there are no lumps.', 'Then stir in Paint.'],
            self::told(Given::paint(), self::powder('Plaster', null), Given::water()),
            'never into the paint',
        );
        self::assertSame(
            [
                'Stir Milk and Red into Water gradually until there are no lumps.',
                'Let it slake for 30 min, stir again and strain.',
                'Then stir in Paint and Other.',
            ],
            self::told(Given::paint(), self::powder('Milk', 15), Given::water(), self::powder('Red', 30), Given::paint('other')),
            'as long as the slowest',
        );
        self::assertSame(
            ['Stir Milk into Paint gradually until there are no lumps.'],
            self::told(self::powder('Milk', 0), Given::paint()),
            'there is nothing thinner',
        );
        self::assertSame(
            ['Water', 'Milk', 'Red', 'Paint'],
            array_map(
                static fn (Component $l): string => $l->material->name,
                self::mix(Given::paint(), self::powder('Milk', 15), Given::water(), self::powder('Red', 30))->leaves,
            ),
            'marks follow what is said',
        );
        self::assertSame(['Mix Milk and Red dry. Wear a mask.'], self::told(self::powder('Milk', 15), self::powder('Red', 15)));
        self::assertSame([[], []], [self::told(Given::paint(), Given::water()), self::told(self::powder('Milk', 15))], 'nothing to say');
        $this->expectException(InvalidMaterial::class);
        self::powder('Milk', -1);
    }

    /**
     * Whatever the order of pouring, all is named once, no powder after what is not the thinner.
     */
    public function testEverythingIsNamedOnce(): void
    {
        $this->manyTimes(100, function (): void {
            $all = [
                Given::paint('emulsion'),
                Given::water(),
                Given::paint('glaze'),
                self::powder('Chalk', null),
                self::powder('Milk', 15),
                self::powder('Umber', 5),
            ];
            /** @var list<Material> $some */
            $some = \array_slice($this->random->shuffleArray($all), 0, $this->int(2, 6));
            $told = implode(' ', self::told(...$some));
            $powders = array_filter($some, static fn (Material $m): bool => Carrier::Dry === $m->body->carrier);
            foreach ([] === $powders ? [] : $some as $material) {
                self::assertSame(1, substr_count($told, $material->name), $told);
            }
            foreach ($powders as $powder) {
                foreach (array_diff_key($some, $powders) as $liquid) {
                    self::assertLessThan(strpos($told, $liquid->name), (int) strpos($told, $powder->name));
                }
            }
        });
    }
}
