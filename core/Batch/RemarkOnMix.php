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
            $remarks[] = new Remark(Severity::Warn, \sprintf('Thinned %s to 1, more than the %s to 1 it takes: the film may rub off until it is sealed.', ExactNumber::plain($character->thinning), ExactNumber::plain((float) $character->largestThinning)));
        }
        if (!$batch->measured && \count($batch->lines) > 1) {
            $remarks[] = new Remark(Severity::Advise, 'The measures at hand cannot make this ratio closely enough: weigh it, or add a finer measure in the settings.');
        }
        if (null === $cup) {
            $remarks[] = new Remark(Severity::Advise, \sprintf('No cup in the settings holds %s: mix it in two, or add a larger cup.', $batch->yield->text));
        }

        return $remarks;
    }
}
