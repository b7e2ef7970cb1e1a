<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a step is done with, where that makes a difference to pace, film and loss, to what comes off, or to what is left behind.
 */
enum Tool: string
{
    case Hand = 'hand';
    case Machine = 'machine';
    case Belt = 'belt';
    case Detail = 'detail';
    case SandingSponge = 'sanding-sponge';
    case PlasticScraper = 'plastic-scraper';
    case MetalScraper = 'metal-scraper';
    case NylonPad = 'nylon-pad';
    case SteelWool = 'steel-wool';
    case BronzeBrush = 'bronze-brush';
    case SteelBrush = 'steel-brush';
    case StainlessBrush = 'stainless-brush';
    case Brush = 'brush';
    case ArtistsBrush = 'artists-brush';
    case FoamRoller = 'foam-roller';
    case FeltRoller = 'felt-roller';
    /** Rolled on, and laid off with a brush at once. */
    case RolledAndLaidOff = 'rolled-laid-off';
    /** A brush in the corners, a roller on the flats. */
    case BrushAndRoller = 'brush-and-roller';
    case Sponge = 'sponge';
    case Pad = 'pad';
    case DryRag = 'dry-rag';
    case DampRag = 'damp-rag';
    case Gun = 'gun';
    case Can = 'can';
    case Finger = 'finger';
    case Squeegee = 'squeegee';

    public function inWords(): string
    {
        return match ($this) {
            self::Hand => 'by hand',
            self::Machine => 'with a machine',
            self::Belt => 'a belt sander',
            self::Detail => 'a detail sander',
            self::SandingSponge => 'a sanding sponge',
            self::PlasticScraper => 'a plastic scraper',
            self::MetalScraper => 'a metal scraper',
            self::NylonPad => 'a nylon pad',
            self::SteelWool => 'steel wool',
            self::BronzeBrush => 'a bronze or nylon brush',
            self::SteelBrush => 'a steel brush',
            self::StainlessBrush => 'a stainless brush',
            self::Brush => 'a brush',
            self::ArtistsBrush => 'an artist\'s brush',
            self::FoamRoller => 'a foam roller',
            self::FeltRoller => 'a felt roller',
            self::RolledAndLaidOff => 'a roller, laid off with a brush',
            self::BrushAndRoller => 'a brush in corners, a roller on flats',
            self::Sponge => 'a sponge',
            self::Pad => 'a pad',
            self::DryRag => 'a dry rag',
            self::DampRag => 'a damp rag',
            self::Gun => 'a spray gun',
            self::Can => 'a spray can',
            self::Finger => 'a finger',
            self::Squeegee => 'a squeegee',
        };
    }

    /** Typical of general practice. */
    public function figures(): ToolFigures
    {
        return match ($this) {
            self::Hand => new ToolFigures(setUp: 1.0),
            self::Machine => new ToolFigures(setUp: 3.0, pace: 2.5, bite: 2.0),
            self::Belt => new ToolFigures(setUp: 4.0, pace: 3.0, bite: 5.0),
            self::Detail => new ToolFigures(setUp: 2.0, pace: 1.3, bite: 1.5),
            self::SandingSponge => new ToolFigures(setUp: 0.5, bite: 0.7),
            self::PlasticScraper, self::MetalScraper => new ToolFigures(setUp: 1.0),
            self::NylonPad, self::SteelWool, self::BronzeBrush, self::SteelBrush, self::StainlessBrush => new ToolFigures(setUp: 0.5),
            self::Brush => new ToolFigures(setUp: 4.0),
            self::ArtistsBrush => new ToolFigures(setUp: 2.0, pace: 0.4, laid: 0.8, holdUp: 1.0),
            self::FoamRoller => new ToolFigures(setUp: 6.0, pace: 2.0, laid: 0.8, loss: 0.08, holdUp: 20.0, uneven: 0.05),
            self::FeltRoller => new ToolFigures(setUp: 7.0, pace: 2.2, laid: 1.1, loss: 0.1, holdUp: 35.0, uneven: 0.12),
            self::RolledAndLaidOff => new ToolFigures(setUp: 9.0, pace: 1.6, laid: 0.9, loss: 0.08, holdUp: 28.0),
            self::BrushAndRoller => new ToolFigures(setUp: 9.0, pace: 1.5, laid: 0.9, loss: 0.08, holdUp: 28.0, uneven: 0.05),
            self::Sponge => new ToolFigures(setUp: 2.0, pace: 1.2, laid: 0.8, loss: 0.1, holdUp: 12.0, uneven: 0.2),
            self::Pad => new ToolFigures(setUp: 3.0, pace: 1.8, laid: 0.6, loss: 0.08, holdUp: 10.0, uneven: 0.05),
            self::DryRag => new ToolFigures(setUp: 1.0, pace: 1.2, laid: 0.6, loss: 0.1, holdUp: 6.0, uneven: 0.1),
            self::DampRag => new ToolFigures(setUp: 1.5, pace: 1.2, laid: 0.5, loss: 0.1, holdUp: 5.0, uneven: 0.1),
            self::Gun => new ToolFigures(setUp: 20.0, pace: 4.0, laid: 0.7, loss: 0.35, holdUp: 30.0),
            self::Can => new ToolFigures(setUp: 2.0, pace: 2.0, laid: 0.5, loss: 0.45, holdUp: 0.0),
            self::Finger => new ToolFigures(setUp: 0.5, pace: 0.5, laid: 0.4, loss: 0.1, holdUp: 0.3, uneven: 0.2),
            self::Squeegee => new ToolFigures(setUp: 2.0, pace: 1.2, laid: 0.7, loss: 0.1, holdUp: 8.0, uneven: 0.05),
        };
    }

    /** How much faster than by hand. */
    public function pace(): float
    {
        return $this->figures()->pace;
    }

    /** How much more one pass takes away than one by hand. */
    public function bite(): float
    {
        return $this->figures()->bite;
    }

    /** Does it run by itself, so that it cuts before one sees it? */
    public function isPowered(): bool
    {
        return \in_array($this, [self::Machine, self::Belt, self::Detail], true);
    }

    /** Does it leave specks of iron behind, which turn blue-black with tannin as soon as water comes? */
    public function leavesIron(): bool
    {
        return self::SteelWool === $this || self::SteelBrush === $this;
    }
}
