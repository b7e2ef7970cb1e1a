<?php

declare(strict_types=1);

namespace Inlaid\Core\Learn;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Work\StepCalculation;

/**
 * A patch on which a colour was read: what was done on it, and what was seen on its flat.
 *
 * Immutable.
 */
final readonly class SeenPatch
{
    /**
     * @param list<StepCalculation> $works all of which are done
     */
    public function __construct(public string $board, public string $patch, public PiecePart $part, public array $works, public Lab $seen)
    {
    }

    public function uses(string $material): bool
    {
        foreach ($this->works as $work) {
            if (\in_array($material, array_map(static fn ($leaf): string => $leaf->material->id, $work->mix->leaves ?? []), true)) {
                return true;
            }
        }

        return false;
    }
}
