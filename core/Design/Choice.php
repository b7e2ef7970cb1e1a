<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * What is tried in a slot: parts of each of its materials, and which of its ratios, numbers of coats, hands and dwells.
 *
 * Immutable. All by their place in the slot's lists.
 */
final readonly class Choice
{
    public string $key;
    /** The same for choices that lay the same. */
    public string $pot;

    /**
     * @param array<int, int> $parts by material
     */
    public function __construct(
        public array $parts,
        public int $ratio = 0,
        public int $coats = 0,
        public int $hand = 0,
        public int $dwell = 0,
    ) {
        $pot = '';
        foreach ($parts as $material => $n) {
            $pot .= "$material:$n ";
        }
        $this->pot = "$pot$ratio";
        $this->key = "$this->pot $coats $hand $dwell";
    }

    /**
     * @param array<int, int> $parts by material
     */
    public function laying(array $parts): self
    {
        return new self(parts: $parts, ratio: $this->ratio, coats: $this->coats, hand: $this->hand, dwell: $this->dwell);
    }

    public function with(?int $ratio = null, ?int $coats = null, ?int $hand = null, ?int $dwell = null): self
    {
        return new self(
            parts: $this->parts,
            ratio: $ratio ?? $this->ratio,
            coats: $coats ?? $this->coats,
            hand: $hand ?? $this->hand,
            dwell: $dwell ?? $this->dwell,
        );
    }
}
