<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Piece\Shape\Level;
use Inlaid\Core\Technique\WornPlaces;

/**
 * A part of a piece that steps can be applied to, as it was surveyed.
 *
 * Immutable. `count` how many there are; `absorption` what the first film takes against one on a sealed ground, where the
 * typical value is overridden; `pulls` whether their place is settled, null where there are none; `worn` where natural wear falls; `turned`
 * whether it lies flat and has to be turned between its two sides; `inside` whether it can be closed while the rest is worked on.
 */
final readonly class PiecePart
{
    /**
     * @param list<Fault>           $faults
     * @param list<Field>           $fields
     * @param array<string, string> $tests  answers of field tests by key
     */
    private function __construct(
        public string $id,
        public string $name,
        public Surface $surface,
        public int $count,
        public Substrate $substrate,
        public OldFinish $finish,
        public ?float $absorption,
        public bool $turned,
        public array $faults,
        public array $fields,
        public array $tests,
        public ?Pulls $pulls,
        public WornPlaces $worn,
        public bool $inside,
    ) {
    }

    /**
     * @param list<Fault>           $faults
     * @param list<Field>           $fields
     * @param array<string, string> $tests
     *
     * @throws InvalidPiece if count, absorption, a field or a test's answer cannot be true
     */
    public static function of(
        string $id,
        string $name,
        Surface $surface,
        int $count,
        Substrate $substrate,
        OldFinish $finish = new OldFinish(),
        ?float $absorption = null,
        bool $turned = false,
        array $faults = [],
        array $fields = [],
        array $tests = [],
        ?Pulls $pulls = null,
        WornPlaces $worn = new WornPlaces(),
        bool $inside = false,
    ): self {
        if ($count < 1 || $count > 1000) {
            throw InvalidPiece::outOfRange('A count', 'between 1 and 1000');
        }
        if (null !== $absorption && ($absorption < 0.5 || $absorption > 5.0)) {
            throw InvalidPiece::outOfRange('The absorbency of a part', 'from 0.5 to 5 × a sealed surface');
        }
        foreach ($tests as $test => $answer) {
            (FieldTest::tryFrom($test) ?? throw InvalidPiece::noSuch('test', $test))->check($answer);
        }

        return new self(
            id: $id,
            name: $name,
            surface: [] === $fields ? $surface : $surface->divided($fields),
            count: $count,
            substrate: $substrate,
            finish: $finish,
            absorption: $absorption,
            turned: $turned,
            faults: $faults,
            fields: $fields,
            tests: $tests,
            pulls: $pulls,
            worn: $worn,
            inside: $inside,
        );
    }

    /**
     * m² of all its finished faces, or of some of them, over all there are.
     *
     * @param list<string>|null $faces
     */
    public function totalArea(?array $faces = null): float
    {
        return $this->surface->area($faces) * $this->count;
    }

    /** The field that a face is; null for a face itself. */
    public function field(string $face): ?Field
    {
        [, $id] = [...explode('.', $face, 2), null];

        return array_values(array_filter($this->fields, static fn (Field $f): bool => $f->id === $id))[0] ?? null;
    }

    /**
     * Is it taken out or off to be worked on: a drawer, a door, hardware?
     */
    public function comesOff(): bool
    {
        return Level::Apart === $this->surface->level || SubstrateKind::Metal === $this->substrate->kind;
    }

    /**
     * What the first film on it takes, against one that lies on a sealed ground.
     */
    public function drinks(): float
    {
        return $this->absorption ?? ($this->finish->isBare() ? $this->substrate->absorption() : 1.0);
    }

    /**
     * Is there old paint or varnish on it that may hold lead: found, or neither tested for nor surely later than the ban?
     */
    public function mayHoldLead(): bool
    {
        $lead = $this->tests['lead'] ?? null;

        return \in_array($this->finish->kind, [FinishKind::Paint, FinishKind::Unknown, FinishKind::Varnish], true)
            && 'none' !== $lead && ('found' === $lead || 'after' !== ($this->tests['age'] ?? null));
    }

    /** Is its name a plural: "Doors are", not "Doors is"? */
    public function isPlural(): bool
    {
        return 1 === preg_match('/(?<![suix])s$/i', $this->name);
    }
}
