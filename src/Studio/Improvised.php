<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Preview\StepPreview;

/**
 * An improvised step, worked out where the job stands: what it takes, how it looks where it is laid, and what it would bring about.
 *
 * Immutable. `looks` one for each kind of face that it touches; `findings` those that only come with it.
 */
final readonly class Improvised
{
    /**
     * @param list<ImprovisedLook> $looks
     * @param list<Finding>        $findings
     */
    public function __construct(public StepPreview $step, public array $looks, public array $findings)
    {
    }
}
