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
            $remarks[] = new Remark(Severity::Advise, self::missing($batch));
        }
        if (null === $cup) {
            $remarks[] = new Remark(
                Severity::Advise,
                \sprintf('No cup in Settings holds %s. Mix it in two batches or add a larger cup.', $batch->yield->text),
            );
        }

        return $remarks;
    }

    /** Which measure is missing: what the smallest amount that nothing measures asks for. */
    private static function missing(BatchPreview $batch): string
    {
        $lines = $batch->lines;
        usort($lines, static fn (BatchLinePreview $a, BatchLinePreview $b): int => $a->amount->ml <=> $b->amount->ml);
        [$line] = $lines;
        $tool = match (true) {
            $line->isPowder => 'a smaller spoon or a scale',
            $line->amount->ml < 2.0 => 'a 1 ml syringe or a scale',
            $line->amount->ml < 20.0 => 'a 20 ml syringe or a scale',
            $line->amount->ml < 100.0 => 'a 100 ml syringe or a scale',
            default => 'a jug or a scale',
        };

        return \sprintf(
            'Your measuring tools can\'t reach this ratio: the smallest part is %s of %s. Add %s in Settings.',
            $line->amount->text,
            $line->name,
            $tool,
        );
    }
}
