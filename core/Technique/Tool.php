<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a step is done with, where that makes a difference to pace, to what comes off, or to what is left behind.
 */
enum Tool: string
{
    case Hand = 'hand';
    case Machine = 'machine';
    case PlasticScraper = 'plastic-scraper';
    case MetalScraper = 'metal-scraper';
    case NylonPad = 'nylon-pad';
    case SteelWool = 'steel-wool';
    case BronzeBrush = 'bronze-brush';
    case SteelBrush = 'steel-brush';

    public function inWords(): string
    {
        return match ($this) {
            self::Hand => 'by hand',
            self::Machine => 'with a machine',
            self::PlasticScraper => 'a plastic scraper',
            self::MetalScraper => 'a metal scraper',
            self::NylonPad => 'a nylon pad',
            self::SteelWool => 'steel wool',
            self::BronzeBrush => 'a bronze or nylon brush',
            self::SteelBrush => 'a steel brush',
        };
    }

    /** How much faster than by hand; typical of general practice. */
    public function pace(): float
    {
        return self::Machine === $this ? 2.5 : 1.0;
    }

    /** How much more one pass takes away than one by hand; typical of general practice. */
    public function bite(): float
    {
        return self::Machine === $this ? 2.0 : 1.0;
    }

    /** Does it leave specks of iron behind, which turn blue-black with tannin as soon as water comes? */
    public function leavesIron(): bool
    {
        return self::SteelWool === $this || self::SteelBrush === $this;
    }
}
