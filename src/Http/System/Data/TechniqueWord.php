<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Technique\Ability;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Spread;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\TechniqueProfile;
use Inlaid\Core\Technique\Workmanship;

/**
 * A technique with its typical figures, and what of its manner changes what it leaves: how far it is taken, which way it is wiped, where it
 * is full, whether it can fade, is wiped, or blends several colours.
 *
 * Immutable.
 */
final readonly class TechniqueWord
{
    public function __construct(
        public string $key,
        public string $name,
        public string $does,
        public TechniqueProfile $profile,
        public bool $byHand,
        public bool $byStrokes,
        public bool $placed,
        public bool $fades,
        public bool $wipes,
        public bool $blends,
    ) {
    }

    public static function of(Technique $t): self
    {
        $usual = $t->pattern(new Workmanship());

        return new self(
            key: $t->key(),
            name: $t->name(),
            does: $t->does(),
            profile: $t->profile(),
            byHand: !$usual->leavesAs($t->pattern(new Workmanship(Hand::Heavy))),
            byStrokes: !$usual->leavesAs($t->pattern(new Workmanship(strokes: Direction::Across))),
            placed: Spread::Placed === $usual->spread,
            fades: Spread::Placed !== $usual->spread && !$usual->leavesAs($t->pattern(new Workmanship(where: Placement::TopDown))),
            wipes: Effect::Adds === $t->profile()->effect && $t->profile()->left < 1.0,
            blends: $t->profile()->can(Ability::Blends),
        );
    }
}
