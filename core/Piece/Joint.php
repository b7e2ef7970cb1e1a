<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * A gap between a part that moves and one that does not.
 *
 * Immutable. All in mm: `clearance` of one gap as it is measured bare, `least` what must be left for it to run, `across` the
 * width of the moving part across its grain.
 */
final readonly class Joint
{
    private function __construct(
        public string $id,
        public string $name,
        public JointKind $kind,
        public JointSide $moving,
        public JointSide $fixed,
        public float $clearance,
        public float $least,
        public float $across,
    ) {
    }

    /**
     * @throws InvalidPiece if a measurement cannot be true or a face moves against itself
     */
    public static function of(
        string $id,
        string $name,
        JointKind $kind,
        JointSide $moving,
        JointSide $fixed,
        float $clearance,
        float $least = 0.3,
        float $across = 0.0,
    ): self {
        return match (true) {
            !is_finite($clearance)
                || $clearance < 0.0
                || $clearance > 50.0 => throw InvalidPiece::outOfRange('The clearance of a joint', 'between 0 and 50 mm'),
            !is_finite($least)
                || $least < 0.0
                || $least > 10.0 => throw InvalidPiece::outOfRange('The minimum clearance', 'between 0 and 10 mm'),
            !is_finite($across)
                || $across < 0.0
                || $across > 2000.0 => throw InvalidPiece::outOfRange('The width across the grain', 'between 0 and 2000 mm'),
            $moving->part === $fixed->part && $moving->face === $fixed->face => throw InvalidPiece::joinsItself($name),
            default => new self(
                id: $id,
                name: $name,
                kind: $kind,
                moving: $moving,
                fixed: $fixed,
                clearance: $clearance,
                least: $least,
                across: $across,
            ),
        };
    }
}
