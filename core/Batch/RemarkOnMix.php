<?php

declare(strict_types=1);

namespace Inlaid\Core\Batch;

use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\MixCharacter;

/**
 * Says what the numbers of a mix mean for the hand: what does not go together, over-thinned, not measurable, no cup.
 */
final class RemarkOnMix
{
    /**
     * @return list<Remark> gravest first
     */
    public function remark(MixCharacter $character, BatchPreview $batch, ?CupPreview $cup): array
    {
        $remarks = [];
        if ($character->isOverThinned()) {
            $remarks[] = new Remark(
                Severity::Warn,
                \sprintf(
                    'Thinned %s to 1; maximum %s to 1. Seal it.',
                    ExactNumber::plain($character->thinning),
                    ExactNumber::plain((float) $character->largestThinning),
                ),
            );
        }
        if (!$batch->measured && \count($batch->lines) > 1) {
            $remarks[] = new Remark(
                Severity::Advise,
                'Your measuring tools can\'t reach this ratio. Weigh it or add a finer tool in Settings.',
            );
        }
        if (null === $cup) {
            $remarks[] = new Remark(
                Severity::Advise,
                \sprintf('No cup in Settings holds %s. Mix it in two batches or add a larger cup.', $batch->yield->text),
            );
        }

        return $remarks;
    }
}
