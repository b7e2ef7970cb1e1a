<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * What a technique does for the steps before and after it. Rules and proposals ask for these, never for a technique by its name: another
 * technique that does the same only says so.
 */
enum Ability: string
{
    case Cleans = 'cleans';
    case Rinses = 'rinses';
    case Neutralises = 'neutralises';
    case Strips = 'strips';
    case Scrapes = 'scrapes';
    case Bleaches = 'bleaches';
    /** Takes off with paper, down to where it is told to. */
    case Sands = 'sands';
    /** Only breaks the shine. */
    case Scuffs = 'scuffs';
    case OpensGrain = 'opens-grain';
    case Fills = 'fills';
    case Dusts = 'dusts';
    /** Makes the wood drink evenly. */
    case EvensAbsorption = 'evens-absorption';
    case LaysResist = 'lays-resist';
    case ReleasesResist = 'releases-resist';
    /** Wears through dry, so that it makes dust. */
    case WearsDry = 'wears-dry';
    case WearsWet = 'wears-wet';
    /** Moves a wet coat about or takes some of it off, so that what lies below is rubbed too. */
    case RubsWet = 'rubs-wet';
    /** Makes thick and thin of the wet coat below alike. */
    case EvensFilm = 'evens-film';
    /** Is laid into a coat that is still wet. */
    case GoesIntoWet = 'goes-into-wet';
    /** Sticks without being wet. */
    case SticksDry = 'sticks-dry';
    /** A part comes to lie on what was laid, or against another. */
    case LaysDown = 'lays-down';
    /** Is softened into the colour beside it while that is wet. */
    case Blends = 'blends';
}
