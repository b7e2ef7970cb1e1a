<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Film\CoatNeed;
use Inlaid\Core\Film\JarRunsOut;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Recipe\Course;

/**
 * Sums what a recipe takes of every material, which packs cover it, and where one small pack would run out.
 */
final class SumMaterials
{
    /**
     * @param list<StepWork> $works
     *
     * @return list<MaterialNeed> in order of first use
     */
    public function sum(array $works, Context $context): array
    {
        $uses = [];
        foreach ($works as $work) {
            foreach ($work->mix->leaves ?? [] as $leaf) {
                foreach ($work->needs(Course::Most) as $coat => $need) {
                    $grams = $leaf->mass->multipliedBy(ExactNumber::ceil($need->taken))->simplified();
                    $uses[$leaf->material->id][] = [$leaf->material, $grams, $need, $work, $coat + 1];
                }
            }
        }

        return array_values(array_map(fn (array $use): MaterialNeed => $this->need($use, $context), $uses));
    }

    /**
     * @param non-empty-list<array{Material, BigRational, CoatNeed, StepWork, int}> $uses coat after coat to the last round there may be: material, grams, need, step, coat
     */
    private function need(array $uses, Context $context): MaterialNeed
    {
        $material = $uses[0][0];
        $of = static fn (Course $course): BigRational => ExactNumber::sum(array_column(array_filter($uses, static fn (array $u): bool => $u[4] <= $u[3]->rounds($course)), 1));
        $most = $of(Course::Most);
        $isOpen = [] !== array_filter($uses, static fn (array $u): bool => $u[3]->isOpen());
        [$least, $grams] = $isOpen ? [$of(Course::Least), $of(Course::Expected)] : [$most, $most];
        $amount = static fn (BigRational $g): Amount => Amount::of($g->dividedBy($material->body->asMeasured()), $context->units, $g);
        $open = $isOpen && !$least->isEqualTo($most);
        $price = $material->pricePerGram();
        $left = isset($context->stock[$material->id]) ? self::inGrams($context->stock[$material->id], $material) : null;
        $short = null === $left || $left->isLessThan($most) ? $most->minus($left ?? 0) : BigRational::zero();
        $packs = $this->packs($material, $short->toFloat());
        $print = new PrintQuantity($context->units);

        return new MaterialNeed(
            $material->id,
            $material->name,
            Ingredient::colourOf($material),
            $amount($grams),
            $open ? $amount($least) : null,
            $open ? $amount($most) : null,
            null === $left ? null : $amount($left),
            $short->isPositive(),
            array_map(static fn (array $p): PackCount => new PackCount($p[1], $print->inWords($p[0]->size), $p[0]->price), $packs),
            null === $price ? null : round($price * $grams->toFloat(), 2),
            null === $price ? null : round($price * $most->toFloat(), 2),
            $this->runsOut($material, $uses, $print),
        );
    }

    /**
     * The cheapest packs that cover the need: every number of larger packs is tried, up to sixty of one size; beyond that
     * only the largest is counted.
     *
     * @return list<array{Pack, int}>
     */
    private function packs(Material $material, float $grams): array
    {
        $sizes = array_map(static fn (Pack $p): array => [$p, self::grams($p, $material)], $material->packs);
        usort($sizes, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        if ([] === $sizes || $grams <= 0.0) {
            return [];
        }
        if ($grams / $sizes[0][1] > 60) {
            return [[$sizes[0][0], (int) ceil($grams / $sizes[0][1])]];
        }

        return array_values(array_filter($this->cheapest($sizes, $grams)[1], static fn (array $p): bool => $p[1] > 0));
    }

    /**
     * @param list<array{Pack, float}> $sizes largest first
     *
     * @return array{float, list<array{Pack, int}>} price and counts
     */
    private function cheapest(array $sizes, float $grams): array
    {
        [[$pack, $holds]] = $sizes;
        $enough = (int) max(0, ceil($grams / $holds - 1e-9));
        $best = [$enough * $pack->price, [[$pack, $enough]]];
        if (1 === \count($sizes) || 0 === $enough) {
            return $best;
        }
        for ($count = 0; $count < $enough; ++$count) {
            [$price, $rest] = $this->cheapest(\array_slice($sizes, 1), $grams - $count * $holds);
            if ($price + $count * $pack->price < $best[0] - 1e-9) {
                $best = [$price + $count * $pack->price, [[$pack, $count], ...$rest]];
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<array{Material, BigRational, CoatNeed, StepWork, int}> $uses
     */
    private function runsOut(Material $material, array $uses, PrintQuantity $print): ?string
    {
        $smallest = null;
        foreach ($material->packs as $pack) {
            $smallest = null === $smallest || self::grams($pack, $material) < self::grams($smallest, $material) ? $pack : $smallest;
        }
        if (null === $smallest) {
            return null;
        }
        $out = JarRunsOut::where(self::grams($smallest, $material), array_map(static fn (array $u): array => [$u[1]->toFloat(), $u[2]->area], $uses));

        return null === $out ? null : \sprintf(
            'One %s pack runs out in step %d, coat %d, after %s m².',
            $print->inWords($smallest->size),
            $uses[$out->coat - 1][3]->number,
            $uses[$out->coat - 1][4],
            ExactNumber::plain(floor($out->area * 100) / 100),
        );
    }

    private static function grams(Pack $pack, Material $material): float
    {
        return self::inGrams($pack->size, $material)->toFloat();
    }

    private static function inGrams(Quantity $amount, Material $material): BigRational
    {
        return Dimension::Mass === $amount->dimension ? $amount->amount : $amount->amount->multipliedBy($material->body->asMeasured());
    }
}
