<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What a step is for. Every judgement is made against it, so that good work raises no alarm.
 */
enum Purpose: string
{
    case Hide = 'hide';
    case BrokenCover = 'broken-cover';
    case Pores = 'pores';
    case Edges = 'edges';
    case Relief = 'relief';
    case Functional = 'functional';
}
