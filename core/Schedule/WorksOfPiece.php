<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Drying\PredictDrying;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Planning\Both;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Drying;
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
 * A work comes after the last one on each of its parts, so parts that share no step do not wait for one another. A coat on parts that are turned is two works. Where a coat is left to dwell for long and can be wiped in one, laying and wiping are two works, and hands are free between. What dries, dries by the air of its place, hour by hour. Opening, stirring
 * and cleaning take five minutes a pot, once where the same pot goes on (typical).
 */
final readonly class WorksOfPiece
{
    private const SET_UP = 5;
    /** A dwell that is worth turning to something else, minutes. */
    private const WORTH_LEAVING = 10;
    /** Of a coat that is wiped, so much of the time is laying; typical. */
    private const LAYING = 2 / 3;

    public function __construct(private PredictDrying $predict = new PredictDrying())
    {
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<Work> those that are not done, each after those it links to
     */
    public function works(PieceToDo $piece, array $works, \DateTimeZone $zone, Calendar $calendar, Scenario $course = Scenario::Expected): array
    {
        $made = $last = [];
        foreach ($works as $work) {
            $coats = $work->rounds($course);
            $waits = $this->waits($work, $piece, $zone);
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $before = [];
                foreach ($piece->recipe->partsOf($work->step) as $part) {
                    if (isset($last[$part->id])) {
                        $before[$last[$part->id][0]] = $last[$part->id];
                    }
                }
                $links = array_values(array_map(static fn (array $l): Precedence => new Precedence($l[0], $l[1], Effect::Adds === $work->step->technique->figures()->act ? $l[2] : null), $before));
                $wait = $waits[$coat < $coats ? WaitUntil::Recoat->value : $work->step->wait->until->value];
                [$own, $end] = $this->coat($work, $piece, $coat, $links, new Both($wait, $waits[WaitUntil::Through->value]));
                array_push($made, ...$own);
                foreach ($piece->recipe->partsOf($work->step) as $part) {
                    $last[$part->id] = [$end, $wait, $work->drying?->recoatMost?->planned];
                }
            }
        }

        return $this->left($made, $piece, $calendar);
    }

    /**
     * Is there for everything an hour of the day in which it dries?
     *
     * @param list<StepCalculation> $works
     */
    public function allDry(PieceToDo $piece, array $works): bool
    {
        foreach ($works as $work) {
            foreach ($this->waits($work, $piece, new \DateTimeZone('UTC')) as $wait) {
                if ($wait instanceof Drying && !$wait->everDries()) {
                    return false;
                }
            }
        }

        return true;
    }

    /** When a coat that ended then may be laid over, by the air where the piece stands. */
    public function recoatable(StepCalculation $work, PieceToDo $piece, int $ended, Calendar $calendar, \DateTimeZone $zone): int
    {
        return $this->waits($work, $piece, $zone)[WaitUntil::Recoat->value]->over($ended, $calendar);
    }

    /**
     * @param list<Precedence> $links
     *
     * @return array{list<Work>, string} and the id of the last of them
     */
    private function coat(StepCalculation $work, PieceToDo $piece, int $coat, array $links, Wait $last): array
    {
        $id = static fn (int $lay): string => (new WorkKey($work->step->id, $coat, $lay))->in($piece->id);
        [$pot, $setUp, $life] = null === $work->mix ? [null, 0, null] : [self::pot($work->mix), self::SET_UP, $work->drying?->potLife?->planned];
        $masking = 1 === $coat ? $work->masking->minutes ?? 0 : 0;
        // What has been laid must not be moved until it is dry.
        $room = Effect::Adds === $work->step->technique->figures()->act ? $piece->place : null;
        $one = static fn (int $lay, int $minutes, Wait $last, Precedence ...$links): Work => new Work($id($lay), $piece->id, $minutes, array_values($links), $last, $pot, $setUp, $life, $piece->notBefore, room: $room);
        $split = $this->split($work);
        if (null === $split) {
            return [[$one(1, $masking + $this->paced($work->handsOn, $work, $piece), $last, ...$links)], $id(1)];
        }
        [$first, $between, $most, $second] = $split;

        return [[$one(1, $masking + $this->paced($first, $work, $piece), new Minutes(0), ...$links), $one(2, $this->paced($second, $work, $piece), $last, new Precedence($id(1), $between, $most))], $id(2)];
    }

    /** In the painter's own time, unless the step states one; the dwell takes as long as ever. */
    private function paced(int $minutes, StepCalculation $work, PieceToDo $piece): int
    {
        $pace = null === $work->step->detail->handsOn ? $piece->paces[$work->step->technique->key()] ?? 1.0 : 1.0;
        $dwell = min($minutes, $work->step->detail->dwell ?? 0);

        return 1.0 === $pace || $minutes < 1 ? $minutes : (int) max(1, round($dwell + $pace * ($minutes - $dwell)));
    }

    /**
     * @return array{int, Wait, int|null, int}|null minutes before and after, and what lies between
     */
    private function split(StepCalculation $work): ?array
    {
        $other = $work->otherSide();
        if ($other > 0) {
            return [$work->handsOn - $other, new Minutes($work->drying->touch->planned ?? 0), null, $other];
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
     * @return array<string, Wait> by what it is waited for
     */
    private function waits(StepCalculation $work, PieceToDo $piece, \DateTimeZone $zone): array
    {
        $none = new Minutes(0);
        $waits = array_fill_keys(array_map(static fn (WaitUntil $u): string => $u->value, WaitUntil::cases()), $none);
        $waits[WaitUntil::Minutes->value] = new Minutes((int) $work->step->wait->minutes);
        $waits[WaitUntil::Overnight->value] = new Minutes(0, true);
        $handling = $work->character?->handling;
        $times = $handling?->times;
        if (null === $handling || null === $times || null === $work->drying) {
            return $waits;
        }
        [$drying, $cure] = $this->predict->hourly($handling, $piece->air, $work->film->ofNormal ?? 1.0);
        $waits[WaitUntil::Touch->value] = new Drying($times->touch, $drying, $zone);
        $waits[WaitUntil::Recoat->value] = new Drying($times->recoat, $drying, $zone);
        $waits[WaitUntil::Overnight->value] = new Drying($times->recoat, $drying, $zone, true);
        $waits[WaitUntil::Through->value] = new Drying($times->through, $drying, $zone);
        $waits[WaitUntil::Cure->value] = new Drying($times->cure, $cure, $zone);

        return $waits;
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
                isset($done[$link->after]) ? $notBefore = max($notBefore, $link->wait->over($done[$link->after], $calendar)) : $links[] = $link;
            }
            $left[] = $work->after($links, $notBefore);
        }

        return $left;
    }

    private static function pot(FlatMix $mix): string
    {
        return $mix->name.': '.implode(' ', array_map(static fn ($leaf): string => $leaf->material->id.' '.round($leaf->share, 4), $mix->leaves));
    }
}
