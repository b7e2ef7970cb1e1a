<?php

declare(strict_types=1);

namespace Inlaid\Core\Surface;

/**
 * What lies on a surface and does not belong there.
 */
enum Soil: string
{
    case Dust = 'dust';
    case Grease = 'grease';
    case Wax = 'wax';
    case Silicone = 'silicone';
    /** What is left of a cleaner, a stripper or a bleach, and what the label asks for besides. */
    case Rinse = 'rinse';
    case Spirit = 'spirit';
    case Alcohol = 'alcohol';
    case Acid = 'acid';
    case Alkali = 'alkali';
    case Resist = 'resist';
    /** Specks of steel wool or of a steel brush. */
    case Iron = 'iron';
}
