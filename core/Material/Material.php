<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

use Brick\Math\BigRational;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Sheen;

/**
 * A material as it stands on the shelf, or as a recipe remembers it.
 *
 * Immutable. `id` and `version` name the shelf's entry; a recipe keeps its own copy, so that a revision never changes.
 * `typical` says that the figures are typical of the class and not from a label; `blocks` what it holds back from below;
 * `grips` whether it holds on glossy grounds; `residue` what its label asks for to take off what is left of it, null where it leaves
 * nothing or the label was not read; `pricePerGram` of the pack that is cheapest by mass, null where no pack is known.
 */
final readonly class Material
{
    public ?float $pricePerGram;
    /** @var list<array{Pack, float}> the packs and the grams in them, the largest first */
    public array $sizes;

    /**
     * @param list<Pack>   $packs
     * @param list<Hazard> $hazards
     * @param list<string> $cautions
     * @param list<Bleed>  $blocks
     */
    private function __construct(
        public string $id,
        public int $version,
        public string $name,
        public MaterialKind $kind,
        public bool $typical,
        public Body $body,
        public Handling $handling,
        public Look $look,
        public ?Sheen $sheen,
        public Ambering $ambering,
        public bool $outdoors,
        public array $packs,
        public array $hazards,
        public array $cautions,
        public array $blocks,
        public bool $grips,
        public ?Residue $residue,
    ) {
        $sizes = array_map(static fn (Pack $p): array => [$p, $body->inGrams($p->size)->toFloat()], $packs);
        usort($sizes, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $this->sizes = $sizes;
        $this->pricePerGram = [] === $sizes ? null : min(array_map(static fn (array $s): float => $s[0]->price / $s[1], $sizes));
    }

    /**
     * @param list<Pack>   $packs
     * @param list<Hazard> $hazards
     * @param list<string> $cautions
     * @param list<Bleed>  $blocks
     *
     * @throws InvalidMaterial if it has no name
     */
    public static function of(
        string $id,
        int $version,
        string $name,
        MaterialKind $kind,
        bool $typical,
        Body $body,
        Handling $handling,
        Look $look,
        ?Sheen $sheen = null,
        Ambering $ambering = Ambering::None,
        bool $outdoors = false,
        array $packs = [],
        array $hazards = [],
        array $cautions = [],
        array $blocks = [],
        bool $grips = false,
        ?Residue $residue = null,
    ): self {
        return '' === trim($name) ? throw InvalidMaterial::outOfRange('A name', 'at least 1 letter')
            : new self(
                id: $id,
                version: $version,
                name: trim($name),
                kind: $kind,
                typical: $typical,
                body: $body,
                handling: $handling,
                look: $look,
                sheen: $sheen,
                ambering: $ambering,
                outdoors: $outdoors,
                packs: $packs,
                hazards: $hazards,
                cautions: $cautions,
                blocks: $blocks,
                grips: $grips,
                residue: $residue,
            );
    }

    /** An open-time extender is carried in water too, and rinses nothing off: by its weight it is told from water. */
    public function isWater(): bool
    {
        return MaterialKind::Thinner === $this->kind
            && Carrier::Water === $this->body->carrier
            && abs($this->body->density->toFloat() - 1.0) <= 0.01;
    }

    public function isPowder(): bool
    {
        return Carrier::Dry === $this->body->carrier;
    }

    /** The same, with what patches say of its look. */
    public function learning(?Learned $learned): self
    {
        return $this->looking($this->look->learning($learned), $this->id);
    }

    /** Another of the same class, of another colour. */
    public function coloured(Colour $colour): self
    {
        return $this->looking(Look::of($this->look->kind, $colour, $this->look->hiding), $this->id.$colour->hex);
    }

    private function looking(Look $look, string $id): self
    {
        return new self(
            id: $id,
            version: $this->version,
            name: $this->name,
            kind: $this->kind,
            typical: $this->typical,
            body: $this->body,
            handling: $this->handling,
            look: $look,
            sheen: $this->sheen,
            ambering: $this->ambering,
            outdoors: $this->outdoors,
            packs: $this->packs,
            hazards: $this->hazards,
            cautions: $this->cautions,
            blocks: $this->blocks,
            grips: $this->grips,
            residue: $this->residue,
        );
    }

    /**
     * What several amounts cost together, or null where one of them has no known price.
     *
     * @param list<array{self, BigRational}> $amounts materials and their grams
     */
    public static function cost(array $amounts): ?float
    {
        $sum = 0.0;
        foreach ($amounts as [$material, $grams]) {
            if (null === $material->pricePerGram) {
                return null;
            }
            $sum += $material->pricePerGram * $grams->toFloat();
        }

        return $sum;
    }
}
