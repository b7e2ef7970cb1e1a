<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Duration;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Basis;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Part;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Technique\Hand;

/**
 * Puts what a step says into words, fact by fact.
 */
final class DescribeStep
{
    /**
     * @return array<string, string> only what is stated
     */
    public function facts(Step $step, Recipe $recipe): array
    {
        $d = $step->detail;

        return array_filter([
            'the title' => '' === $step->title ? null : '“'.$step->title.'”',
            'the technique' => '“'.mb_strtolower($step->technique->name()).'”',
            'the purpose' => '“'.str_replace('-', ' ', $step->intent->purpose->value).'”'.(null === $step->intent->shows ? '' : \sprintf(
                ' with %s %% of the surface left showing',
                ExactNumber::plain($step->intent->shows * 100),
            )),
            'where it applies' => [] === $step->parts
                ? 'the whole piece'
                : implode(
                    ', ',
                    array_map(
                        static fn (PiecePart $p): string => $p->name.(
                            null === ($faces = $step->facesOf($p))
                                ? ''
                                : ' ('.mb_strtolower(implode(
                                    ', ',
                                    array_map(static fn (string $f): string => $p->surface->faces[$f][0]->name, $faces),
                                )).')'
                        ),
                        $recipe->partsOf($step),
                    ),
                ),
            'where on it' => $d->extent->isAll() ? null : $d->extent->inWords(),
            'the sections' => null === $d->sections ? null : (string) $d->sections,
            'the material' => null === $step->uses ? null : $this->uses($step->uses),
            'coats' => (string) $step->coats,
            'the repeat' => null === $step->repeat ? null : $this->repeat($step->repeat, $recipe),
            'the coat thickness' => $d->weight?->value,
            'the share left on after wiping' => null === $d->left ? null : ExactNumber::plain($d->left * 100).' %',
            'what it is wiped with' => $d->wiping?->inWords(),
            'its place in the blend' => null === $d->blend ? null : ExactNumber::plain(
                100 * $d->blend->at[$d->blend->which],
                0,
            ).' % of the way',
            'the grit' => null === $d->grit ? null : (string) $d->grit,
            'the tool' => $d->tool?->inWords(),
            'the direction' => $d->strokes?->inWords(),
            'the effect' => Hand::Middle === $d->hand ? null : $d->hand->value,
            'where it is strongest' => $d->where?->inWords(),
            'the layout' => $d->layout?->inWords(),
            'the sanding purpose' => $d->aim?->inWords(),
            'the masking' => [] === $d->masks
                ? null
                : implode(
                    ', ',
                    array_map(
                        static fn (PiecePart $p): string => $p->name,
                        array_filter($recipe->piece->parts, static fn (PiecePart $p): bool => \in_array($p->id, $d->masks, true)),
                    ),
                ),
            'the depth' => null === $d->depth ? null : ExactNumber::plain($d->depth).' µm',
            'the dwell' => null === $d->dwell ? null : Duration::inWords($d->dwell),
            'hands-on time' => null === $d->handsOn ? null : Duration::inWords($d->handsOn),
            'the wait' => WaitUntil::Minutes === $step->wait->until
                ? Duration::inWords($step->wait->minutes)
                : '“'.$step->wait->until->value.'”',
            'the note' => '' === $step->note ? null : '“'.$step->note.'”',
        ], static fn (?string $fact): bool => null !== $fact);
    }

    private function repeat(Repeat $repeat, Recipe $recipe): string
    {
        $then = array_values(array_filter($recipe->steps, static fn (Step $s): bool => $s->id === $repeat->otherwise));

        return \sprintf(
            '%s, %d to %d passes%s',
            $repeat->until->inWords(),
            $repeat->least,
            $repeat->most,
            [] === $then ? '' : \sprintf(', fallback “%s”', $then[0]->name()),
        );
    }

    /**
     * As a painter says it: "1 Ballast : 3 Water", by weight where it is.
     */
    public static function mix(Mixture $mix): string
    {
        $parts = implode(' : ', array_map(static fn (Part $p): string => ExactNumber::kitchen($p->share).' '.$p->of->name, $mix->parts));

        return Basis::ByMass === $mix->basis ? $parts.' by weight' : $parts;
    }

    private function uses(Material|Mixture $uses): string
    {
        if ($uses instanceof Material) {
            return $uses->name;
        }
        $inner = array_filter(array_map(
            fn (Part $p): ?string => $p->of instanceof Mixture ? \sprintf('%s being %s', $p->of->name, $this->uses($p->of)) : null,
            $uses->parts,
        ));

        return self::mix($uses).([] === $inner ? '' : ' ('.implode('; ', $inner).')');
    }
}
