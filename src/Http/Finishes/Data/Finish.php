<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes\Data;

use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\FamilyStep;

/**
 * A finish family, as one chooses it.
 */
final readonly class Finish
{
    /**
     * @param string           $wear    the most it stands: light, daily or hard
     * @param string|null      $grain   that it needs, null where any will do
     * @param bool             $bare    whether it works in bare wood only
     * @param list<string>     $against schools it doesn't go with, as question=answer
     * @param list<FinishStep> $steps
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $says,
        public string $wear,
        public ?string $grain,
        public bool $bare,
        public array $against,
        public array $steps,
    ) {
    }

    public static function of(Family $family): self
    {
        return new self(
            key: $family->key,
            name: $family->name,
            says: $family->says,
            wear: $family->wear->value,
            grain: $family->grain?->value,
            bare: $family->bare,
            against: $family->against,
            steps: array_map(static fn (FamilyStep $s): FinishStep => new FinishStep($s->id, $s->title, $s->role?->value), $family->steps),
        );
    }
}
