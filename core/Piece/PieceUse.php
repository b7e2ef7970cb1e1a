<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Where a piece will stand, the wear it will see, and who comes near it.
 *
 * Immutable. `from` the day on which it will be in use, as 2026-11-25; null where that is open.
 */
final readonly class PieceUse
{
    /**
     * @throws InvalidPiece if there is no such day
     */
    public function __construct(
        public Place $place = Place::Dry,
        public Wear $wear = Wear::Light,
        public bool $food = false,
        public bool $child = false,
        public ?string $from = null,
    ) {
        if (
            null !== $from
            && (1 !== preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $from, $d) || !checkdate((int) $d[2], (int) $d[3], (int) $d[1]))
        ) {
            throw InvalidPiece::outOfRange('The first use', 'a date, for example 2026-11-25');
        }
    }
}
