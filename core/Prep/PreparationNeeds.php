<?php

declare(strict_types=1);

namespace Inlaid\Core\Prep;

use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Kind\NotNeutralised;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Residue;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Work\StepCalculation;

/**
 * What a part wants before its first coat, one kind of work each, with the reason; null where it does not want it.
 *
 * Whether it is done already, and where in the work it belongs, is not asked here.
 */
final class PreparationNeeds
{
    private const PAPER_ON_FINISH = 80;

    /**
     * Before anything else is rubbed in deeper.
     *
     * @return array{string, NewStep}|null
     */
    public function silicone(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): ?array
    {
        $washed = null !== RecipeAnalysis::first(
            $whole->before($first, $part),
            static fn (StepCalculation $w): bool => NotNeutralised::takesOff($w, Residue::Spirit),
        );

        return $washed || !\in_array(Bleed::Silicone, $part->substrate->bleeds, true)
            ? null
            : [
                Bleed::Silicone->heldBackBy(),
                new NewStep(
                    title: 'Wash off the silicone',
                    technique: 'cleaned',
                    parts: [],
                    uses: MaterialRequirement::toTakeOff(Residue::Spirit),
                    coats: 2,
                    wait: WaitUntil::Recoat,
                    repeat: Repeat::of(Criterion::Clean, 1, 4),
                ),
            ];
    }

    /**
     * @return array{string, NewStep}|null
     */
    public function wash(PiecePart $part): ?array
    {
        $why = match (true) {
            \in_array(Fault::Smell, $part->faults, true) => 'It smells. Wash and air it before you seal the wood.',
            !$part->finish->isBare() => 'Grease and polish keep every coat from adhering.',
            !$part->substrate->drinksAtAll() => 'Nothing soaks in here: grease from hands keeps every coat from adhering.',
            default => null,
        };

        return null === $why
            ? null
            : [
                $why,
                new NewStep(
                    title: 'Wash off grease and polish',
                    technique: 'cleaned',
                    parts: [],
                    uses: MaterialRequirement::cleaner(),
                    repeat: Repeat::of(Criterion::Clean, 1, 3),
                ),
            ];
    }

    /**
     * @return array{string, NewStep}|null
     */
    public function strip(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): ?array
    {
        $why = match (true) {
            $part->finish->isBare() => null,
            FinishState::Lifting === $part->finish->state
                || 'lifts' === ($part->tests['tape'] ?? null) => 'Loose. Anything on top peels with it.',
            FinishKind::Waxed === $part->finish->kind
                && !RecipeAnalysis::uses(
                    $first,
                    MaterialKind::Wax,
                    MaterialKind::Oil,
                ) => 'Only wax and oil adhere to wax. Other coats peel.',
            FinishKind::Oiled !== $part->finish->kind
                && RecipeAnalysis::dyes($first) => \sprintf(
                    '“%s” works in the wood and can\'t get through %s.',
                    $first->step->name(),
                    $part->finish->inWords(),
                ),
            default => null,
        };

        $passes = \in_array($part->finish->kind, [FinishKind::Shellac, FinishKind::Waxed], true) ? 1 : 2;

        if (
            null !== $why
            && !$part->mayHoldLead()
            && FinishKind::Waxed !== $part->finish->kind
            && null === $part->substrate->faceVeneer()
            && !$whole->habits->holds('old-finish-off', 'stripper')
        ) {
            return [$why, $whole->habits->holds('old-finish-off', 'sanding')
                ? new NewStep(
                    'Sand off the old finish',
                    'sanded',
                    grit: self::PAPER_ON_FINISH,
                    coats: $passes,
                    repeat: Repeat::of(Criterion::Bare, 1, $passes + 2),
                    aim: SandingAim::ToBare,
                )
                : new NewStep('Scrape off the old finish', 'scraped', coats: $passes, repeat: Repeat::of(Criterion::Bare, 1, $passes + 2))];
        }

        return null === $why ? null : [
            $part->mayHoldLead()
                ? $why.' It may contain lead. Work wet, make no dust. Follow the label, the safety data sheet and local rules.'
                : $why,
            new NewStep(
                title: 'Strip',
                technique: 'stripped',
                parts: [],
                uses: MaterialRequirement::stripper(),
                coats: $passes,
                dwell: FinishKind::Paint === $part->finish->kind ? 30 : 15,
                repeat: Repeat::of(Criterion::Bare, 1, $passes + 2),
            ),
        ];
    }

