<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\PieceUse;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Kind\BrushedFull;

/**
 * A family of finishes: the steps that make it, each with a role for its material and what may be varied.
 *
 * Immutable. `wear` the most it stands; `grain` that it needs, null where any will do; `bare` where it works in the wood and not on an old
 * finish; `protects` where its own last steps protect it, so that no clear coat follows.
 */
final readonly class Family
{
    /**
     * @param non-empty-list<FamilyStep> $steps
     * @param list<string>               $against schools it doesn't go with, as "question=answer"
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $says,
        public Wear $wear,
        public ?Grain $grain,
        public bool $bare,
        public bool $protects,
        public array $steps,
        public array $against = [],
    ) {
    }

    /**
     * Does it stand the wear, and go with the wood of a part, what lies on it, and the way the studio works?
     *
     * @param array<string, string> $schools answers by question
     */
    public function suits(PiecePart $part, PieceUse $use, array $schools): bool
    {
        foreach ($schools as $question => $answer) {
            if (\in_array("$question=$answer", $this->against, true)) {
                return false;
            }
        }

        return array_search($this->wear, Wear::cases(), true) >= array_search($use->wear, Wear::cases(), true)
            && (null === $this->grain || $this->grain === $part->substrate->grain)
            && (!$this->bare || $part->finish->isBare() && $part->substrate->drinksAtAll());
    }

    /** Is the wood itself what is seen, and is it not bleached already? */
    public function worksInWood(): bool
    {
        return $this->bare && !$this->covers() && [] === array_filter(
            $this->steps,
            static fn (FamilyStep $s): bool => Role::Bleach === $s->role,
        );
    }

    /** Does it hide the wood, with a coat that covers or with one wash upon another? */
    public function covers(): bool
    {
        $paints = array_filter($this->steps, static fn (FamilyStep $s): bool => \in_array($s->role, [Role::Paint, Role::MilkPaint], true));

        return 1 < \count($paints) || [] !== array_filter($this->steps, static fn (FamilyStep $s): bool => Purpose::Hide === $s->purpose);
    }

    /**
     * With a clear coat by wear and place, where it does not protect itself.
     */
    public function protectedFor(PieceUse $use): self
    {
        if ($this->protects) {
            return $this;
        }
        $outdoors = $use->place->isOutdoors();

        return new self(
            key: $this->key,
            name: $this->name,
            says: $this->says,
            wear: $this->wear,
            grain: $this->grain,
            bare: $this->bare,
            protects: true,
            against: $this->against,
            steps: [...$this->steps, new FamilyStep(
                id: 'protect',
                title: 'Clear coat',
                technique: new BrushedFull(),
                purpose: Purpose::Functional,
                role: $outdoors ? Role::OutdoorCoat : Role::ClearCoat,
                usual: $outdoors ? ['topcoat-outdoor'] : ['topcoat-matt', 'topcoat-satin'],
                extended: Extender::Thin,
                ratios: [],
                coats: [Wear::Light === $use->wear ? 2 : 3],
                hands: [],
                dwells: [null],
                wait: WaitRule::of(WaitUntil::Through),
                where: null,
                tool: null,
                weight: null,
                grit: null,
                layout: null,
            )],
        );
    }
}
