<?php

declare(strict_types=1);

namespace Inlaid\Core\Prep;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Kind\NotNeutralised;
use Inlaid\Core\Findings\MaterialWanted;
use Inlaid\Core\Findings\NewStep;
use Inlaid\Core\Findings\Whole;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\Bleed;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\FinishKind;
use Inlaid\Core\Piece\FinishState;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Preview\StepWork;
use Inlaid\Core\Preview\WorkOutSanding;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Proposes what a piece needs before its first coat, from what the survey found, the coat that comes first, and the schools.
 *
 * What a part already gets is not proposed again: who sands has decided how. Nothing is forced.
 */
final readonly class ProposePrep
{
    /** The places of the work in order; what is not here is a coat. */
    private const PLACE = ['cleaned' => 10, 'rinsed' => 11, 'stripped' => 20, 'scraped' => 20, 'neutralised' => 22, 'filled' => 30, 'sanded' => 40, 'scuff-sanded' => 40, 'grain-brushed' => 50, 'bleached' => 60, 'dusted' => 80, 'conditioned' => 90];
    private const BLOCKER = 94;
    private const PRIMER = 95;
    private const COAT = 99;

    /** Rules whose remedy is preparation. */
    private const RULES = ['bleeding', 'silicone-craters'];

    /** What has to be rinsed off: the title of the rinse, how often, and why. */
    private const RINSES = [
        'cleaned' => ['Rinse', 1, 'What is left of the cleaner goes on working under the coat.'],
        'stripped' => ['Rinse off the stripper', 2, 'What is left of the stripper keeps every coat from drying; neutralise too, if its label asks for it.'],
        'bleached' => ['Rinse off the bleach', 2, 'What is left of the bleach goes on working, and must meet nothing that burns.'],
    ];
    private const PAPER_ON_FINISH = 80;

    public function __construct(private ProposePapers $papers = new ProposePapers())
    {
    }

    /**
     * @param list<Finding> $findings of the whole, for some of whose remedies are preparation
     *
     * @return list<PrepLine> in the order of the work
     */
    public function propose(Whole $whole, array $findings): array
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
            $proposed[] = new PrepLine($key, implode(' ', array_unique($reasons)), $step->on($whole->named($parts)), $this->before($whole, $parts, null === $step->grit ? $place : self::placeOf($step->technique, $step->grit, $step->aim)));
        }

        return [...$proposed, ...$this->remedies($findings)];
    }

    /**
     * @return array<int, array{string, NewStep}> reason and step, by place
     */
    private function forPart(Whole $whole, PiecePart $part): array
    {
        $first = Whole::first($whole->on($part), Whole::lays(...));
        if (null === $first) {
            return []; // what gets no coat needs no preparation
        }
        $done = array_map(static fn (StepWork $w): string => Whole::is($w, 'cleaned') && !Whole::leavesResidue($w) ? 'wiped' : $w->step->technique->key(), $whole->before($first, $part));
        $does = static fn (string ...$techniques): bool => [] !== array_intersect($techniques, $done);
        $isOff = $whole->isStripped($part, $first);
        $strip = $isOff ? null : $this->strip($whole, $part, $first);
        $bare = $part->finish->isBare() || null !== $strip || $isOff;
        $sanding = $this->papers->propose($whole, $part, $first, $bare);
        $history = $whole->habits->holds('repairing', 'history');
        $lines = [
            self::PLACE['cleaned'] => $does('cleaned') ? null : $this->wash($part),
            self::PLACE['stripped'] => $strip,
            self::PLACE['neutralised'] => $this->neutralise($whole, $part, $first),
            self::PLACE['filled'] => $does('filled') || !Whole::isOpaque($first) || $history ? null : $this->fill($part),
            self::PLACE['bleached'] => $does('bleached') || !$bare || Whole::isOpaque($first) || $history ? null : $this->bleach($part),
            self::PLACE['dusted'] => $this->isDusted($done, [] !== $sanding) ? null : ['Dust makes a wet coat gritty and takes up stain in specks.', new NewStep('Dust off', 'dusted')],
            self::PLACE['conditioned'] => $does('conditioned') ? null : $this->condition($part, $first),
            self::BLOCKER => $bare ? $this->block($whole, $part, $first) : null,
            self::PRIMER => $this->grip($whole, $part, $first, $does(...ProposePapers::SANDING) || [] !== $sanding || $bare && !$part->finish->isBare()),
        ];
        foreach (self::RINSES as $act => [$title, $times, $why]) {
            $rinsed = $act !== ($lines[self::PLACE[$act]][1] ?? null)?->technique && $this->isRinsed($done, $act);
            $lines[self::PLACE[$act] + 1] = $rinsed ? null : [$why, new NewStep($title, 'rinsed', [], MaterialWanted::water(), coats: $times, wait: 1 === $times ? WaitUntil::Recoat : WaitUntil::Overnight)];
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
     * @return array{string, NewStep}|null
     */
    private function wash(PiecePart $part): ?array
    {
        $why = match (true) {
            \in_array(Fault::Smell, $part->faults, true) => 'It smells: wash and air it before anything closes the wood.',
            !$part->finish->isBare() => 'Hands, polish and kitchen air leave what no coat holds on.',
            default => null,
        };

        return null === $why ? null : [$why, new NewStep('Wash off grease and polish', 'cleaned', [], MaterialWanted::cleaner(), repeat: Repeat::of(Criterion::Clean, 1, 3))];
    }

    /**
     * @return array{string, NewStep}|null
     */
    private function strip(Whole $whole, PiecePart $part, StepWork $first): ?array
    {
        $why = match (true) {
            $part->finish->isBare() => null,
            FinishState::Lifting === $part->finish->state || 'lifts' === ($part->tests['tape'] ?? null) => 'It does not hold: whatever is laid on it comes off with it.',
            FinishKind::Waxed === $part->finish->kind && !Whole::uses($first, MaterialKind::Wax, MaterialKind::Oil) => 'Only wax and oil hold on wax; every other coat peels from it.',
            FinishKind::Oiled !== $part->finish->kind && Whole::dyes($first) => \sprintf('"%s" works in the wood and cannot go through %s.', $first->step->name(), $part->finish->inWords()),
            default => null,
        };

        $passes = \in_array($part->finish->kind, [FinishKind::Shellac, FinishKind::Waxed], true) ? 1 : 2;

        if (null !== $why && !$part->mayHoldLead() && FinishKind::Waxed !== $part->finish->kind && null === WorkOutSanding::veneer($part) && !$whole->habits->holds('old-finish-off', 'stripper')) {
            return [$why, $whole->habits->holds('old-finish-off', 'sanding')
                ? new NewStep('Sand the old finish off', 'sanded', grit: self::PAPER_ON_FINISH, coats: $passes, repeat: Repeat::of(Criterion::Bare, 1, $passes + 2), aim: SandingAim::ToBare)
                : new NewStep('Scrape the old finish off', 'scraped', coats: $passes, repeat: Repeat::of(Criterion::Bare, 1, $passes + 2))];
        }

        return null === $why ? null : [
            $part->mayHoldLead() ? $why.' It may hold lead: keep it wet, no dust, and follow the label, the safety data sheet and local rules.' : $why,
            new NewStep('Strip', 'stripped', [], MaterialWanted::stripper(), coats: $passes, dwell: FinishKind::Paint === $part->finish->kind ? 30 : 15, repeat: Repeat::of(Criterion::Bare, 1, $passes + 2)),
        ];
    }

    /**
     * @return array{string, NewStep}|null
     */
    private function fill(PiecePart $part): ?array
    {
        $faults = array_filter($part->faults, static fn (Fault $f): bool => Fault::Hole === $f || Fault::MissingVeneer === $f);

        return [] === $faults ? null : [implode(' ', array_map(static fn (Fault $f): string => $f->inWords().'.', $faults)).' Fill a little proud, and sand level.', new NewStep('Fill and level', 'filled', [], MaterialWanted::filler(), wait: WaitUntil::Recoat)];
    }

    /**
     * @return array{string, NewStep}|null
     */
    private function bleach(PiecePart $part): ?array
    {
        return \in_array(Fault::Stain, $part->faults, true) ? ['Stains show through whatever is not opaque; this bleach takes out ink, iron and water marks, and leaves the wood its colour.', new NewStep('Bleach the stains', 'bleached', [], MaterialWanted::bleach(), coats: 2, dwell: 20, repeat: Repeat::of(Criterion::Pale, 1, 3))] : null;
    }

    /**
     * @return array{string, NewStep}|null
     */
    private function condition(PiecePart $part, StepWork $first): ?array
    {
        return Whole::dyes($first) && Grain::Close === $part->substrate->grain && $part->substrate->drinksAtAll() ? ['Close-grained wood takes stain in blotches; a conditioner evens out how much it drinks.', new NewStep('Even out how it drinks', 'conditioned', [], MaterialWanted::conditioner(), wait: WaitUntil::Recoat)] : null;
    }

    /**
     * A primer for metal, which rusts, and for what is smooth and stays so.
     *
     * @param bool $roughened whether it is sanded, or the smooth film taken off
     *
     * @return array{string, NewStep}|null
     */
    private function grip(Whole $whole, PiecePart $part, StepWork $first, bool $roughened): ?array
    {
        $smooth = SubstrateKind::Laminate === $part->substrate->kind || $part->finish->kind->isFilm();
        $needed = SubstrateKind::Metal === $part->substrate->kind || $smooth && !$roughened;
        if (!$needed || $whole->habits->holds('scuffing', 'no-prep') || Whole::grips($first)) {
            return null;
        }

        return [$part->mayHoldLead() ? 'It may hold lead, so it is not sanded: a primer made to grip holds on the washed gloss.' : \sprintf('%s is smooth and takes no coat by itself.', ucfirst($part->substrate->inWords())), new NewStep('Grip primer', 'brushed', [], MaterialWanted::gripPrimer(), wait: WaitUntil::Recoat)];
    }

    /**
     * What the label of what is already in the recipe asks for.
     *
     * @return array{string, NewStep}|null
     */
    private function neutralise(Whole $whole, PiecePart $part, StepWork $first): ?array
    {
        foreach ($whole->before($first, $part) as $work) {
            $asks = NotNeutralised::asks($work);
            $later = array_filter($whole->before($first, $part), static fn (StepWork $w): bool => $w->number > $work->number);
            if (null !== $asks && null === Whole::first(array_values($later), static fn (StepWork $w): bool => NotNeutralised::takesOff($w, $asks))) {
                return [\sprintf('The label of what "%s" uses asks for %s; water alone leaves it.', $work->step->name(), $asks->inWords()), new NewStep('Neutralise as the label asks', 'neutralised', [], MaterialWanted::toTakeOff($asks), wait: WaitUntil::Recoat)];
            }
        }

        return null;
    }

    /**
     * For the school that blocks under every paint, where nothing is known to bleed; where something is, the rule says what holds it back.
     *
     * @return array{string, NewStep}|null
     */
    private function block(Whole $whole, PiecePart $part, StepWork $first): ?array
    {
        $blocks = static fn (StepWork $w): bool => Whole::contains($w, static fn (Material $m): bool => [] !== $m->blocks);
        $asked = $whole->habits->holds('stain-blocking', 'always') && [] === $part->substrate->bleeds && $part->substrate->drinksAtAll();

        return !$asked || !Whole::isOpaque($first) || $blocks($first) ? null : ['Your school blocks under every paint: a mark may take a year to come through.', new NewStep('Stain-blocking primer', 'brushed', [], MaterialWanted::blocker([Bleed::Tannin]), wait: WaitUntil::Recoat)];
    }

    /**
     * What rises from the wood or repels a coat, as the rules say: their remedy is the preparation.
     *
     * @param list<Finding> $findings
     *
     * @return list<PrepLine>
     */
    private function remedies(array $findings): array
    {
        $lines = [];
        foreach ($findings as $finding) {
            if (null === $finding->accepted && \in_array($finding->rule, self::RULES, true)) {
                foreach ($finding->remedies[0]->edits as $edit) {
                    $lines[] = null === $edit->new ? null : new PrepLine($finding->key, $finding->why, $edit->new, $edit->before);
                }
            }
        }

        return array_values(array_filter($lines));
    }

    private function key(NewStep $step): string
    {
        return implode('-', array_filter([$step->technique, null === $step->grit ? '' : (string) $step->grit, $step->coats > 1 ? $step->coats.'x' : '']));
    }

    /**
     * The first step on any of these parts that has a later place.
     *
     * @param non-empty-list<PiecePart> $parts
     */
    private function before(Whole $whole, array $parts, float $place): ?string
    {
        $later = Whole::first($whole->works, static fn (StepWork $w): bool => self::placeOf($w->step->technique->key(), $w->step->detail->grit, $w->step->detail->aim) > $place && [] !== array_filter($parts, $w->step->touches(...)));

        return $later?->step->id;
    }

    /** A finer paper comes after a coarser one. */
    private static function placeOf(string $technique, ?int $grit, ?SandingAim $aim): float
    {
        return (SandingAim::ToBare === $aim ? self::PLACE['stripped'] : self::PLACE[$technique] ?? self::COAT) + ($grit ?? 0) / 1000;
    }
}
