<?php

declare(strict_types=1);

namespace Inlaid\Core\Eye;

/**
 * What a painter's eye is asked.
 */
enum EyeKind: string
{
    case Ratio = 'ratio';
    case Coats = 'coats';
    case Nearer = 'nearer';
    case Buried = 'buried';

    public function asks(): string
    {
        return match ($this) {
            self::Ratio => 'How far is this stripe thinned?',
            self::Coats => 'How many coats are on this wood?',
            self::Nearer => 'Which is closer to the target?',
            self::Buried => 'Is what was under the coat buried?',
        };
    }

    /** What it is called in a list of scores. */
    public function name(): string
    {
        return match ($this) {
            self::Ratio => 'How thin',
            self::Coats => 'How many coats',
            self::Nearer => 'Which is closer',
            self::Buried => 'Buried or not',
        };
    }

    /**
     * How an eye errs that says a step too little, and one that says a step too much; null where answers have no order.
     *
     * @return array{string, string, string}|null and what a step is
     */
    public function errs(): ?array
    {
        return match ($this) {
            self::Ratio => ['You read mixes as thicker than they are', 'You read mixes as thinner than they are', 'step'],
            self::Coats => ['You see fewer coats than there are', 'You see more coats than there are', 'coat'],
            self::Nearer => null,
            self::Buried => ['You call buried what still shows', 'You see what is buried', 'answer'],
        };
    }
}
