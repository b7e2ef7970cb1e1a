<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

/**
 * What of a step a change is about.
 */
enum StepField: string
{
    case Coats = 'coats';
    case Grit = 'grit';
    case Depth = 'depth';
    case Dwell = 'dwell';
    case Left = 'left';
    case HandsOn = 'handsOn';
    case Sections = 'sections';
    case Wiping = 'wiping';
    case Aim = 'aim';
    case Direction = 'strokes';
    case Tool = 'tool';
    case Technique = 'technique';
    case Weight = 'weight';
    case Hand = 'hand';
    case Wait = 'wait';
    case Material = 'uses';
    case Masks = 'masks';
    case Parts = 'parts';
}
