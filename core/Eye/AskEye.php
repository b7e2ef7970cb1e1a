<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Colour\Light;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Colour\Spectrum;
use Inlaid\Core\Design\Extender;
use Inlaid\Core\Design\Role;
use Inlaid\Core\Look\JudgeLook;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\MixBench\LayStripe;
use Inlaid\Core\MixBench\ReadStripe;
use Inlaid\Core\MixBench\StripeFilm;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\InvalidMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Surface\Ground;

/**
 * Asks a painter's eye what it sees, of the studio's own paints: every colour is worked out by the films of the looks.
 *
 * Only what an eye can tell is asked: neighbours on a ladder are at least 4 ΔE apart, coats 1.5; which of two is closer, where one is a
 * quarter farther off than the other; buried or not, where what is left is well under or over 1 ΔE.
 */
final readonly class AskEye
{
    private const TRIES = 60;
    private const LADDER = ['0', '1/2', '1', '2', '3', '4', '6', '8'];
    private const RUNG = 4.0;
    private const FEWEST = 3;
    private const MOST_COATS = 5;
    private const COAT = 1.5;
    /** Nobody brushes a stripe alike. */
    private const THICK = [0.9, 1.0, 1.1];
    /** Coats that cover whatever lies below. */
    private const COVERING = 12.0;
    private const SHARES = [1, 2, 3, 4, 5, 6, 7, 8, 9];
    private const CLOSER = 1.25;
    private const FARTHEST = 14.0;
    private const BURIED = 0.6;
    private const SEEN = 1.8;
    private const PLAIN = 6.0;

    public function __construct(private LayStripe $lay = new LayStripe(), private RecoverSpectrum $recover = new RecoverSpectrum())
    {
    }

    /**
     * Questions of every kind in turn; the same for the same seed and shelf. Fewer where the shelf has nothing to ask with.
     *
     * @param list<Material>         $shelf
     * @param non-empty-list<Colour> $woods
     *
     * @return list<EyeQuestion>
     */
    public function ask(string $seed, array $shelf, array $woods, int $count): array
    {
        $paints = array_values(array_filter($shelf, Role::Paint->isPlayedBy(...)));
        $pairs = [];
        foreach ($paints as $paint) {
            foreach ($shelf as $thinner) {
                if (Extender::Thin->isPlayedBy($thinner, $paint)) {
                    $pairs[] = [$paint, $thinner];
                    break;
                }
            }
        }
        $questions = [];
        for ($i = 0; [] !== $pairs && $i < $count; ++$i) {
            $kind = EyeKind::cases()[$i % \count(EyeKind::cases())];
            for ($try = 0; $try < self::TRIES; ++$try) {
                $dice = new Dice("$seed $i $try");
                try {
                    $question = match ($kind) {
                        EyeKind::Ratio => $this->ratio($dice, $pairs),
                        EyeKind::Coats => $this->coats($dice, $pairs, $woods),
                        EyeKind::Nearer => $this->nearer($dice, $paints),
                        EyeKind::Buried => $this->buried($dice, $pairs),
                    };
                } catch (InvalidMix) {
                    $question = null; // nothing is seen of it
                }
                if (null !== $question) {
                    $questions[] = $question;
                    break;
                }
            }
        }

        return $questions;
    }

    /**
     * @param non-empty-list<array{Material, Material}> $pairs
     */
    private function ratio(Dice $dice, array $pairs): ?EyeQuestion
    {
        $pair = $dice->pick($pairs);
        $rungs = [];
        $last = null;
        foreach (self::LADDER as $ratio) {
            $film = $this->thinned($pair, $ratio);
            $card = self::card($film, 1.0);
            if (null === $last || max(self::apart($card[0], $last[0]), self::apart($card[1], $last[1])) >= self::RUNG) {
                $rungs[] = [$ratio, $film];
                $last = $card;
            }
        }
        if (\count($rungs) < self::FEWEST) {
            return null;
        }
        $truth = $dice->below(\count($rungs));
        $card = self::hex([self::even(ReadStripe::BLACK_CARD), self::even(ReadStripe::WHITE_CARD)]);
        $stripe = static fn (string $label, StripeFilm $film, float $times): EyeSwatch => new EyeSwatch(
            $label,
            self::hex(self::card($film, $times)),
            $card,
        );
        $options = array_map(static fn (array $r): string => self::said($r[0]), $rungs);

        return new EyeQuestion(
            kind: EyeKind::Ratio,
            shown: [
                $stripe('Not thinned', $rungs[0][1], 1.0),
                $stripe('This stripe', $rungs[$truth][1], $dice->pick(self::THICK)),
            ],
            options: $options,
            truth: $truth,
            says: \sprintf('%s, %s.', $pair[0]->name, $options[$truth]),
        );
    }

    /**
     * @param non-empty-list<array{Material, Material}> $pairs
     * @param non-empty-list<Colour>                    $woods
     */
    private function coats(Dice $dice, array $pairs, array $woods): ?EyeQuestion
    {
        $pair = $dice->pick($pairs);
        $ratio = $dice->pick(['1', '2', '3', '4']);
        $film = $this->thinned($pair, $ratio);
        $wood = Ground::bare($this->recover->recover($dice->pick($woods)));
        $lights = [];
        foreach (range(1, self::MOST_COATS) as $coats) {
            $light = $film->light($wood->inside, (float) $coats);
            if ([] !== $lights && self::apart($light, $lights[\count($lights) - 1]) < self::COAT) {
                break;
            }
            $lights[] = $light;
        }
        if (\count($lights) < self::FEWEST) {
            return null;
        }
        $truth = $dice->below(\count($lights));
        $options = array_map(static fn (int $n): string => 1 === $n ? '1 coat' : "$n coats", range(1, \count($lights)));

        return new EyeQuestion(
            kind: EyeKind::Coats,
            shown: [
                new EyeSwatch('Bare wood', [$wood->light()->colour()->hex]),
                new EyeSwatch('Covered', [$film->light($wood->inside, self::COVERING)->colour()->hex]),
                new EyeSwatch('This wood', [$lights[$truth]->colour()->hex]),
            ],
            options: $options,
            truth: $truth,
            says: \sprintf('%s of %s, %s.', $options[$truth], $pair[0]->name, self::said($ratio)),
        );
    }

    /**
     * @param list<Material> $paints
     */
    private function nearer(Dice $dice, array $paints): ?EyeQuestion
    {
        if (\count($paints) < 2) {
            return null;
        }
        [$one, $two] = [$dice->pick($paints), $dice->pick($paints)];
        if ($one->id === $two->id) {
            return null;
        }
        $mixed = fn (int $share): Light => $this->lay->lay(Mixture::of('match', Basis::ByVolume, [
            Part::of(BigRational::of($share), $one),
            Part::of(BigRational::of(10 - $share), $two),
        ]))->light(Spectrum::even(ReadStripe::WHITE_CARD), self::COVERING);
        [$t, $a, $b] = [$dice->pick(self::SHARES), $dice->pick(self::SHARES), $dice->pick(self::SHARES)];
        [$target, $first, $second] = [$mixed($t), $mixed($a), $mixed($b)];
        [$offA, $offB] = [self::apart($target, $first), self::apart($target, $second)];
        $near = min($offA, $offB);
        if ($near < JudgeLook::LOST || max($offA, $offB) > self::FARTHEST || max($offA, $offB) < self::CLOSER * $near) {
            return null;
        }
        $truth = $offA < $offB ? 0 : 1;

        return new EyeQuestion(
            kind: EyeKind::Nearer,
            shown: [
                new EyeSwatch('Target', [$target->colour()->hex]),
                new EyeSwatch('A', [$first->colour()->hex]),
                new EyeSwatch('B', [$second->colour()->hex]),
            ],
            options: ['A', 'B'],
            truth: $truth,
            says: \sprintf('%s: the other is %.1f × as different.', ['A', 'B'][$truth], max($offA, $offB) / $near),
        );
    }

    /**
     * @param non-empty-list<array{Material, Material}> $pairs
     */
    private function buried(Dice $dice, array $pairs): ?EyeQuestion
    {
        [$below, $effect, $coat] = [$dice->pick($pairs), $dice->pick($pairs), $dice->pick($pairs)];
        $ground = $this->thinned($below, '0')->over(Spectrum::even(ReadStripe::WHITE_CARD), self::COVERING);
        $dappled = $this->thinned($effect, $dice->pick(['1', '2', '4']))->over($ground);
        $over = $this->thinned($coat, $ratio = $dice->pick(['0', '1/2', '1', '2', '4']));
        $before = self::apart($over->light($ground, 0.0), $over->light($dappled, 0.0));
        $times = (float) ($coats = 1 + $dice->below(2));
        [$left, $right] = [$over->light($ground, $times), $over->light($dappled, $times)];
        $remains = self::apart($left, $right);
        $truth = 0 === $dice->below(2) ? 0 : 1;
        if ($before < self::PLAIN || (0 === $truth ? $remains > self::BURIED : $remains < self::SEEN || $remains > self::PLAIN)) {
            return null;
        }

        return new EyeQuestion(
            kind: EyeKind::Buried,
            shown: [
                new EyeSwatch('Before the coat', [
                    $over->light($ground, 0.0)->colour()->hex,
                    $over->light($dappled, 0.0)->colour()->hex,
                ]),
                new EyeSwatch('After it', [$left->colour()->hex, $right->colour()->hex]),
            ],
            options: ['Buried', 'Still shows'],
            truth: $truth,
            says: \sprintf(
                '%s under %s of %s, %s.',
                0 === $truth ? 'Buried' : 'It still shows',
                1 === $coats ? 'one coat' : 'two coats',
                $coat[0]->name,
                self::said($ratio),
            ),
        );
    }

    /**
     * @param array{Material, Material} $pair
     *
     * @throws InvalidMix
     */
    private function thinned(array $pair, string $ratio): StripeFilm
    {
        $parts = [Part::of(BigRational::one(), $pair[0])];
        if ('0' !== $ratio) {
            $parts[] = Part::of(BigRational::of($ratio), $pair[1]);
        }

        return $this->lay->lay(Mixture::of('stripe', Basis::ByVolume, $parts));
    }

    /**
     * @return array{Light, Light} on black and on white
     */
    private static function card(StripeFilm $film, float $times): array
    {
        return [
            $film->light(Spectrum::even(ReadStripe::BLACK_CARD), $times),
            $film->light(Spectrum::even(ReadStripe::WHITE_CARD), $times),
        ];
    }

    /**
     * @param list<Light> $lights
     *
     * @return list<string>
     */
    private static function hex(array $lights): array
    {
        return array_map(static fn (Light $l): string => $l->colour()->hex, $lights);
    }

    private static function even(float $share): Light
    {
        return Spectrum::even($share)->light();
    }

    private static function apart(Light $a, Light $b): float
    {
        return DeltaE2000::between(Lab::ofLight($a), Lab::ofLight($b));
    }

    private static function said(string $ratio): string
    {
        return '0' === $ratio ? 'not thinned' : '1 : '.ExactNumber::kitchen(BigRational::of($ratio));
    }
}
