<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Catalogue\LoadFamilies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\FindPurchase;
use Inlaid\Core\Design\Found;
use Inlaid\Core\Design\Scheme;
use Inlaid\Core\Design\SearchLooks;
use Inlaid\Core\Design\Slot;
use Inlaid\Core\Design\TryBleaching;
use Inlaid\Core\Design\WorkOutRisks;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Preview\PreviewRecipe;
use Inlaid\Core\Surface\Origin;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Searches all finishes that suit a piece for those that come near a look, and makes whole, sound recipes of the nearest.
 */
final readonly class ProposeFinishes
{
    /** Proposals at most, and how many more of the nearest are made whole for them. */
    private const MOST = 6;
    /** So many are shown however far off they are: to choose from. */
    private const FEWEST = 3;
    private const TRIED = 12;
    /** How often a finding is mended until a proposal is given up. */
    private const MENDED = 3;
    /** Nearer than this nothing need be bought or bleached, ΔE. */
    private const NEAR = 2.5;
    /** What takes the colour of the wood itself. */
    private const BLEACH = 'two-part-bleach';
    /** So much farther than the nearest is no answer any more, ΔE. */
    private const FAR = 12.0;

    public function __construct(
        private LoadFamilies $families,
        private BeginFinish $begin,
        private MaterialShelf $shelf,
        private PreviewRecipe $preview,
        private TryEdits $try,
        private Practices $practices,
        private WorkOutSteps $steps,
        private SearchLooks $search,
        private FindPurchase $purchase,
        private TryBleaching $bleach,
        private ToBuy $toBuy,
        private WorkOutRisks $risks = new WorkOutRisks(),
    ) {
    }

    /**
     * @param \Closure(): bool                                          $isOver whether it must give what it has found
     * @param (\Closure(list<Found>, array<string, Family>): void)|null $tell   what is nearest so far, with the families by key
     *
     * @throws InvalidInput if the piece or the look is not right
     */
    public function propose(LookAsked $asked, Context $context, \Closure $isOver, ?\Closure $tell = null): Proposals
    {
        $shelf = $this->shelf->byId();
        $families = array_column(array_filter(
            $this->families->load(),
            static fn (Family $f): bool => $asked->suits($f, $context->schools),
        ), null, 'key');
        $searched = $this->search->search(
            schemes: $this->schemes(asked: $asked, context: $context, shelf: $shelf, families: $families),
            wish: $asked->wish,
            climate: $context->climate,
            habits: $this->habits($context),
            isOver: $isOver,
            effort: $asked->effort,
            tell: static fn (array $found) => null === $tell ? null : $tell($found, $families),
        );
        $least = $searched->found[0]->cost ?? 0.0;
        $proposals = $kinds = [];
        foreach (\array_slice($searched->found, 0, self::TRIED) as $nearest) {
            $kind = $nearest->kind();
            $count = \count($proposals);
            if ($count >= self::MOST || $count >= self::FEWEST && $nearest->cost > $least + self::FAR || 0 < $count && $isOver()) {
                break;
            }
            if (isset($kinds[$kind])) {
                continue;
            }
            $proposal = $this->whole(
                asked: $asked,
                family: $families[$nearest->scheme->key],
                found: $nearest,
                context: $context,
                shelf: $shelf,
            );
            if (null !== $proposal && $asked->isWithin($proposal)) {
                $kinds[$kind] = true;
                $proposals[] = $proposal;
            }
        }
        usort($proposals, static fn (Proposal $a, Proposal $b): int => $a->rank() <=> $b->rank());
        $isNear = [] !== $proposals && min(array_map(static fn (Proposal $p): float => $p->apart, $proposals)) < self::NEAR;

        return new Proposals(
            proposals: $proposals,
            complete: $searched->complete,
            looks: $searched->looks,
            purchase: $isNear ? null : $this->toBuy(found: $searched->found, asked: $asked, context: $context, families: $families),
            bleached: $isNear || !$asked->woodShows
                ? []
                : $this->bleached(found: $searched->found, asked: $asked, context: $context, families: $families, shelf: $shelf),
        );
    }

    /**
     * @param list<Found>           $found
     * @param array<string, Family> $families
     */
    private function toBuy(array $found, LookAsked $asked, Context $context, array $families): ?Purchasable
    {
        $purchase = $this->purchase->find(found: $found, wish: $asked->wish, climate: $context->climate, habits: $this->habits($context));

        return null === $purchase ? null : new Purchasable(
            like: $purchase->like->name,
            material: $purchase->like->id,
            colour: $purchase->colour->hex,
            finish: $families[$purchase->scheme->key]->name,
            step: $purchase->step,
            brings: round($purchase->brings, 1),
        );
    }

    /**
     * What bleaching would do to the nearest finish in the wood, where it is too dark.
     *
     * @param list<Found>             $found
     * @param array<string, Family>   $families
     * @param array<string, Material> $shelf
     *
     * @return list<float>
     */
    private function bleached(array $found, LookAsked $asked, Context $context, array $families, array $shelf): array
    {
        $bleach = $shelf[self::BLEACH] ?? null;
        if (null === $bleach) {
            return [];
        }
        foreach ($found as $nearest) {
            if ($families[$nearest->scheme->key]->worksInWood()) {
                return array_map(
                    static fn (float $apart): float => round($apart, 1),
                    $this->bleach->tried(
                        found: $nearest,
                        wish: $asked->wish,
                        bleach: $bleach,
                        climate: $context->climate,
                        habits: $this->habits($context),
                    ),
                );
            }
        }

        return [];
    }

    private function habits(Context $context): WorkingDefaults
    {
        return $this->practices->habits($context->schools, [])->withOwn($context->own);
    }

    /**
     * @param array<string, Material> $shelf
     * @param array<string, Family>   $families by key
     *
     * @return \Generator<Scheme>
     */
    private function schemes(LookAsked $asked, Context $context, array $shelf, array $families): \Generator
    {
        foreach ($families as $family) {
            try {
                $chosen = [];
                foreach ($family->steps as $step) {
                    $chosen[$step->id] = BeginFinish::usual($step, $shelf)->done();
                }
                $made = $this->begin->begin(family: $family, piece: $asked->piece, chosen: $chosen, shelf: $shelf, context: $context);
            } catch (InvalidInput) {
                continue; // the shelf has nothing for one of its roles
            }
            yield $this->scheme(asked: $asked, family: $family, made: $made, context: $context, shelf: $shelf);
        }
    }

    /**
     * @param array<string, Material> $shelf
     */
    private function scheme(LookAsked $asked, Family $family, RecipeDocument $made, Context $context, array $shelf): Scheme
    {
        $recipe = $made->recipe;
        $part = $asked->part($recipe->piece);
        $face = $part->surface->names()[0];
        $works = array_values(array_filter(
            $this->steps->workOut($recipe, $context->climate, $context->habits($this->practices, $recipe)),
            static fn (StepCalculation $w): bool => $w->isDone() && $w->step->touchesFace($part, $face),
        ));
        $isPlain = static fn (Material $m): bool => \in_array($m->look->kind, [LookKind::Clear, LookKind::None], true);
        $may = array_values(array_filter(
            $shelf,
            fn (Material $m): bool => $asked->mayBuy || $this->toBuy->isThere($m, $context) || $isPlain($m),
        ));
        $steps = array_column($family->protectedFor($recipe->piece->use)->steps, null, 'id');
        $slots = [];
        foreach ($works as $i => $work) {
            $step = $steps[$work->step->id] ?? null;
            $slot = null === $step ? null : Slot::of(
                family: $step,
                step: $work->step,
                shelf: $may,
                extender: static fn (Material $m): ?Material => $step->extender($m, $shelf),
                sheen: $asked->sheen,
            );
            if (null !== $slot && $slot->isOpen()) {
                $slots[$i] = $slot;
            }
        }

        return new Scheme(key: $family->key, part: $part, works: $works, slots: $slots);
    }

    /**
     * A whole recipe of it, mended where it needs it; null where nobody would make it so.
     *
     * @param array<string, Material> $shelf
     */
    private function whole(LookAsked $asked, Family $family, Found $found, Context $context, array $shelf): ?Proposal
    {
        $made = $this->begin->begin(family: $family, piece: $asked->piece, chosen: $found->settings(), shelf: $shelf, context: $context);
        $preview = $this->preview->preview($made->recipe, $context);
        for ($i = 0; null !== $wrong = self::wrong($preview); ++$i) {
            $remedy = $wrong->remedies()[0] ?? null;
            if ($i >= self::MENDED || null === $remedy) {
                return null;
            }
            try {
                $made = $this->try->document($made, $remedy->edits, $shelf);
            } catch (InvalidInput) {
                return null;
            }
            $preview = $this->preview->preview($made->recipe, $context);
        }
        $part = $asked->part($made->recipe->piece);
        $place = $part->id.':'.$part->surface->names()[0];
        foreach ($preview->stacks as $stack) {
            if (\in_array($place, $stack->places, true)) {
                return Proposal::of(
                    family: $family,
                    made: $made,
                    preview: $preview,
                    stack: $stack,
                    wish: $asked->wish,
                    buy: $this->toBuy->names($preview),
                    risks: $this->risks->risks($stack->laid(), Origin::of($part, $part->surface->names()[0])),
                );
            }
        }

        throw new \LogicException('The part that was asked for is not in the cut.');
    }

    private static function wrong(Preview $preview): ?Finding
    {
        foreach ($preview->findings as $finding) {
            if (Severity::Advise !== $finding->severity) {
                return $finding;
            }
        }

        return null;
    }
}
