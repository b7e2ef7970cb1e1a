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
use Inlaid\Core\Work\StepCalculation;

/**
 * Proposes what a piece needs before its first coat, from what the survey found, the coat that comes first, and the schools.
 *
 * What a part already gets is not proposed again: who sands has decided how. Nothing is forced.
 */
final readonly class ProposePrep
{
    /** The places of the work in order; what is not here is a coat. */
    private const PLACE = [
        'cleaned' => 10,
        'rinsed' => 11,
        'stripped' => 20,
        'scraped' => 20,
        'neutralised' => 22,
        'filled' => 30,
        'sanded' => 40,
        'scuff-sanded' => 40,
        'grain-brushed' => 50,
        'bleached' => 60,
        'dusted' => 80,
        'conditioned' => 90,
    ];
    private const SILICONE = 5;
    private const BLOCKER = 94;
    private const PRIMER = 95;
    private const COAT = 99;

    /** A rule whose remedy is preparation. */
    private const BLEEDING = 'bleeding';

    /** What has to be rinsed off: the title of the rinse, how often, and why. */
    private const RINSES = [
        'cleaned' => ['Rinse', 1, 'Cleaner residue keeps working under the coat.'],
        'stripped' => [
            'Rinse off the stripper',
            2,
            'Stripper residue stops coats from drying. Neutralise as well if the label asks for it.',
        ],
        'bleached' => ['Rinse off the bleach', 2, 'Bleach residue keeps working and must not meet anything flammable.'],
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
                $key,
                implode(' ', array_unique($reasons)),
                $step->on($whole->named($parts)),
                $this->before($whole, $parts, null === $step->grit ? $place : self::placeOf($step->technique, $step->grit, $step->aim)),
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
        $done = array_map(
            static fn (StepCalculation $w): string => RecipeAnalysis::is($w, 'cleaned') && !RecipeAnalysis::leavesResidue($w)
                ? 'wiped'
                : $w->step->technique->key(),
            $whole->before($first, $part),
        );
        $does = static fn (string ...$techniques): bool => [] !== array_intersect($techniques, $done);
        $isOff = $whole->isStripped($part, $first);
        $strip = $isOff ? null : $this->wants->strip($whole, $part, $first);
        $bare = $part->finish->isBare() || null !== $strip || $isOff;
        $sanding = $this->papers->propose($whole, $part, $first, $bare);
        $history = $whole->habits->holds('repairing', 'history');
        $lines = [
            self::SILICONE => $this->wants->silicone($whole, $part, $first),
            self::PLACE['cleaned'] => $does('cleaned') ? null : $this->wants->wash($part),
            self::PLACE['stripped'] => $strip,
            self::PLACE['neutralised'] => $this->wants->neutralise($whole, $part, $first),
            self::PLACE['filled'] => $does('filled') || !RecipeAnalysis::isOpaque($first) || $history ? null : $this->wants->fill($part),
            self::PLACE['bleached'] => $does('bleached') || !$bare || RecipeAnalysis::isOpaque($first) || $history
                ? null
                : $this->wants->bleach($part),
            self::PLACE['dusted'] => $this->isDusted($done, [] !== $sanding)
                ? null
                : ['Dust makes a coat gritty and speckles stain.', new NewStep('Remove dust', 'dusted')],
            self::PLACE['conditioned'] => $does('conditioned') ? null : $this->wants->condition($part, $first),
            self::BLOCKER => $bare ? $this->wants->block($whole, $part, $first) : null,
            self::PRIMER => $this->wants->grip(
                $whole,
                $part,
                $first,
                $does(...ProposePapers::SANDING) || [] !== $sanding || $bare && !$part->finish->isBare(),
            ),
        ];
        foreach (self::RINSES as $act => [$title, $times, $why]) {
            $rinsed = $act !== ($lines[self::PLACE[$act]][1] ?? null)?->technique && $this->isRinsed($done, $act);
            $lines[self::PLACE[$act] + 1] = $rinsed
                ? null
                : [
                    $why,
                    new NewStep(
                        $title,
                        'rinsed',
                        [],
                        MaterialRequirement::water(),
                        coats: $times,
                        wait: 1 === $times ? WaitUntil::Recoat : WaitUntil::Overnight,
                    ),
                ];
        }
        foreach ($sanding as $i => $paper) {
            $lines[self::PLACE['sanded'] + $i] = $paper;
        }
        ksort($lines);

        return array_filter($lines);
    }

    /**
     * Is what an act left rinsed off before the next such act, or is there nothing to rinse off?
     *
     * @param list<string> $done
     */
    private function isRinsed(array $done, string $act): bool
    {
        $since = array_search($act, $done, true);
        if (false === $since) {
            return true;
        }
        foreach (\array_slice($done, $since + 1) as $next) {
            if ('rinsed' === $next || isset(self::RINSES[$next])) {
                return 'rinsed' === $next;
            }
        }

        return false;
    }

    /**
     * Is the dust of all sanding taken off before the first coat, or is there none?
     *
     * @param list<string> $done
     */
    private function isDusted(array $done, bool $sandingProposed): bool
    {
        if (\in_array('dusted', $done, true)) {
            $since = max([0, ...array_keys(array_intersect($done, ProposePapers::SANDING))]);

            return \in_array('dusted', \array_slice($done, $since), true);
        }

        return !$sandingProposed && [] === array_intersect($done, ProposePapers::SANDING);
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
                foreach ($finding->remedies[0]->edits as $edit) {
                    $lines[] = null === $edit->new ? null : new PrepLine($finding->key, $finding->why, $edit->new, $edit->before);
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
     * The first step on any of these parts that has a later place.
     *
     * @param non-empty-list<PiecePart> $parts
     */
    private function before(RecipeAnalysis $whole, array $parts, float $place): ?string
    {
        $later = RecipeAnalysis::first(
            $whole->works,
            static fn (StepCalculation $w): bool => self::placeOf(
                $w->step->technique->key(),
                $w->step->detail->grit,
                $w->step->detail->aim,
            ) > $place
                && [] !== array_filter($parts, $w->step->touches(...)),
        );

        return $later?->step->id;
    }

    /** A finer paper comes after a coarser one. */
    private static function placeOf(string $technique, ?int $grit, ?SandingAim $aim): float
    {
        return (SandingAim::ToBare === $aim ? self::PLACE['stripped'] : self::PLACE[$technique] ?? self::COAT) + ($grit ?? 0) / 1000;
    }
}
