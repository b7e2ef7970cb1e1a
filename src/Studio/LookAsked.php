<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\Wish;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;

/**
 * A look that is asked for, on a part of a piece, and within which limits.
 *
 * Immutable. `partId` of the part, null for the first; `mayBuy` also what only the catalogue knows; `woodShows` no covering paint; at most
 * `minutes` hands-on and so much `cost`, null for any; `effort` 1 or more, as many times as usual.
 */
final readonly class LookAsked
{
    /**
     * @param mixed       $piece  as a recipe document has it
     * @param int<1, max> $effort
     */
    public function __construct(
        public mixed $piece,
        private Piece $read,
        private ?string $partId,
        public Wish $wish,
        public ?Sheen $sheen,
        public bool $mayBuy,
        public bool $woodShows,
        private ?int $minutes,
        private ?float $cost,
        public int $effort = 1,
    ) {
    }

    /**
     * @throws InvalidInput if the piece has no such part
     */
    public function part(Piece $piece): PiecePart
    {
        foreach ($piece->parts as $part) {
            if (null === $this->partId || $part->id === $this->partId) {
                return $part;
            }
        }

        throw InvalidInput::at('/part', 'The piece has no such part.');
    }

    /**
     * Does a finish stand the wear, and go with the wood, what lies on it, and the way the studio works?
     *
     * @param array<string, string> $schools answers by question
     */
    public function suits(Family $family, array $schools): bool
    {
        return $family->suits($this->part($this->read), $this->read->use, $schools) && (!$this->woodShows || !$family->covers());
    }

    public function isWithin(Proposal $proposal): bool
    {
        return (null === $this->minutes || $proposal->minutes <= $this->minutes)
            && (null === $this->cost || null === $proposal->cost || $proposal->cost <= $this->cost);
    }
}
