<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

/**
 * Says what the air and the mix mean for one step.
 */
final readonly class RemarkOnStep
{
    public function __construct(private RemarkOnMix $mix = new RemarkOnMix())
    {
    }

    /**
     * @return list<Remark> gravest first
     */
    public function remark(StepWork $work, ?PourPreview $pour): array
    {
        if (null === $pour || null === $work->character) {
            return [];
        }
        $remarks = $this->mix->remark($work->character, $pour->batch, $pour->cup);
        if (null !== $work->drying?->noPromise) {
            array_unshift($remarks, new Remark(Gravity::Warn, $work->drying->noPromise));
        }
        if (null !== $work->drying?->stop) {
            array_unshift($remarks, new Remark(Gravity::Stop, $work->drying->stop));
        }

        return $remarks;
    }
}
