<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * What a material can do to the one who uses it. The label and the safety data sheet decide; this only reminds.
 */
enum Hazard: string
{
    case Flammable = 'flammable';
    case Corrosive = 'corrosive';
    case Irritant = 'irritant';
    case Vapour = 'vapour';
    case Dust = 'dust';
    case SelfHeatingRags = 'self-heating-rags';
    case Oxidiser = 'oxidiser';
    case Chlorine = 'chlorine';
    case Acid = 'acid';
    case Ammonia = 'ammonia';
}