    /**
     * @return array{string, NewStep}|null
     */
    public function fill(PiecePart $part): ?array
    {
        $faults = array_filter($part->faults, static fn (Fault $f): bool => Fault::Hole === $f || Fault::MissingVeneer === $f);

        return [] === $faults
            ? null
            : [
                implode(' ', array_map(static fn (Fault $f): string => $f->inWords().'.', $faults)).' Overfill slightly, then sand level.',
                new NewStep(
                    title: 'Fill and level',
                    technique: 'filled',
                    parts: [],
                    uses: MaterialRequirement::filler(),
                    wait: WaitUntil::Recoat,
                ),
            ];
    }

    /**
     * @return array{string, NewStep}|null
     */
    public function bleach(PiecePart $part): ?array
    {
        return \in_array(Fault::Stain, $part->faults, true)
            ? [
                'Stains show through anything that isn\'t opaque. This bleach removes ink, iron and water marks, not the wood colour.',
                new NewStep(
                    title: 'Bleach the stains',
                    technique: 'bleached',
                    parts: [],
                    uses: MaterialRequirement::bleach(),
                    coats: 2,
                    dwell: 20,
                    repeat: Repeat::of(Criterion::Pale, 1, 3),
                ),
            ]
            : null;
    }

    /**
     * @return array{string, NewStep}|null
     */
    public function condition(PiecePart $part, StepCalculation $first): ?array
    {
        return RecipeAnalysis::dyes($first) && Grain::Close === $part->substrate->grain && $part->substrate->drinksAtAll()
            ? [
                'Close-grained wood stains in blotches. A conditioner evens out its absorbency.',
                new NewStep(
                    title: 'Condition the wood',
                    technique: 'conditioned',
                    parts: [],
                    uses: MaterialRequirement::conditioner(),
                    wait: WaitUntil::Recoat,
                ),
            ]
            : null;
    }

    /**
     * A primer for metal, which rusts, and for what is smooth and stays so.
     *
     * @param bool $roughened whether it is sanded, or the smooth film taken off
     *
     * @return array{string, NewStep}|null
     */
    public function grip(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first, bool $roughened): ?array
    {
        $smooth = SubstrateKind::Laminate === $part->substrate->kind || $part->finish->kind->isFilm();
        $needed = SubstrateKind::Metal === $part->substrate->kind || $smooth && !$roughened;
        if (!$needed || $whole->habits->holds('scuffing', 'no-prep') || RecipeAnalysis::grips($first)) {
            return null;
        }

        return [
            $part->mayHoldLead()
                ? 'It may contain lead, so don\'t sand it. A grip primer adheres to washed gloss.'
                : \sprintf('%s is smooth. Coats need a grip primer.', ucfirst($part->substrate->inWords())),
            new NewStep(
                title: 'Grip primer',
                technique: 'brushed',
                parts: [],
                uses: MaterialRequirement::gripPrimer(),
                wait: WaitUntil::Recoat,
            ),
        ];
    }

    /**
     * What the label of what is already in the recipe asks for.
     *
     * @return array{string, NewStep}|null
     */
    public function neutralise(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): ?array
    {
        foreach ($whole->before($first, $part) as $work) {
            $asks = $work->asksFor();
            $later = array_filter($whole->before($first, $part), static fn (StepCalculation $w): bool => $w->number > $work->number);
            if (
                null !== $asks
                && null === RecipeAnalysis::first(
                    array_values($later),
                    static fn (StepCalculation $w): bool => NotNeutralised::takesOff($w, $asks),
                )
            ) {
                return [
                    \sprintf('The label of what “%s” uses asks for %s. Water alone isn\'t enough.', $work->step->name(), $asks->inWords()),
                    new NewStep(
                        title: 'Neutralise as the label asks',
                        technique: 'neutralised',
                        parts: [],
                        uses: MaterialRequirement::toTakeOff($asks),
                        wait: WaitUntil::Recoat,
                    ),
                ];
            }
        }

        return null;
    }

    /**
     * For the school that blocks under every paint, where nothing is known to bleed; where something is, the rule says what holds it back.
     *
     * @return array{string, NewStep}|null
     */
    public function block(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): ?array
    {
        $blocks = static fn (StepCalculation $w): bool => RecipeAnalysis::contains($w, static fn (Material $m): bool => [] !== $m->blocks);
        $asked = $whole->habits->holds('stain-blocking', 'always')
            && [] === $part->substrate->bleeds
            && 'coloured' !== ($part->tests['rag'] ?? null)
            && $part->substrate->drinksAtAll();

        return !$asked || !RecipeAnalysis::isOpaque($first) || $blocks($first)
            ? null
            : [
                'Your practice blocks under every paint. A mark can take a year to come through.',
                new NewStep(
                    title: 'Stain-blocking primer',
                    technique: 'brushed',
                    parts: [],
                    uses: MaterialRequirement::blocker([Bleed::Tannin]),
                    wait: WaitUntil::Recoat,
                ),
            ];
    }
}
