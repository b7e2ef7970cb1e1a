<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Design;

use Inlaid\App\Exchange\Catalogue\LoadFamilies;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\FamilyStep;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\OldFinish;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Place;
use Inlaid\Core\Piece\Substrate;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Piece\Wear;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What each finish of the catalogue is good for, as families.yaml has it.
 */
final class FamilyTest extends TestCase
{
    /** @var array<string, Family> */
    private static array $families = [];

    /** @return iterable<string, array{string}> */
    public static function keys(): iterable
    {
        foreach (glob(\dirname(__DIR__, 3).'/data/finishes/*.yaml') ?: [] as $file) {
            yield basename($file, '.yaml') => [basename($file, '.yaml')];
        }
    }

    #[DataProvider('keys')]
    public function testWhatItIsGoodFor(string $key): void
    {
        $family = self::family($key);
        $suits = [];
        foreach (['beech' => Grain::Close, 'oak' => Grain::Open] as $wood => $grain) {
            foreach ([FinishKind::Bare, FinishKind::Varnish] as $finish) {
                $part = self::part($wood, $grain, $finish);
                $most = array_filter(Wear::cases(), static fn (Wear $w): bool => $family->suits($part, new PieceUse(Place::Dry, $w), []));
                $suits[] = [] === $most ? 'no' : end($most)->value;
            }
        }
        $coat = static fn (Place $place, Wear $wear): string => implode(', ', array_map(
            static fn (FamilyStep $s): string => $s->coats[0].' '.($s->role->value ?? ''),
            \array_slice($family->protectedFor(new PieceUse($place, $wear))->steps, \count($family->steps)),
        ));
        Said::assertSame(__DIR__.'/families.yaml', $key, array_filter([
            'shows' => ($family->covers() ? 'covers' : 'lets the wood show').($family->worksInWood() ? ', works in the wood' : ''),
            'on beech, beech varnished, oak, oak varnished up to' => implode(', ', $suits),
            'then indoors, in use, outdoors' => trim(implode(' | ', [
                $coat(Place::Dry, Wear::Light), $coat(Place::Wet, Wear::Daily), $coat(Place::Weather, Wear::Daily),
            ]), ' |'),
        ]));
        foreach ($family->against as $school) {
            [$question, $answer] = explode('=', $school);
            self::assertFalse($family->suits(self::part('oak', Grain::Open, FinishKind::Bare), new PieceUse(Place::Dry, Wear::Light), [
                $question => $answer,
            ]));
        }
        self::assertSame(
            $family->protects ? $family : null,
            $family->protects ? $family->protectedFor(new PieceUse(Place::Dry, Wear::Light)) : null,
            'what protects itself gets no clear coat',
        );
    }

    private static function family(string $key): Family
    {
        if ([] === self::$families) {
            foreach ((new LoadFamilies(\dirname(__DIR__, 3), Given::techniques()))->load() as $family) {
                self::$families[$family->key] = $family;
            }
        }

        return self::$families[$key];
    }

    private static function part(string $wood, Grain $grain, FinishKind $finish): PiecePart
    {
        return PiecePart::of(
            id: 'p',
            name: 'P',
            surface: Surface::free(1.0),
            count: 1,
            substrate: Substrate::of(SubstrateKind::Solid, $wood, $grain, Colour::of('#c9a877')),
            finish: new OldFinish($finish, FinishState::Sound),
        );
    }
}
