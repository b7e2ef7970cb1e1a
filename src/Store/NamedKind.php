<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredMaterial;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\App\Store\Entity\StoredRun;

/**
 * What is found by its name.
 */
enum NamedKind: string
{
    case Job = 'job';
    case Board = 'board';
    case Pot = 'pot';
    case Material = 'material';

    /**
     * @return array{class-string, string, string} entity, the field of its name, and the one by which the first is told
     */
    public function fields(): array
    {
        return match ($this) {
            self::Job => [StoredRun::class, 'title', 'createdAt'],
            self::Board => [StoredBoard::class, 'title', 'updatedAt'],
            self::Pot => [StoredPot::class, 'name', 'madeAt'],
            self::Material => [StoredMaterial::class, 'name', 'name'],
        };
    }

    public function isArchived(): bool
    {
        return self::Pot !== $this;
    }
}
