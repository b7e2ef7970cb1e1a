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
use Inlaid\Core\Measure\Wording;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Schedule\PlannedAlone;
use Inlaid\Core\Surface\Met;
use Inlaid\Core\Surface\Soil;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\Reached;
use Inlaid\Core\Work\StepCalculation;
use Inlaid\Core\Work\WorkOutReach;

/**
 * A whole recipe, worked out, as rules look at it; with the questions many of them ask.
 *
 * Immutable.
 */
final readonly class RecipeAnalysis
{
    /** Waits and plans are rounded to the minute, each its own way. */
    public const A_MINUTE = 1;

    /** @var array<string, list<StepCalculation>> by part */
    private array $on;
    /** @var array<string, StackPreview> by part and face */
    private array $stackOf;
    /** @var array<string, int> where each step stands, from 0 */
    private array $numbers;

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
        $stackOf = [];
        foreach ($stacks as $stack) {
            $stackOf += array_fill_keys($stack->places, $stack);
        }
        $this->stackOf = $stackOf;
        $this->numbers = array_flip(self::ids($works));
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
        return $work->step->profile->effect;
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
        return $work->contains($holds);
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
        return $work->leavesResidue();
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

    /** Does one dry by losing water and the other by taking up oxygen? What mixes both in its pot is another matter. */
    public static function isOilOnWater(StepCalculation $one, StepCalculation $other): bool
    {
        $carried = static fn (StepCalculation $w): array => array_values(array_filter(
            [Carrier::Oil, Carrier::Water],
            static fn (Carrier $c): bool => self::isCarriedIn($w, $c),
        ));

        return 1 === \count($carried($one)) && 1 === \count($carried($other)) && $carried($one) !== $carried($other);
    }

    /**
     * Steps by name, in quotation marks; a blend once.
     *
     * @param list<StepCalculation> $works
     */
    public static function names(array $works): string
    {
        return Wording::listed(array_map(static fn (StepCalculation $w): string => "“{$w->step->name()}”", self::each($works)));
    }

    /**
     * The steps as a painter counts: of a blend its first colour only.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<StepCalculation>
     */
    public static function each(array $works): array
    {
        $first = [];
        foreach ($works as $work) {
            $first[Step::documentId($work->step->id)] ??= $work;
        }

        return array_values($first);
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<string>
     */
    public static function ids(array $works): array
    {
        return array_map(static fn (StepCalculation $w): string => $w->step->id, $works);
    }

    /**
     * What is on a part when a step comes: on each kind of the faces that it touches, or on all where it does not touch it.
     *
     * @return list<Met>
     */
    public function met(StepCalculation $work, PiecePart $part): array
    {
        $touched = $work->step->facesOf($part);

        return array_map(
            fn (StackPreview $s): Met => $s->laid()->met($this->doneBefore($s, $work)),
            $this->stacksOf($part, [] === $touched ? null : $touched),
        );
    }

    /**
     * What is on a part in the end.
     *
     * @return list<Met>
     */
    public function end(PiecePart $part): array
    {
        return array_map(static fn (StackPreview $s): Met => $s->laid()->met(\count($s->laid()->doings)), $this->stacksOf($part));
    }

    /**
     * Does a step meet something on any face of a part?
     *
     * @param \Closure(Met): bool $is
     */
    public function meets(StepCalculation $work, PiecePart $part, \Closure $is): bool
    {
        return [] !== array_filter($this->met($work, $part), $is);
    }

    /** The step that left some of it where another step comes, '' where the survey found it; null where there is none. */
    public function soiled(StepCalculation $work, PiecePart $part, Soil $soil): ?string
    {
        foreach ($this->met($work, $part) as $met) {
            $by = $met->condition()->soiledBy($soil);
            if (null !== $by) {
                return $by;
            }
        }

        return null;
    }

    /**
     * The coats that go onto some of it, by the step that left it: of each part the first coat.
     *
     * @return array<string, non-empty-list<array{PiecePart, StepCalculation}>> parts and coats; '' where the survey found it
     */
    public function coatedOver(Soil $soil): array
    {
        $found = [];
        foreach ($this->recipe->piece->parts as $part) {
            foreach ($this->on($part) as $work) {
                $by = self::lays($work) ? $this->soiled($work, $part, $soil) : null;
                if (null !== $by) {
                    $found[$by][] = [$part, $work];
                }
            }
        }

        return $found;
    }

    /** Is there nothing of an old finish on a part where a step comes? */
    public function isBare(PiecePart $part, StepCalculation $before): bool
    {
        return !$this->meets($before, $part, static fn (Met $m): bool => !$m->isBare());
    }

    /**
     * The parts that a step gets to without being meant for them.
     *
     * @return list<Reached>
     */
    public function reached(WorkOutReach $reach, StepCalculation $work): array
    {
        return $reach->reach(
            recipe: $this->recipe,
            work: $work,
            works: $this->works,
            isOpen: fn (PiecePart $p): bool => $this->meets($work, $p, static fn (Met $m): bool => $m->isOpenWood()),
        );
    }

    /** The step of an id. */
    public function work(string $stepId): ?StepCalculation
    {
        return $this->works[$this->numbers[$stepId] ?? -1] ?? null;
    }

    /** Its number as a painter counts. */
    public function counted(string $stepId): int
    {
        return $this->work($stepId)->counted ?? 0;
    }

    /**
     * The stacks of some faces of a part, of all where none is named.
     *
     * @param list<string>|null $faces
     *
     * @return list<StackPreview>
     */
    public function stacksOf(PiecePart $part, ?array $faces = null): array
    {
        $stacks = [];
        foreach ($faces ?? array_keys($part->surface->faces) as $face) {
            $stack = $this->stackOf[$part->id.':'.$face] ?? null;
            if (null !== $stack) {
                $stacks[$stack->id] = $stack;
            }
        }

        return array_values($stacks);
    }

    /** Of those steps that are done on a stack, how many come before another. */
    private function doneBefore(StackPreview $stack, StepCalculation $work): int
    {
        $before = 0;
        foreach ($stack->laid()->doings as $doing) {
            $before += $this->numbers[$doing->id] + 1 < $work->number ? 1 : 0;
        }

        return $before;
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
     * Minutes from one step to another, as planned.
     */
    public function minutesBetween(StepCalculation $one, StepCalculation $other): ?int
    {
        return $this->planned->between($one->step->id, $other->step->id);
    }

    /**
     * What a paper is to do on a part: as its step says, or as its place in the work tells.
     */
    public function aim(StepCalculation $work, PiecePart $part): SandingAim
    {
        $bare = $this->isBare($part, $work);

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
