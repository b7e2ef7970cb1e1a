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
            self::Bare => 'the surface is bare',
            self::Clean => 'the rag stays clean',
            self::Pale => 'pale enough',
            self::Smooth => 'smooth',
            self::Worn => 'worn enough',
            self::Hides => 'it hides',
            self::Deep => 'colour is deep enough',
            self::Built => 'enough film build',
        };
    }

    /** The question after each coat or pass. */
    public function asks(): string
    {
        return match ($this) {
            self::Bare => 'Is the surface bare?',
            self::Clean => 'Does the rag stay clean?',
            self::Pale => 'Is it pale enough?',
            self::Smooth => 'Is it smooth?',
            self::Worn => 'Is it worn enough?',
            self::Hides => 'Does it hide the surface below?',
            self::Deep => 'Is the colour deep enough?',
            self::Built => 'Is the film built up enough?',
        };
    }

    /**
     * Is it something this kind of work can bring about?
     */
    public function suits(Effect $effect): bool
    {
        return \in_array($effect, match ($this) {
            self::Bare, self::Smooth, self::Worn => [Effect::TakesAway],
            self::Clean, self::Pale => [Effect::Alters, Effect::TakesAway],
            self::Hides, self::Deep, self::Built => [Effect::Adds],
        }, true);
    }
}
