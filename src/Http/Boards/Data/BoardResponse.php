<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards\Data;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Studio\PatchReading;

/**
 * A board with all that was read of it.
 */
final readonly class BoardResponse
{
    /**
     * @param RawJson            $document schema board
     * @param list<PatchReading> $readings
     * @param list<ShareSummary> $shares   the newest first
     */
    public function __construct(
        public string $id,
        public int $version,
        public RawJson $document,
        public ?string $recipe,
        public ?\DateTimeImmutable $appliedAt,
        public bool $archived,
        public array $readings,
        public array $shares,
        public ?ChosenPatch $chosen,
    ) {
    }
}
