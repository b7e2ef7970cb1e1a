<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * How a dry film throws light back, from chalky to glossy.
 */
enum Sheen: string
{
    case Chalky = 'chalky';
    case Matt = 'matt';
    case Eggshell = 'eggshell';
    case Satin = 'satin';
    case Gloss = 'gloss';
}
