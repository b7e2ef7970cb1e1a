<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Material\Carrier;

/**
 * Says what the numbers of one step mean for the hand: over-thinned, not measurable, no cup, damp, no promise.
 */
final class RemarkOnStep
{
    /**
     * @return list<Remark> gravest first
     */
    public function remark(StepWork $work, ?PourPreview $pour): array
    {
        $character = $work->character;
        $remarks = [];
        if (null !== $work->drying?->stop && null !== $pour) {
            $remarks[] = new Remark(Gravity::Stop, $work->drying->stop);
        }
        if (null !== $character && \in_array(Carrier::Water, $character->carriers, true) && \in_array(Carrier::Oil, $character->carriers, true)) {
            $remarks[] = new Remark(Gravity::Stop, 'Water and oil in one pot do not mix: the film will break. Use a thinner of the same kind.');
        }
        if (null !== $work->drying?->noPromise && null !== $pour) {
            $remarks[] = new Remark(Gravity::Warn, $work->drying->noPromise);
        }
        if (null !== $character && $character->isOverThinned()) {
            $remarks[] = new Remark(Gravity::Warn, \sprintf('Thinned %s to 1, more than the %s to 1 it takes: the film may rub off until it is sealed.', self::plain($character->thinning), self::plain((float) $character->largestThinning)));
        }
        if (null !== $pour && !$pour->batch->measured && \count($pour->ingredients) > 1) {
            $remarks[] = new Remark(Gravity::Advise, 'The measures at hand cannot make this ratio closely enough: weigh it, or add a finer measure in the settings.');
        }
        if (null !== $pour && null === $pour->cup) {
            $remarks[] = new Remark(Gravity::Advise, \sprintf('No cup in the settings holds %s: mix it in two, or add a larger cup.', $pour->batch->yield->text));
        }

        return $remarks;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(\sprintf('%.2F', $value), '0'), '.');
    }
}
