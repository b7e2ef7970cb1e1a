<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Optics;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Optics;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Material\Learned;
use Inlaid\Core\Mixing\DeriveCharacter;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Optics\Colourant;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Core\Optics\FindColourant;
use Inlaid\Core\Optics\TintingStrength;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\TestCase;

/**
 * What every material of the catalogue and some mixes do to light, as optics.yaml has it: absorption and scattering in µm⁻¹, in the blue,
 * the green and the red.
 */
final class OpticsWorkedOutTest extends TestCase
{
    private const FILE = __DIR__.'/optics.yaml';

    public function testEveryMaterial(): void
    {
        $derive = new DeriveOptics();
        $told = [];
        foreach (Analysed::shelf() as $id => $material) {
            $told[$id] = implode('; ', array_filter([
                'K and S' => self::figures($derive->derive($material)),
                'dye' => null === ($dye = self::figures($derive->dye($material))) ? null : "dye $dye",
                'off' => null === ($off = $derive->residual($material)) ? null : \sprintf('ΔE %.3f off', $off),
                'tints' => 1.0 === ($times = TintingStrength::of($material)) ? null : \sprintf('tints %.4g', $times),
            ])) ?: 'nothing';
        }
        Said::assertSame(self::FILE, 'materials', $told);
    }

    public function testMixes(): void
    {
        $find = new FindColourant();
        foreach ([
            'a wash' => ['platform-slate' => '1', 'water' => '3'],
            'two paints' => ['signal-cream' => '3', 'engine-green' => '1'],
            'a glaze' => ['glazing-medium' => '5', 'lamp-soot' => '1'],
            'a stain, thinned' => ['rain-grey-stain' => '1', 'water' => '1'],
            'a stain in a glaze' => ['rain-grey-stain' => '1', 'glazing-medium' => '2'],
            'gold' => ['number-gold' => '1'],
            'gold in a topcoat' => ['metallic-paint' => '1', 'topcoat-satin' => '3'],
            'varnish' => ['varnish' => '1'],
            'a tinted varnish' => ['varnish' => '9', 'trim-paint-oil' => '1'],
            'a resist' => ['wax-resist' => '1'],
            'milk paint' => ['halt-ochre' => '2', 'water' => '3'],
        ] as $name => $parts) {
            $mix = (new FlattenMix())->flatten(Analysed::mix($parts));
            $character = (new DeriveCharacter())->derive($mix);
            $seen = $find->find($mix, $character);
            $blind = $find->blind()->find($mix, $character);
            Said::assertSame(self::FILE, "mix: $name", [
                'seen' => self::colourant($seen),
                'blind' => self::colourant($blind),
            ]);
            self::assertSame($seen, $find->find($mix, $character), 'found once');
            self::assertSame($seen?->kind, $blind?->kind);
        }
        $water = (new FlattenMix())->flatten(Analysed::mix(['water' => '1']));
        self::assertNull($find->find($water, (new DeriveCharacter())->derive($water)), 'no film of water');
    }

    /** Of another material in the place of one: what would be. */
    public function testInstead(): void
    {
        $mix = (new FlattenMix())->flatten(Analysed::mix(['platform-slate' => '1', 'water' => '1']));
        $character = (new DeriveCharacter())->derive($mix);
        $darker = Analysed::shelf()['platform-slate']->learning(Learned::of(Colour::of('#101418'), 1.3, 4));
        $find = new FindColourant();
        $is = $find->find($mix, $character);
        $would = $find->with($darker)->find($mix, $character);
        self::assertNotEquals($is?->optics, $would?->optics);
        self::assertEquals($is?->optics, $find->with(Analysed::shelf()['signal-cream'])->find($mix, $character)?->optics);
    }

    private static function colourant(?Colourant $of): string
    {
        if (null === $of) {
            return 'nothing';
        }

        return \sprintf(
            '%s %s; %.5g µm%s%s%s%s',
            $of->kind->name,
            self::figures($of->optics) ?? '',
            $of->normal,
            $of->sheen instanceof Sheen ? ', '.$of->sheen->value : '',
            $of->yellows > 0.0 ? \sprintf(', yellows %.4g', $of->yellows) : '',
            null === $of->flake ? '' : ', flake '.$of->flake->light()->colour()->hex,
            $of->isSeen ? '' : ', not seen',
        );
    }

    private static function figures(?Optics $of): ?string
    {
        $at = static fn (array $bands): string => implode(' ', array_map(
            static fn (int $band): string => (string) (float) \sprintf('%.4g', $bands[$band]),
            [6, 17, 26],
        ));

        return null === $of ? null : $at($of->absorption).' | '.$at($of->scattering);
    }
}
