<?php

declare(strict_types=1);

namespace Inlaid\Core\Prep;

use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Proposes what a piece needs before its first coat, from what the survey found, the coat that comes first, and the practices.
 *
 * What a part already gets is not proposed again: who sands has decided how. Nothing is forced.
 */
final readonly class ProposePrep
{
    private const SILICONE = 5;
    private const WASH = 10;
    private const STRIP = 20;
    private const NEUTRALISE = 22;
    private const FILL = 30;
    private const SAND = 40;
    private const OPEN_GRAIN = 50;
    private const BLEACH = 60;
    private const DUST = 80;
    private const CONDITION = 90;
    private const BLOCKER = 94;
    private const PRIMER = 95;
    private const COAT = 99;

    /** A rule whose remedy is preparation. */
    private const BLEEDING = 'bleeding';

    /** What has to be rinsed off, by its place: how it is proposed, the title of the rinse, how often, and why. */
    private const RINSES = [
        self::WASH => ['cleaned', 'Rinse', 1, 'Cleaner residue keeps working under the coat.'],
        self::STRIP => [
            'stripped',
            'Rinse off the stripper',
            2,
            'Stripper residue stops coats from drying. Neutralise as well if the label asks for it.',
        ],
        self::BLEACH => ['bleached', 'Rinse off the bleach', 2, 'Bleach residue keeps working and must not meet anything flammable.'],
    ];

    public function __construct(
        private ProposePapers $papers = new ProposePapers(),
        private PreparationNeeds $wants = new PreparationNeeds(),
    ) {
    }

    /**
     * @param list<Finding> $findings of the whole, for some of whose remedies are preparation
     *
     * @return list<PrepLine> in the order of the work
     */
    public function propose(RecipeAnalysis $whole, array $findings): array
    {
        $lines = [];
        foreach ($whole->recipe->piece->parts as $part) {
            foreach ($this->forPart($whole, $part) as $place => [$reason, $step]) {
                $key = \sprintf('%d-%s', $place, $this->key($step));
                $lines[$key] = [$place, [...$lines[$key][1] ?? [], $reason], $step, [...$lines[$key][3] ?? [], $part]];
            }
        }
        uasort($lines, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $proposed = [];
        foreach ($lines as $key => [$place, $reasons, $step, $parts]) {
            $proposed[] = new PrepLine(
                key: $key,
                reason: implode(' ', array_unique($reasons)),
                step: $step->on($whole->named($parts)),
                before: $this->before($whole, $parts, null === $step->grit ? $place : self::paper($step->grit, $step->aim)),
            );
        }

        return [...$proposed, ...$this->remedies($findings)];
    }

    /**
     * @return array<int, array{string, NewStep}> reason and step, by place
     */
    private function forPart(RecipeAnalysis $whole, PiecePart $part): array
    {
        $first = RecipeAnalysis::first($whole->on($part), RecipeAnalysis::lays(...));
        if (null === $first) {
            return []; // what gets no coat needs no preparation
        }
        $done = $whole->before($first, $part);
        $does = static fn (Ability ...$any): bool => [] !== array_filter(
            $done,
            static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, ...$any),
        );
        $isOff = !$part->finish->isBare() && $whole->isBare($part, $first) && [] !== array_filter(
            $done,
            static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Strips, Ability::Scrapes)
                || SandingAim::ToBare === $w->step->detail->aim,
        );
        $strip = $isOff ? null : $this->wants->strip($whole, $part, $first);
        $bare = $part->finish->isBare() || null !== $strip || $isOff;
        $sanding = $this->papers->propose(whole: $whole, part: $part, first: $first, bare: $bare);
        $history = $whole->habits->holds('repairing', 'history');
        $lines = [
            self::SILICONE => $this->wants->silicone($whole, $part, $first),
            self::WASH => [] !== array_filter($done, static fn (StepCalculation $w): bool => self::mustBeRinsed($w, self::WASH))
                ? null
                : $this->wants->wash($part),
            self::STRIP => $strip,
            self::NEUTRALISE => $this->wants->neutralise($whole, $part, $first),
            self::FILL => $does(Ability::Fills) || !RecipeAnalysis::isOpaque($first) || $history ? null : $this->wants->fill($part),
            self::BLEACH => $does(Ability::Bleaches) || !$bare || RecipeAnalysis::isOpaque($first) || $history
                ? null
                : $this->wants->bleach($part),
            self::DUST => $this->isDusted($done, [] !== $sanding)
                ? null
                : ['Dust makes a coat gritty and speckles stain.', new NewStep('Remove dust', 'dusted')],
            self::CONDITION => $does(Ability::EvensAbsorption) ? null : $this->wants->condition($part, $first),
            self::BLOCKER => $bare ? $this->wants->block($whole, $part, $first) : null,
            self::PRIMER => $this->wants->grip(
                whole: $whole,
                part: $part,
                first: $first,
                roughened: $does(Ability::Sands, Ability::Scuffs) || [] !== $sanding || $bare && !$part->finish->isBare(),
            ),
        ];
        foreach (self::RINSES as $place => [$technique, $title, $times, $why]) {
            $proposed = ($lines[$place][1] ?? null)?->technique === $technique;
            if ($proposed || !$this->isRinsed($done, $place)) {
                $lines[$place + 1] = [
                    $why,
                    new NewStep(
                        title: $title,
                        technique: 'rinsed',
                        parts: [],
                        uses: MaterialRequirement::water(),
                        coats: $times,
                        wait: 1 === $times ? WaitUntil::Recoat : WaitUntil::Overnight,
                    ),
                ];
            }
        }
        foreach ($sanding as $i => $paper) {
            $lines[self::SAND + $i] = $paper;
        }
        ksort($lines);

        return array_filter($lines);
    }

    /** Does a step leave something that must be rinsed off, at that place of the work? A wipe that leaves nothing is no wash. */
    private static function mustBeRinsed(StepCalculation $work, int $place): bool
    {
        return match ($place) {
            self::WASH => RecipeAnalysis::can($work, Ability::Cleans) && RecipeAnalysis::leavesResidue($work),
            self::STRIP => RecipeAnalysis::can($work, Ability::Strips),
            self::BLEACH => RecipeAnalysis::can($work, Ability::Bleaches),
            default => false,
        };
    }

    /**
     * Is what was left at a place of the work rinsed off before anything else must be, or is there nothing to rinse off?
     *
     * @param list<StepCalculation> $done
     */
    private function isRinsed(array $done, int $place): bool
    {
        $since = array_key_first(array_filter($done, static fn (StepCalculation $w): bool => self::mustBeRinsed($w, $place)));
        foreach (null === $since ? [] : \array_slice($done, $since + 1) as $next) {
            if (RecipeAnalysis::can($next, Ability::Rinses)) {
                return true;
            }
            foreach (array_keys(self::RINSES) as $other) {
                if (self::mustBeRinsed($next, $other)) {
                    return false;
                }
            }
        }

        return null === $since;
    }

    /**
     * Is the dust of all sanding taken off before the first coat, or is there none?
     *
     * @param list<StepCalculation> $done
     */
    private function isDusted(array $done, bool $sandingProposed): bool
    {
        $does = static fn (Ability ...$any): array => array_keys(array_filter(
            $done,
            static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, ...$any),
        ));
        [$dusted, $sanded] = [$does(Ability::Dusts), $does(Ability::Sands, Ability::Scuffs)];

        return [] === $dusted ? !$sandingProposed && [] === $sanded : max($dusted) >= max([0, ...$sanded]);
    }

    /**
     * What rises from the wood, as the rule says: its remedy is the preparation.
     *
     * @param list<Finding> $findings
     *
     * @return list<PrepLine>
     */
    private function remedies(array $findings): array
    {
        $lines = [];
        foreach ($findings as $finding) {
            if (null === $finding->accepted && self::BLEEDING === $finding->rule) {
                foreach ($finding->remedies()[0]->edits ?? [] as $edit) {
                    $lines[] = null === $edit->new
                        ? null
                        : new PrepLine(key: $finding->key, reason: $finding->why, step: $edit->new, before: $edit->before);
                }
            }
        }

        return array_values(array_filter($lines));
    }

    private function key(NewStep $step): string
    {
        return implode(
            '-',
            array_filter([$step->technique, null === $step->grit ? '' : (string) $step->grit, $step->coats > 1 ? $step->coats.'x' : '']),
        );
    }

    /**
     * The first step on any of these parts that has a later place; a paper comes after the coarser ones that are there already, wherever
     * they are.
     *
     * @param non-empty-list<PiecePart> $parts
     */
    private function before(RecipeAnalysis $whole, array $parts, float $place): ?string
    {
        $own = array_values(array_filter(
            $whole->works,
            static fn (StepCalculation $w): bool => [] !== array_filter($parts, $w->step->touches(...)),
        ));
        $coarser = array_keys(array_filter(
            $own,
            static fn (StepCalculation $w): bool => floor($place) < self::placeOf($w) && self::placeOf($w) <= $place,
        ));
        $since = [] === $coarser ? $own : \array_slice($own, max($coarser) + 1);

        return RecipeAnalysis::first($since, static fn (StepCalculation $w): bool => self::placeOf($w) > $place)?->step->id;
    }

    private static function placeOf(StepCalculation $work): float
    {
        $can = $work->step->profile->can(...);
        [$aim, $grit] = [$work->step->detail->aim, $work->step->detail->grit];

        return match (true) {
            SandingAim::ToBare === $aim, $can(Ability::Sands, Ability::Scuffs) => self::paper($grit ?? 0, $aim),
            $can(Ability::Cleans) => self::WASH,
            $can(Ability::Rinses) => self::WASH + 1,
            $can(Ability::Strips, Ability::Scrapes) => self::STRIP,
            $can(Ability::Neutralises) => self::NEUTRALISE,
            $can(Ability::Fills) => self::FILL,
            $can(Ability::OpensGrain) => self::OPEN_GRAIN,
            $can(Ability::Bleaches) => self::BLEACH,
            $can(Ability::Dusts) => self::DUST,
            $can(Ability::EvensAbsorption) => self::CONDITION,
            default => self::COAT,
        };
    }

    /** A finer paper comes after a coarser one. */
    private static function paper(int $grit, ?SandingAim $aim): float
    {
        return (SandingAim::ToBare === $aim ? self::STRIP : self::SAND) + $grit / 1000;
    }
}
