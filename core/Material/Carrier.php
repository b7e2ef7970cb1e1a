<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * The liquid a material is carried in, and so what it may be thinned and mixed with.
 */
enum Carrier: string
{
    case Water = 'water';
    case Oil = 'oil';
    case Alcohol = 'alcohol';
    case Solvent = 'solvent';
    case Dry = 'dry';
}
