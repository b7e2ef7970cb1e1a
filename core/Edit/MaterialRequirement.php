<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;
use Inlaid\Core\Material\Residue;

/**
 * What kind of material a remedy needs; which one it is, the shelf decides.
 *
 * Immutable. `residue` what a stripper leaves, or what a rinse takes off.
 */
final readonly class MaterialRequirement
{
    /**
     * @param list<Bleed> $blocks what it has to hold back
     */
    private function __construct(
        public MaterialKind $kind,
        public ?Carrier $carrier = null,
        public array $blocks = [],
        public bool $grips = false,
        public bool $clear = false,
        public bool $outdoors = false,
        public ?Residue $residue = null,
    ) {
    }

    public static function cleaner(): self
    {
        return new self(kind: MaterialKind::Cleaner, carrier: Carrier::Water);
    }

    public static function water(): self
    {
        return new self(kind: MaterialKind::Thinner, carrier: Carrier::Water, residue: Residue::Water);
    }

    public static function gripPrimer(): self
    {
        return new self(kind: MaterialKind::Primer, grips: true);
    }

    /**
     * @param list<Bleed> $blocks
     */
    public static function blocker(array $blocks): self
    {
        return new self(kind: MaterialKind::Primer, blocks: $blocks);
    }

    public static function clearWax(): self
    {
        return new self(kind: MaterialKind::Wax, clear: true);
    }

    public static function topcoat(bool $outdoors): self
    {
        return new self(kind: MaterialKind::Topcoat, carrier: Carrier::Water, clear: true, outdoors: $outdoors);
    }

    public static function filler(): self
    {
        return new self(kind: MaterialKind::Filler, carrier: Carrier::Water);
    }

    public static function conditioner(): self
    {
        return new self(kind: MaterialKind::Conditioner);
    }

    /** For stains and greyed wood: the mild kind, which comes as a powder. */
    public static function bleach(): self
    {
        return new self(kind: MaterialKind::Bleach, carrier: Carrier::Dry);
    }

    /** One that is taken off with water: what else a label may ask for is known only of what is in the recipe. */
    public static function stripper(): self
    {
        return new self(kind: MaterialKind::Stripper, residue: Residue::Water);
    }

    public static function toTakeOff(Residue $residue): self
    {
        return new self(
            kind: match ($residue) {
                Residue::Acid, Residue::Alkali => MaterialKind::Neutraliser, default => MaterialKind::Thinner,
            },
            residue: $residue,
        );
    }

    public function isMetBy(Material $m): bool
    {
        return $m->kind === $this->kind
            && (null === $this->carrier || $m->body->carrier === $this->carrier)
            && [] === array_udiff($this->blocks, $m->blocks, static fn (Bleed $a, Bleed $b): int => $a->value <=> $b->value)
            && (!$this->grips || $m->grips)
            && (!$this->clear || LookKind::Clear === $m->look->kind)
            && (!$this->outdoors || $m->outdoors)
            && (null === $this->residue || (
                MaterialKind::Stripper === $this->kind ? $m->residue === $this->residue : $this->residue->isTakenOffBy($m)
            ));
    }
}
