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
            self::LiftingVeneer => 'Loose veneer', self::MissingVeneer => 'Missing veneer', self::Hole => 'Holes', self::Burn => 'Burns',
            self::Stain => 'Stains', self::Smell => 'Smell', self::Rust => 'Rust', self::Cracks => 'Cracks',
        };
    }

    public function asksFor(): string
    {
        return match ($this) {
            self::LiftingVeneer => 'Glue it down and let the glue dry before any wet step. Water loosens it further.',
            self::MissingVeneer => 'Inlay a piece of the same species. Use filler only under an opaque coat.',
            self::Hole => 'Overfill slightly, then sand level. Under stain, test the filler first: it seldom takes colour like wood.',
            self::Burn => 'Scrape to sound wood before bleaching or filling. Coats don\'t adhere to charred wood.',
            self::Stain => 'Test for bleed with a damp white rag, then bleach or block it.',
            self::Smell => 'Wash, air, and seal all sides with a shellac-based blocker. An open face keeps smelling.',
            self::Rust => 'Sand to bright metal and prime the same day.',
            self::Cracks => 'Decide whether to keep them. Filler falls out of a moving crack within a winter.',
        };
    }
}
