<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Planning\Both;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Wait;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * What there is to do on a piece, as works that may be planned among those of others.
 *
 * A work comes after the last one on each of its parts, so parts that share no step do not wait for one another; but no part is sanded
 * while another of the piece is wet, and none is coated before the sanding that comes first in the recipe. A coat on parts that are turned
 * is two works. Where a coat is left to dwell for long and can be wiped in one, laying and wiping are two works, and hands are free
 * between. What dries, dries by the air of its place, hour by hour. Opening, stirring
 * and cleaning take five minutes a pot, once where the same pot goes on (typical).
 */
final readonly class WorksOfPiece
{
    private const SET_UP = 5;
    /** A dwell that is worth turning to something else, minutes. */
    private const WORTH_LEAVING = 10;
    /** Of a coat that is wiped, so much of the time is laying; typical. */
    private const LAYING = 2 / 3;

    /**
     * @return list<Work> those that are not done, each after those it links to
     */
    public function works(CalculatedPiece $piece, Calendar $calendar, Scenario $course = Scenario::Expected): array
    {
        $made = $last = [];
        $dust = null;
        foreach ($piece->steps as $work) {
            $adds = Effect::Adds === $work->step->technique->profile()->effect;
            $dusty = $work->step->technique->profile()->dusty;
            $parts = $piece->piece->recipe->partsOf($work->step);
            $coats = $work->rounds($course);
            $waits = $piece->waits[$work->step->id];
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $links = [];
                foreach ($dusty ? $piece->piece->recipe->piece->parts : $parts as $part) {
                    if (isset($last[$part->id])) {
                        [$end, $wait, $most] = $last[$part->id];
                        $links[$end] = new Precedence($end, $wait, $adds ? $most : null);
                    }
                }
                foreach ($work->step->detail->masks as $masked) { // tape pulls off what isn't dry to the touch
                    if (isset($last[$masked])) {
                        $links[$last[$masked][0]] ??= new Precedence($last[$masked][0], $last[$masked][3]);
                    }
                }
                if (null !== $dust && $adds) {
                    $links[$dust] ??= new Precedence($dust, new Minutes(0));
                }
                $wait = $waits->until($waits->rule($coat, $coats));
                [$own, $end] = $this->coat(
                    work: $work,
                    waits: $waits,
                    piece: $piece->piece,
                    coat: $coat,
                    links: array_values($links),
                    last: new Both($wait, $waits->until(WaitUntil::Through)),
                );
                array_push($made, ...$own);
                foreach ($parts as $part) {
                    $last[$part->id] = [$end, $wait, $work->drying?->recoatMost?->planned, $waits->until(WaitUntil::Touch)];
                }
                $dust = $dusty ? $end : $dust;
            }
        }

        return $this->left($made, $piece->piece, $calendar);
    }

    /**
     * @param list<Precedence> $links
     *
     * @return array{list<Work>, string} and the id of the last of them
     */
    private function coat(StepCalculation $work, StepWaits $waits, PieceToDo $piece, int $coat, array $links, Wait $last): array
    {
        $id = static fn (int $lay): string => (new WorkKey($work->step->id, $coat, $lay))->in($piece->id);
        [$pot, $setUp, $life] = null === $work->mix
            ? [null, 0, null]
            : [self::pot($work->mix), self::SET_UP, $work->drying?->potLife?->planned];
        $masking = 1 === $coat ? $work->masking->minutes ?? 0 : 0;
        // What has been laid must not be moved until it is dry.
        $room = Effect::Adds === $work->step->technique->profile()->effect ? $piece->place : null;
        $one = static fn (int $lay, int $minutes, Wait $last, Precedence ...$links): Work => new Work(
            id: $id($lay),
            job: $piece->id,
            minutes: $minutes,
            links: array_values($links),
            last: $last,
            pot: $pot,
            setUp: $setUp,
            potLife: $life,
            notBefore: $piece->notBefore,
            room: $room,
        );
        $split = $this->split($work, $waits);
        if (null === $split) {
            return [[$one(1, $masking + $work->handsOn, $last, ...$links)], $id(1)];
        }
        [$first, $between, $most, $second] = $split;

        return [
            [$one(1, $masking + $first, new Minutes(0), ...$links), $one(2, $second, $last, new Precedence($id(1), $between, $most))],
            $id(2),
        ];
    }

    /**
     * What is done in two goes: the parts are turned between two sides, or a long dwell leaves the hands free.
     *
     * @return array{int, Wait, int|null, int}|null minutes before and after, and what lies between at least and at most; null where it is
     *                                              done in one
     */
    public function split(StepCalculation $work, StepWaits $waits): ?array
    {
        $other = $work->otherSide();
        if ($other > 0) {
            return [$work->handsOn - $other, $waits->until(WaitUntil::Touch), null, $other];
        }
        $dwell = $work->step->detail->dwell ?? 0;
        $hands = $work->handsOn - $dwell;
        if ($dwell < self::WORTH_LEAVING || $hands < 2 || 1 !== ($work->sections()->count ?? 1)) {
            return null;
        }
        $laying = max(1, (int) round(self::LAYING * $hands));

        return [$laying, new Minutes($dwell), max($dwell, $work->drying?->openTime->planned ?? $dwell), max(1, $hands - $laying)];
    }

    /**
     * Without what is done: what comes after it may begin when its wait is over.
     *
     * @param list<Work> $made
     *
     * @return list<Work>
     */
    private function left(array $made, PieceToDo $piece, Calendar $calendar): array
    {
        $done = [];
        foreach ($piece->done as $key => $end) {
            $done[WorkKey::read($key)->in($piece->id)] = $end;
        }
        $left = [];
        foreach ($made as $work) {
            if (isset($done[$work->id])) {
                continue;
            }
            $notBefore = $work->notBefore;
            $links = [];
            foreach ($work->links as $link) {
                isset($done[$link->after])
                    ? $notBefore = max($notBefore, $link->wait->over($done[$link->after], $calendar))
                    : $links[] = $link;
            }
            $left[] = $work->after($links, $notBefore);
        }

        return $left;
    }

    private static function pot(FlatMix $mix): string
    {
        return $mix->name.': '.implode(
            ' ',
            array_map(static fn ($leaf): string => $leaf->material->id.' '.round($leaf->share, 4), $mix->leaves),
        );
    }
}
