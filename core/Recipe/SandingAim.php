<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

/**
 * What a paper is to do. Papers with one aim are one ladder; each takes out the scratches of the one before.
 */
enum SandingAim: string
{
    case ToBare = 'to-bare';
    case Smooth = 'smooth';
    case Key = 'key';
    case Between = 'between';

    public function inWords(): string
    {
        return match ($this) {
            self::ToBare => 'back to bare wood',
            self::Smooth => 'smooth the wood',
            self::Key => 'scuff for adhesion',
            self::Between => 'denib between coats',
        };
    }

    /**
     * Does a paper with this aim go on with the ladder of another? Smoothing takes out what baring left.
     */
    public function continues(self $before): bool
    {
        return $this === $before || self::Smooth === $this && self::ToBare === $before;
    }
}
