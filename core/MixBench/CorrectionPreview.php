<?php

declare(strict_types=1);

namespace Inlaid\Core\MixBench;

use Inlaid\Core\Batch\BatchLinePreview;
use Inlaid\Core\Batch\CupPreview;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Measure\Amount;

/**
 * How a pot is put right: what it is now, what to pour off first, what to add, and what it is then.
 *
 * Immutable. `reached` whether the ratio can be had at all; `pourOff` null where nothing is; `error` the ratio error when what is added is
 * measured as
 * the lines say, null where the measures at hand do not do; `pouredOffNeeds` what the part poured off takes to become the same; `short` the
 * names
 * of what runs out.
 */
final readonly class CorrectionPreview
{
    /**
     * @param list<BatchLinePreview> $add
     * @param list<BatchLinePreview> $pouredOffNeeds
     * @param list<string>           $short
     */
    public function __construct(
        public PotPreview $now,
        public bool $reached,
        public ?Amount $pourOff,
        public array $add,
        public ?float $error,
        public Amount $yield,
        public ?PotPreview $then,
        public array $pouredOffNeeds,
        public array $short,
        public ?NearestPreview $nearest,
        public ?CupPreview $cup,
    ) {
    }
}
