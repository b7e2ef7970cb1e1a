<?php

declare(strict_types=1);

namespace Inlaid\Core\Prep;

use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Film\GritLadder;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Work\StepCalculation;

/**
 * Proposes the papers a part needs before its first coat: a ladder on bare wood, bright metal, a key on a film.
 */
final class ProposePapers
{
    private const ON_SOLID = 120;
    private const ON_VENEER = 150;
    private const ON_RUST = 120;

    /**
     * @param bool $bare what the first coat will meet
     *
     * @return list<array{string, NewStep}> reason and step
     */
    public function propose(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first, bool $bare): array
    {
        $sanded = array_values(array_filter(
            $whole->before($first, $part),
            static fn (StepCalculation $w): bool => RecipeAnalysis::can($w, Ability::Sands, Ability::Scuffs)
                && SandingAim::ToBare !== $w->step->detail->aim,
        ));

        return match (true) {
            $bare => $this->missing($this->papers($whole, $part), $sanded),
            [] === $sanded => $this->scuff($whole, $part, $first),
            default => [],
        };
    }

    /**
     * The papers that are missing; none where another ladder has been chosen.
     *
     * @param list<array{string, NewStep}> $wanted
     * @param list<StepCalculation>        $sanded
     *
     * @return list<array{string, NewStep}>
     */
    private function missing(array $wanted, array $sanded): array
    {
        $grits = array_map(static fn (array $line): ?int => $line[1]->grit, $wanted);
        $chosen = array_map(static fn (StepCalculation $w): ?int => $w->step->detail->grit, $sanded);

        return [] !== array_diff($chosen, $grits)
            ? []
            : array_values(array_filter($wanted, static fn (array $line): bool => !\in_array($line[1]->grit, $chosen, true)));
    }

    /**
     * @return list<array{string, NewStep}>
     */
    private function papers(RecipeAnalysis $whole, PiecePart $part): array
    {
        if (SubstrateKind::Metal === $part->substrate->kind) {
            return \in_array(Fault::Rust, $part->faults, true)
                ? [['Sand to bright metal and prime the same day.', new NewStep('Sand off the rust', 'sanded', grit: self::ON_RUST)]]
                : [];
        }
        if (!$part->substrate->drinksAtAll()) {
            return [];
        }
        $veneer = null !== $part->substrate->faceVeneer();
        $papers = GritLadder::from(min($veneer ? self::ON_VENEER : self::ON_SOLID, $whole->habits->lastGrit), $whole->habits->lastGrit);

        return array_map(static fn (int $grit): array => [
            match (true) {
                $grit !== $papers[0] => 'Removes the previous scratches. This is the final grit of your practice.',
                $veneer => 'Opens the wood evenly. Don\'t go coarser on veneer: you can\'t sand the scratches out.',
                default => 'Opens the wood evenly and removes raised grain.',
            }, new NewStep("Sand to $grit", 'sanded', grit: $grit)], $papers);
    }

    /**
     * @return list<array{string, NewStep}>
     */
    private function scuff(RecipeAnalysis $whole, PiecePart $part, StepCalculation $first): array
    {
        return !$part->finish->kind->isFilm()
            || $part->mayHoldLead()
            || $whole->habits->holds('scuffing', 'no-prep')
            || RecipeAnalysis::grips($first)
            ? []
            : [[
                'Paint grips scratches. On gloss it scratches off with a fingernail.',
                new NewStep('Scuff-sand', 'scuff-sanded', grit: 240),
            ]];
    }
}
