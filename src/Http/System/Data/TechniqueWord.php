<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Workmanship;

/**
 * A technique with its typical figures, and what of its manner changes what it leaves: how far it is taken, which way it is wiped, where it
 * is full.
 *
 * Immutable.
 */
final readonly class TechniqueWord
{
    public function __construct(
        public string $key,
        public string $name,
        public string $does,
        public TechniqueProfile $figures,
        public bool $byHand,
        public bool $byStrokes,
        public bool $placed,
    ) {
    }

    public static function of(Technique $t): self
    {
        $usual = $t->pattern(new Workmanship());

        return new self(
            $t->key(),
            $t->name(),
            $t->does(),
            $t->figures(),
            !$usual->leavesAs($t->pattern(new Workmanship(Hand::Heavy))),
            !$usual->leavesAs($t->pattern(new Workmanship(strokes: Direction::Across))),
            Spread::Placed === $usual->spread,
        );
    }
}
