<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\BatchPreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Batch\PotOffered;
use Inlaid\Core\Measure\Amount;

/**
 * A pot that several patches share.
 *
 * Immutable. `batch` null where it comes straight from the tin, or from what is left of another pot: then `fromPot` is its number,
 * `fromAmount` what is poured over and `add` what is added; `left`
 * when all patches are laid.
 */
final readonly class BoardPot
{
    /**
     * @param list<string>           $patches
     * @param list<int>              $rounds
     * @param list<BatchLinePreview> $add
     * @param list<PotOffered>       $onShelf that hold it already
     */
    public function __construct(
        public int $number,
        public string $name,
        public ?string $words,
        public array $patches,
        public array $rounds,
        public Amount $need,
        public ?BatchPreview $batch,
        public ?CupPreview $cup,
        public ?int $fromPot,
        public ?Amount $fromAmount,
        public array $add,
        public ?Amount $left,
        public array $onShelf,
    ) {
    }
}
