<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

use Inlaid\Core\Colour\CompareColours;
use Inlaid\Core\Colour\DeltaE2000;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Material\Bleed;

/**
 * Draws together what is known of a part: what it most likely carries, what to find out next, what bleeds, and what that
 * means for the work. What was not tested is said to be so.
 */
final readonly class SurveyPart
{
    /** Less is not seen at arm's length. */
    private const SAME_COLOUR = 2.0;

    private const SURE = 0.9;
    private const LIKELY = 0.6;

    public function __construct(private DecideFinish $decide = new DecideFinish())
    {
    }

    public function survey(PiecePart $part): Surveyed
    {
        $finishes = $this->decide->decide($part->finish->kind, $part->tests);
        $next = $part->finish->isBare() && [] === $part->tests ? null : $this->decide->next($part->finish->kind, $part->tests);

        return new Surveyed(
            finishes: $finishes,
            sure: $this->sure($part, $finishes[0]),
            next: $next[0] ?? null,
            gain: null === $next ? null : round($next[1], 2),
            conclusions: [
                ...$this->finish($part, $finishes[0]),
                ...$this->bleeds($part),
                ...$this->ground($part),
                ...$this->lead($part),
                ...array_map(static fn (Fault $f): Conclusion => new Conclusion($f->inWords(), $f->asksFor(), true), $part->faults),
                ...$this->fields($part),
            ],
        );
    }

    private function sure(PiecePart $part, LikelyFinish $first): string
    {
        $tested = [] !== array_intersect_key($part->tests, ['water' => 1, 'spirit' => 1, 'alcohol' => 1, 'thinner' => 1]);

        return match (true) {
            !$tested => FinishKind::Unknown === $part->finish->kind ? 'not tested' : 'your entry, untested',
            $first->probability >= self::SURE => 'nearly certain',
            $first->probability >= self::LIKELY => 'likely',
            default => 'open',
        };
    }

    /**
     * @return list<Conclusion>
     */
    private function finish(PiecePart $part, LikelyFinish $first): array
    {
        $stated = $part->finish->kind;
        if (\in_array($stated, [$first->kind, FinishKind::Unknown], true)) {
            return [];
        }

        return [new Conclusion(
            'Old finish',
            \sprintf('You entered %s. The tests suggest %s (%.0f %%).', $stated->inWords(), $first->name, 100 * $first->probability),
            true,
        )];
    }

    /**
     * @return list<Conclusion>
     */
    private function bleeds(PiecePart $part): array
    {
        $rag = $part->tests['rag'] ?? null;
        $bleeds = $part->substrate->bleeds;
        $found = array_map(
            static fn (Bleed $b): Conclusion => new Conclusion($b->inWords(), $b->heldBackBy(), 'coloured' === $rag),
            $bleeds,
        );
        if ('coloured' === $rag && [] === $bleeds) {
            $found[] = new Conclusion(
                'Bleeding',
                'Something dissolves in water: an old stain or a dye wood. '.Bleed::OldStain->heldBackBy(),
                true,
            );
        }
        if (null === $rag && [] === $bleeds && !$part->finish->isBare()) {
            $found[] = new Conclusion('Bleeding', 'Not tested. Before a pale coat, press a damp white rag on it.', false);
        }

        return $found;
    }

    /**
     * @return list<Conclusion>
     */
    private function ground(PiecePart $part): array
    {
        $found = [];
        $edge = $part->tests['edge'] ?? null;
        if ('layers' === $edge && null === $part->substrate->veneer) {
            $found[] = new Conclusion('Veneer', 'The edge shows layers. Measure the face veneer before you sand.', true);
        }
        if ('lifts' === ($part->tests['tape'] ?? null)) {
            $found[] = new Conclusion('Adhesion', 'The old finish is loose. Coats will peel with it. Remove it.', true);
        }
        if (!$part->finish->isBare() && !isset($part->tests['tape'])) {
            $found[] = new Conclusion('Adhesion', 'Not tested. Cut a small cross, press tape on it and pull.', false);
        }

        return $found;
    }

    /**
     * @return list<Conclusion>
     */
    private function lead(PiecePart $part): array
    {
        if (!\in_array($part->finish->kind, [FinishKind::Paint, FinishKind::Unknown, FinishKind::Varnish], true)) {
            return [];
        }
        $lead = $part->tests['lead'] ?? null;

        return match (true) {
            'found' === $lead => [new Conclusion(
                'Lead',
                'Contains lead. Don\'t dry-sand, scrape or heat it. Follow local rules; use licensed practice.',
                true,
            )],
            'none' === $lead, 'after' === ($part->tests['age'] ?? null) => [],
            default => [new Conclusion(
                'Lead',
                'Old paint of unknown age may contain lead. Don\'t dry-sand it until tested. Follow local rules.',
                false,
            )],
        };
    }

    /**
     * @return list<Conclusion>
     */
    private function fields(PiecePart $part): array
    {
        return array_map(static function (Field $field) use ($part): Conclusion {
            $thirst = ($field->drinks ?? $part->drinks()) / $part->drinks();
            $text = match (true) {
                $thirst > 1.1 => \sprintf(
                    'absorbs %d %% more than the wood around it: stain goes darker. Seal it thinly first.',
                    (int) round(100 * ($thirst - 1)),
                ),
                $thirst < 0.9 => \sprintf(
                    'absorbs %d %% less than the wood around it: stain stays paler. Tint it, or stain it first.',
                    (int) round(100 * (1 - $thirst)),
                ),
                default => 'absorbs like the wood around it.',
            };

            [$own, $wood] = [Lab::of($field->colour ?? $part->substrate->colour), Lab::of($part->substrate->colour)];
            $apart = DeltaE2000::between($own, $wood);
            $words = CompareColours::words($own, $wood);
            $colour = $apart < self::SAME_COLOUR || [] === $words
                ? 'It has the colour of the wood'
                : \sprintf('It is %s than the wood (ΔE %.0f)', implode(' and ', \array_slice($words, 0, 2)), $apart);

            return new Conclusion($field->name, $colour.'. It '.$text, false);
        }, array_values(array_filter(
            $part->fields,
            static fn (Field $f): bool => null !== $f->colour || null !== $f->drinks,
        )));
    }
}
