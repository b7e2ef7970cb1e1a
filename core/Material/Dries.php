<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How a material becomes solid: it decides what warmth, damp and moving air do to its times.
 */
enum Dries: string
{
    case LosingWater = 'losing-water';
    case LosingSpirit = 'losing-spirit';
    case Oxidising = 'oxidising';
    case Setting = 'setting';
}
