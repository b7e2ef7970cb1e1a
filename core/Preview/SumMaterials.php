<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Brick\Math\BigRational;
use Inlaid\Core\Film\JarRunsOut;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\Pack;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\PrintQuantity;
use Inlaid\Core\Mixing\Leaf;
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
                $uses[$leaf->material->id][] = [$leaf, $work];
            }
        }

        return array_values(array_map(fn (array $use): MaterialNeed => $this->need($use, $context), $uses));
    }

    /**
     * @param non-empty-list<array{Leaf, StepWork}> $uses
     */
    private function need(array $uses, Context $context): MaterialNeed
    {
        $material = $uses[0][0]->material;
        $of = static fn (Course $course): BigRational => ExactNumber::sum(array_map(static fn (array $u): BigRational => $u[0]->mass->multipliedBy($u[1]->poured($course)), $uses));
        $most = $of(Course::Most);
        $isOpen = [] !== array_filter($uses, static fn (array $u): bool => $u[1]->isOpen());
        [$least, $grams] = $isOpen ? [$of(Course::Least), $of(Course::Expected)] : [$most, $most];
        $amount = static fn (BigRational $g): Amount => Amount::of($g->dividedBy($material->body->asMeasured()), $context->units, $g);
        $open = $isOpen && !$least->isEqualTo($most);
        $price = $material->pricePerGram;
        $left = isset($context->stock[$material->id]) ? $material->body->inGrams($context->stock[$material->id]) : null;
        $short = null === $left || $left->isLessThan($most) ? $most->minus($left ?? 0) : BigRational::zero();
        $sizes = array_map(static fn (Pack $p): array => [$p, $material->body->inGrams($p->size)->toFloat()], $material->packs);
        usort($sizes, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $packs = $this->packs($sizes, $short->toFloat());
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
            [] === $sizes ? null : $this->runsOut($sizes[\count($sizes) - 1], $uses, $print),
        );
    }

    /**
     * The cheapest packs that cover the need: every number of larger packs is tried, up to sixty of one size; beyond that
     * only the largest is counted.
     *
     * @param list<array{Pack, float}> $sizes pack and grams, largest first
     *
     * @return list<array{Pack, int}>
     */
    private function packs(array $sizes, float $grams): array
    {
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
     * Coat after coat, to the last round there may be.
     *
     * @param array{Pack, float}                    $smallest pack and grams
     * @param non-empty-list<array{Leaf, StepWork}> $uses
     */
    private function runsOut(array $smallest, array $uses, PrintQuantity $print): ?string
    {
        $coats = $places = [];
        foreach ($uses as [$leaf, $work]) {
            $mass = $leaf->mass->toFloat();
            foreach ($work->needs(Course::Most) as $i => $need) {
                $coats[] = [$mass * $need->poured->toFloat(), $need->area];
                $places[] = [$work->number, $i + 1];
            }
        }
        $out = JarRunsOut::where($smallest[1], $coats);

        return null === $out ? null : \sprintf(
            'One %s pack runs out in step %d, coat %d, after %s m².',
            $print->inWords($smallest[0]->size),
            $places[$out->coat - 1][0],
            $places[$out->coat - 1][1],
            ExactNumber::plain(floor($out->area * 100) / 100),
        );
    }
}
