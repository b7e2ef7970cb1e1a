<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What is wrong with a part before anything is laid, each with what it asks for.
 */
enum Fault: string
{
    case LiftingVeneer = 'lifting-veneer';
    case MissingVeneer = 'missing-veneer';
    case Hole = 'hole';
    case Burn = 'burn';
    case Stain = 'stain';
    case Smell = 'smell';
    case Rust = 'rust';
    case Cracks = 'cracks';

    public function inWords(): string
    {
        return match ($this) {
            self::LiftingVeneer => 'Veneer lifts', self::MissingVeneer => 'Veneer is missing', self::Hole => 'Holes', self::Burn => 'Burns',
            self::Stain => 'Stains', self::Smell => 'It smells', self::Rust => 'Rust', self::Cracks => 'Cracks',
        };
    }

    public function asksFor(): string
    {
        return match ($this) {
            self::LiftingVeneer => 'Glue it down and let the glue dry before anything wet: water lifts it further.',
            self::MissingVeneer => 'Let in a piece of the same species, or fill level under an opaque coat only.',
            self::Hole => 'Fill, a little proud, and sand level; under a stain test the filler first, it seldom takes colour like wood.',
            self::Burn => 'Scrape to sound wood before bleaching or filling: charred fibre sheds every coat.',
            self::Stain => 'Find out whether it bleeds (damp white rag), then bleach or block it.',
            self::Smell => 'Wash, air, and seal all sides with a shellac-based blocker: a face left open goes on smelling.',
            self::Rust => 'Back to bright metal and prime the same day.',
            self::Cracks => 'Decide whether they stay: filler in a crack that moves falls out within a winter.',
        };
    }
}
