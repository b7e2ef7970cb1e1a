<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Layout\InvalidLayout;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Surface;
use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Blend;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Workmanship;
use Inlaid\Core\Technique\Zone;

/**
 * One thing done to the whole piece or to named parts of it, in order.
 *
 * Immutable. Parts are named by id, or by id and face ("door:reverse"); an empty list means the whole piece.
 */
final readonly class Step
{
    public const MOST_COATS = 50;
    /** Stands between the id of a blend and the number of a further colour of it. */
    public const COLOUR = '.';

    /** Of its technique, with its tool. */
    public TechniqueProfile $profile;

    /**
     * @param list<string> $parts
     */
    private function __construct(
        public string $id,
        public string $title,
        public Technique $technique,
        public Intent $intent,
        public array $parts,
        public Material|Mixture|null $uses,
        public int $coats,
        public StepDetail $detail,
        public WaitRule $wait,
        public string $note,
        public ?Repeat $repeat,
    ) {
        $this->profile = $technique->profile()->with($detail->tool);
    }

    /**
     * @param list<string> $parts
     * @param int          $coats how often it is done, or expected to be where it is repeated until something is so
     *
     * @throws InvalidLayout if it is laid out otherwise than its technique can be
     * @throws InvalidRecipe if coats cannot be true or the technique does not go with the material, the tool or being repeated
     */
    public static function of(
        string $id,
        string $title,
        Technique $technique,
        Intent $intent,
        array $parts,
        Material|Mixture|null $uses,
        int $coats,
        StepDetail $detail,
        WaitRule $wait,
        string $note = '',
        ?Repeat $repeat = null,
    ): self {
        if ($coats < ($repeat->least ?? 1) || $coats > ($repeat->most ?? self::MOST_COATS)) {
            throw InvalidRecipe::outOfRange(
                null === $repeat ? 'Coats' : 'The expected passes',
                \sprintf('between %d and %d', $repeat->least ?? 1, $repeat->most ?? self::MOST_COATS),
            );
        }
        $profile = $technique->profile();
        if (null !== $detail->tool && !\in_array($detail->tool, $profile->tools, true)) {
            throw InvalidRecipe::wrongTool($technique->name(), $detail->tool->inWords());
        }
        if (null !== $detail->layout && !\in_array($detail->layout->kind(), $profile->laidOut, true)) {
            throw InvalidLayout::notOf($technique->name());
        }
        if (null !== $repeat && !$repeat->until->suits($profile->effect)) {
            throw InvalidRecipe::notBroughtAbout($repeat->until, $technique->name());
        }
        if ($profile->takesMaterial && null === $uses) {
            throw InvalidRecipe::needsMaterial($technique->name());
        }
        if (!$profile->takesMaterial && null !== $uses) {
            throw InvalidRecipe::takesNoMaterial($technique->name());
        }

        return new self(
            id: $id,
            title: $title,
            technique: $technique,
            intent: $intent,
            parts: $parts,
            uses: $uses,
            coats: $coats,
            detail: $detail,
            wait: $wait,
            note: $note,
            repeat: $repeat,
        );
    }

    /**
     * One step for each colour of a blend, in the order in which they lie along its way: worked into one another while they are wet.
     *
     * @param float                                $at      where its own colour is full, from 0 to 1 along the way
     * @param list<array{Material|Mixture, float}> $further what is blended with it, and where that is full
     *
     * @return non-empty-list<self> only itself where nothing is blended with it
     *
     * @throws InvalidRecipe if its technique blends nothing, it is done in several coats, or a colour lies nowhere
     */
    public function blendedWith(float $at, array $further): array
    {
        if ([] === $further) {
            return [$this];
        }
        if (!$this->profile->can(Ability::Blends) || 1 !== $this->coats) {
            throw InvalidRecipe::blendsNothing($this->technique->name());
        }
        $colours = [[$this->uses, $at], ...$further];
        usort($colours, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $places = array_column($colours, 1);
        if ($places[0] < 0.0 || $places[\count($places) - 1] > 1.0) {
            throw InvalidRecipe::outOfRange('The place of a colour', 'between 0 and 100 % of the way');
        }
        $steps = [];
        foreach ($colours as $i => [$uses]) {
            $steps[] = self::of(
                id: $this->id.(0 === $i ? '' : self::COLOUR.($i + 1)),
                title: 0 === $i || '' === $this->title || null === $uses ? $this->title : $this->title.': '.$uses->name,
                technique: $this->technique,
                intent: $this->intent,
                parts: $this->parts,
                uses: $uses,
                coats: 1,
                detail: $this->detail->blended(new Blend($places, $i)),
                wait: $this->wait,
                note: 0 === $i ? $this->note : '',
            );
        }

        return $steps;
    }

    /** The same with one coat more; where it is repeated until something is so, with one round more at most. */
    public function withOneMoreCoat(): self
    {
        return self::of(
            id: $this->id,
            title: $this->title,
            technique: $this->technique,
            intent: $this->intent,
            parts: $this->parts,
            uses: $this->uses,
            coats: min(self::MOST_COATS, $this->repeat->most ?? self::MOST_COATS, $this->coats + 1),
            detail: $this->detail,
            wait: $this->wait,
            note: $this->note,
            repeat: $this->repeat,
        );
    }

    /**
     * The same with so many rounds, where it is repeated until something is so and it turned out to be so sooner or later than expected.
     */
    public function withRounds(int $rounds): self
    {
        $rounds = max(1, min(self::MOST_COATS, $rounds));
        $repeat = null === $this->repeat
            ? null
            : Repeat::of(
                until: $this->repeat->until,
                least: min($rounds, $this->repeat->least),
                most: max($rounds, $this->repeat->most),
                otherwise: $this->repeat->otherwise,
            );

        return self::of(
            id: $this->id,
            title: $this->title,
            technique: $this->technique,
            intent: $this->intent,
            parts: $this->parts,
            uses: $this->uses,
            coats: $rounds,
            detail: $this->detail,
            wait: $this->wait,
            note: $this->note,
            repeat: $repeat,
        );
    }

    /**
     * What to call it: its own title, else the technique and what is used.
     */
    public function name(): string
    {
        return '' !== $this->title ? $this->title : $this->technique->name().(null === $this->uses ? '' : ': '.$this->uses->name);
    }

    /**
     * How often it is done; a step where only time passes is done once.
     */
    public function rounds(Scenario $course = Scenario::Expected): int
    {
        return match (true) {
            Effect::Waits === $this->profile->effect => 1,
            Scenario::Least === $course => $this->repeat->least ?? $this->coats,
            Scenario::Most === $course => $this->repeat->most ?? $this->coats,
            default => $this->coats,
        };
    }

    /** How much of the faces it touches it is meant for: as stated, or as is usual of its technique. */
    public function place(): Extent
    {
        $stated = $this->detail->extent;

        return [] === $stated->within && [] !== $this->profile->within
            ? new Extent($this->profile->within, $stated->share, $stated->chosen)
            : $stated;
    }

    /** How much more or less of a face it gets to with a heavy or light hand, against the middle one. */
    public function byHand(): float
    {
        $reached = fn (Hand $hand): float => array_sum(array_map(
            $this->technique->pattern(new Workmanship($hand))->mean(...),
            [Zone::Field, Zone::Edge],
        ));

        return Hand::Middle === $this->detail->hand ? 1.0 : $reached($this->detail->hand) / max(1e-9, $reached(Hand::Middle));
    }

    /** The share of where it is meant for that it gets to, as is usual of its technique and hand. */
    public function cover(): float
    {
        $where = new Extent($this->place()->within);
        if (null !== $this->detail->blend) {
            return $this->detail->blend->share();
        }
        if ($where->isAll()) {
            return min(1.0, $this->profile->cover * $this->byHand());
        }
        $pattern = $this->technique->pattern(new Workmanship($this->detail->hand))->on($where);
        $zones = array_filter([Zone::Field, Zone::Edge, Zone::Recess], static fn (Zone $z): bool => $where->of($z) > 0.0);

        return min(1.0, max([0.0, ...array_map(static fn (Zone $z): float => $pattern->touches($z) / $where->of($z), $zones)]));
    }

    /** What it is done with: as stated, or as is usual; null where that makes no difference. */
    public function tool(): ?Tool
    {
        return $this->detail->tool ?? $this->profile->tools[0] ?? null;
    }

    /** Only what needs it is done again: that is no coat, and hides nothing. */
    public function isTouchUp(): bool
    {
        return $this->detail->extent->isTouchUp();
    }

    /** Is it laid loosely, so that it can be worked into another that is wet? */
    public function isLoose(): bool
    {
        $pattern = $this->technique->pattern(new Workmanship());

        return $this->profile->takesMaterial && ($pattern->settles || Spread::Placed === $pattern->spread);
    }

    /** Is it one of the colours of a blend, but not the first? */
    public function isFurtherColour(): bool
    {
        return str_contains($this->id, self::COLOUR);
    }

    /** The id of the step of a document that this one is, or is a colour of. */
    public static function documentId(string $id): string
    {
        return explode(self::COLOUR, $id, 2)[0];
    }

    /** Is it one wet work with the step before it: both loose and laid once, on the same parts, with no wait between? */
    public function isWorkedInto(self $before): bool
    {
        return 1 === $this->coats
            && 1 === $before->coats
            && (WaitUntil::Nothing === $before->wait->until || $this->isFurtherColour())
            && $this->parts === $before->parts
            && $this->isLoose()
            && $before->isLoose();
    }

    public function touches(PiecePart $part): bool
    {
        return [] !== ($this->facesOf($part) ?? ['all']);
    }

    /**
     * The faces of a part it is done to: null for all of them, an empty list where the part is left alone.
     *
     * @return list<string>|null
     */
    public function facesOf(PiecePart $part): ?array
    {
        if ([] === $this->parts || \in_array($part->id, $this->parts, true)) {
            return null;
        }
        $prefix = $part->id.':';
        $named = array_map(
            static fn (string $p): string => substr($p, \strlen($prefix)),
            array_values(array_filter($this->parts, static fn (string $p): bool => str_starts_with($p, $prefix))),
        );

        return [] === $named ? [] : array_values(array_filter(
            array_keys($part->surface->faces),
            static fn (string $f): bool => \in_array($f, $named, true) || \in_array(Surface::faceOf($f), $named, true),
        ));
    }

    public function touchesFace(PiecePart $part, string $face): bool
    {
        return \in_array($face, $this->facesOf($part) ?? [$face], true);
    }

    /** Does it touch a face on one of the sides between which a part is turned? */
    public function touchesSide(PiecePart $part, int $side): bool
    {
        return [] !== array_filter(
            array_keys($part->surface->faces),
            fn (string $f): bool => $part->surface->sideOf($f) === $side && $this->touchesFace($part, $f),
        );
    }
}
