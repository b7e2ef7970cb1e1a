<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Technique\Effect;

/**
 * What a step is repeated for: it is done again until this is so.
 */
enum Criterion: string
{
    case Bare = 'bare';
    case Clean = 'clean';
    case Pale = 'pale';
    case Smooth = 'smooth';
    case Worn = 'worn';
    case Hides = 'hides';
    case Deep = 'deep';
    case Built = 'built';

    public function inWords(): string
    {
        return match ($this) {
            self::Bare => 'the ground is bare', self::Clean => 'the rag stays clean', self::Pale => 'it is pale enough', self::Smooth => 'it is smooth',
            self::Worn => 'it looks worn enough', self::Hides => 'nothing shows through', self::Deep => 'it is deep enough', self::Built => 'it has built up enough',
        };
    }

    /**
     * Is it something this kind of work can bring about?
     */
    public function suits(Effect $act): bool
    {
        return \in_array($act, match ($this) {
            self::Bare, self::Smooth, self::Worn => [Effect::TakesAway],
            self::Clean, self::Pale => [Effect::Alters, Effect::TakesAway],
            self::Hides, self::Deep, self::Built => [Effect::Adds],
        }, true);
    }
}
