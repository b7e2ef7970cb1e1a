<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What a part is made of.
 */
enum SubstrateKind: string
{
    case Solid = 'solid';
    case Veneer = 'veneer';
    case Plywood = 'plywood';
    case Mdf = 'mdf';
    case Laminate = 'laminate';
    case Metal = 'metal';
}
