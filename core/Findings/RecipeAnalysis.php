<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Look\JointPreview;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Schedule\PlannedAlone;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * A whole recipe, worked out, as rules look at it; with the questions many of them ask.
 *
 * Immutable.
 */
final readonly class RecipeAnalysis
{
    /** @var array<string, list<StepCalculation>> by part */
    private array $on;

    /**
     * @param list<StepCalculation> $works
     * @param list<StackPreview>    $stacks
     * @param list<JointPreview>    $joints
     */
    public function __construct(
        public Recipe $recipe,
        public array $works,
        public array $stacks,
        public array $joints,
        public PlannedAlone $planned,
        public WorkingDefaults $habits,
        public Context $context,
    ) {
        $on = [];
        foreach ($recipe->piece->parts as $part) {
            $on[$part->id] = array_values(array_filter($works, static fn (StepCalculation $w): bool => $w->step->touches($part)));
        }
        $this->on = $on;
    }

    /**
     * The steps that touch a part, in order.
     *
     * @return list<StepCalculation>
     */
    public function on(PiecePart $part): array
    {
        return $this->on[$part->id];
    }

    /**
     * Those of them before a step.
     *
     * @return list<StepCalculation>
     */
    public function before(StepCalculation $work, PiecePart $part): array
    {
        $before = [];
        foreach ($this->on($part) as $earlier) {
            if ($earlier->number >= $work->number) {
                break;
            }
            $before[] = $earlier;
        }

        return $before;
    }

    /**
     * @return list<StepCalculation>
     */
    public function after(StepCalculation $work, PiecePart $part): array
    {
        return array_values(array_filter($this->on($part), static fn (StepCalculation $w): bool => $w->number > $work->number));
    }

    /**
     * The id of the step that follows in the recipe, on whatever part; null after the last.
     */
    public function next(StepCalculation $work): ?string
    {
        return $this->works[$work->number]->step->id ?? null;
    }

    /**
     * Does a step lay a film over most of what it touches?
     */
    public static function lays(StepCalculation $work): bool
    {
        return $work->lays();
    }

    /**
     * Does it leave a film that closes the ground, and not just colour in it?
     */
    public static function seals(StepCalculation $work): bool
    {
        return $work->seals();
    }

    public static function effect(StepCalculation $work): Effect
    {
        return $work->step->technique->profile()->effect;
    }

    public static function can(StepCalculation $work, Ability ...$any): bool
    {
        return $work->can(...$any);
    }

    /**
     * Is anything of this kind in what a step uses?
     */
    public static function uses(StepCalculation $work, MaterialKind ...$kinds): bool
    {
        return self::contains($work, static fn (Material $m): bool => \in_array($m->kind, $kinds, true));
    }

    /**
     * Is any material of which this holds in what a step uses?
     *
     * @param \Closure(Material): bool $holds
     */
    public static function contains(StepCalculation $work, \Closure $holds): bool
    {
        foreach ($work->mix->leaves ?? [] as $leaf) {
            if ($holds($leaf->material)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Does it colour the wood itself, and not stand on it?
     */
    public static function dyes(StepCalculation $work): bool
    {
        return $work->dyes();
    }

    public static function isOpaque(StepCalculation $work): bool
    {
        return self::contains($work, static fn (Material $m): bool => LookKind::Opaque === $m->look->kind);
    }

    public static function grips(StepCalculation $work): bool
    {
        return self::contains($work, static fn (Material $m): bool => $m->grips);
    }

    /**
     * Is there more in what it uses than thinner, which dries away?
     */
    public static function leavesResidue(StepCalculation $work): bool
    {
        return self::contains($work, static fn (Material $m): bool => MaterialKind::Thinner !== $m->kind);
    }

    /**
     * Does it lay what protects: a topcoat, a wax or an oil?
     */
    public static function protects(StepCalculation $work): bool
    {
        return self::lays($work) && self::uses($work, MaterialKind::Topcoat, MaterialKind::Wax, MaterialKind::Oil);
    }

    public static function isCarriedIn(StepCalculation $work, Carrier $carrier): bool
    {
        return \in_array($carrier, $work->character->carriers ?? [], true);
    }

    /**
     * Is the old finish of a part taken off before a step?
     */
    public function isStripped(PiecePart $part, ?StepCalculation $before = null): bool
    {
        return [] !== array_filter(
            null === $before ? $this->on($part) : $this->before($before, $part),
            static fn (StepCalculation $w): bool => self::can($w, Ability::Strips, Ability::Scrapes)
                || SandingAim::ToBare === $w->step->detail->aim,
        );
    }

    /**
     * The last step that does so, or null.
     *
     * @param list<StepCalculation>           $works
     * @param \Closure(StepCalculation): bool $does
     */
    public static function last(array $works, \Closure $does): ?StepCalculation
    {
        for ($i = \count($works) - 1; $i >= 0; --$i) {
            if ($does($works[$i])) {
                return $works[$i];
            }
        }

        return null;
    }

    /**
     * @param list<StepCalculation>           $works
     * @param \Closure(StepCalculation): bool $does
     */
    public static function first(array $works, \Closure $does): ?StepCalculation
    {
        foreach ($works as $work) {
            if ($does($work)) {
                return $work;
            }
        }

        return null;
    }

    /**
     * @param list<PiecePart>           $parts
     * @param \Closure(PiecePart): bool $is
     */
    public static function firstOf(array $parts, \Closure $is): ?PiecePart
    {
        return array_values(array_filter($parts, $is))[0] ?? null;
    }

    /**
     * Minutes from the end of one step's last coat to the start of another's first, as planned; null where not planned.
     */
    public function minutesBetween(StepCalculation $one, StepCalculation $other): ?int
    {
        $end = $this->planned->ends[$one->step->id] ?? null;
        $start = $this->planned->starts[$other->step->id] ?? null;

        return null === $end || null === $start ? null : intdiv($start - $end, 60);
    }

    /**
     * What a paper is to do on a part: as its step says, or as its place in the work tells.
     */
    public function aim(StepCalculation $work, PiecePart $part): SandingAim
    {
        $bare = $part->finish->isBare() || $this->isStripped($part, $work);

        return $work->step->detail->aim ?? match (true) {
            [] !== array_filter($this->before($work, $part), self::lays(...)) => SandingAim::Between,
            self::can($work, Ability::Scuffs) => SandingAim::Key,
            $bare
                || [] !== array_filter(
                    $this->before($work, $part),
                    static fn (StepCalculation $w): bool => SandingAim::ToBare === $w->step->detail->aim,
                ) => SandingAim::Smooth,
            default => SandingAim::Key,
        };
    }

    /**
     * The parts of a finding, grouped: for each step that shows it, the parts on which it does.
     *
     * @param \Closure(PiecePart): (StepCalculation|null) $shows the step at which it shows on a part
     *
     * @return list<array{StepCalculation, non-empty-list<PiecePart>}>
     */
    public function byStep(\Closure $shows): array
    {
        $found = [];
        foreach ($this->recipe->piece->parts as $part) {
            $work = $shows($part);
            if (null !== $work) {
                $found[$work->number] = [$work, [...$found[$work->number][1] ?? [], $part]];
            }
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * How these parts are named in a step that is only for them: not at all where they are the whole piece.
     *
     * @param list<PiecePart> $parts
     *
     * @return list<string>
     */
    public function named(array $parts): array
    {
        return \count($parts) === \count($this->recipe->piece->parts) ? [] : array_map(static fn (PiecePart $p): string => $p->id, $parts);
    }
}
