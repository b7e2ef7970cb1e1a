<?php

declare(strict_types=1);

namespace Inlaid\Core\Schedule;

use Inlaid\Core\Film\ShareIntoSections;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Planning\Both;
use Inlaid\Core\Planning\Calendar;
use Inlaid\Core\Planning\Minutes;
use Inlaid\Core\Planning\Pot;
use Inlaid\Core\Planning\Precedence;
use Inlaid\Core\Planning\Wait;
use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\StepCalculation;

/**
 * What there is to do on a piece, as works that may be planned among those of others.
 *
 * A work comes after the last one on each of its parts, so parts that share no step do not wait for one another; but no part is sanded
 * while another of the piece is wet, and none is coated before the sanding that comes first in the recipe. A coat on parts that are turned
 * is done in two goes, and each side recoats from its own end; before a part is turned, the side that comes to lie below is touch-dry.
 * Where a coat is left to dwell for long, laying and taking off are two goes, and hands are free
 * between. What is worked into another colour comes while that is open. What dries, dries by the air of its place, hour by hour,
 * and is laid in hours that are warm enough. Opening, stirring
 * and cleaning take five minutes a pot, once where the same pot goes on (typical).
 */
final readonly class WorksOfPiece
{
    private const SET_UP = 5;
    /** Of the time for what is taken off again with what it loosens, so much is putting it on; typical. */
    private const PUTTING_ON = 1 / 3;
    /** What is soaked or stripped may be left so much longer, as a share of its dwell; typical. */
    private const LONGER = 0.5;

    /**
     * @return list<Work> those that are not done, each after those it links to
     */
    public function works(CalculatedPiece $piece, Calendar $calendar, Scenario $course = Scenario::Expected): array
    {
        $made = $last = [];
        $dust = null;
        foreach ($piece->steps as $i => $work) {
            if ($work->step->isFurtherColour()) {
                continue; // a blend is one work
            }
            $before = $piece->steps[$i - 1] ?? null;
            $open = null !== $before && $work->step->isWorkedInto($before->step) ? $before->drying?->openTime?->planned : null;
            $coats = $work->rounds($course);
            $waits = $piece->waits[$work->step->id];
            $lays = array_map(
                fn (Lay $lay): array => [$lay, $this->sides($work, $lay, $piece->piece->recipe)],
                $this->lays($work),
            );
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $ends = [];
                foreach ($lays as [$lay, $sides]) {
                    $laid = $ends[$lay->side] ?? null;
                    $links = null === $laid
                        ? $this->after(work: $work, sides: $sides, last: $last, dust: $dust, open: $open)
                        : [$laid => new Precedence($laid, $lay->wait, $lay->most)];
                    $rule = $waits->until($waits->rule($coat, $coats));
                    $made[] = $own = $this->work(
                        work: $work,
                        lay: $lay,
                        coat: $coat,
                        piece: $piece,
                        links: array_values($links),
                        last: $lay->isLast ? new Both($rule, $waits->until(WaitUntil::Through)) : new Minutes(0),
                    );
                    $ends[$lay->side] = $own->id;
                    foreach ($sides as $part => $of) {
                        foreach ($of as $side) {
                            $last[$part][$side] = [
                                $own->id,
                                $rule,
                                $work->drying?->recoatMost?->planned,
                                $waits->until(WaitUntil::Touch),
                            ];
                        }
                    }
                    $dust = $work->step->profile->dusty ? $own->id : $dust;
                }
            }
        }

        return $this->left($made, $piece->piece, $calendar);
    }

    /**
     * In how many goes a coat of a step is done: the parts are turned between two sides, and a long dwell leaves the hands free.
     *
     * @return non-empty-list<Lay>
     */
    public function lays(StepCalculation $work): array
    {
        $other = $work->otherSide();
        $lays = [];
        foreach ($other > 0 ? [1 => $work->handsOn - $other, 2 => $other] : [1 => $work->handsOn] as $side => $minutes) {
            $half = match (true) {
                0 === $other => null,
                1 === $side => 'first side',
                default => 'second side',
            };
            $dwell = $work->leftAlone();
            if (0 === $dwell || $minutes < 2) {
                $lays[] = new Lay(number: \count($lays) + 1, side: $side, minutes: $minutes, half: $half);
                continue;
            }
            $wiped = Effect::Adds === $work->step->profile->effect;
            $on = max(1, (int) round(($wiped ? ShareIntoSections::LAYING : self::PUTTING_ON) * $minutes));
            $lays[] = new Lay(number: \count($lays) + 1, side: $side, minutes: $on, half: $half, isLast: false);
            $lays[] = new Lay(
                number: \count($lays) + 1,
                side: $side,
                minutes: max(1, $minutes - $on),
                half: (null === $half ? '' : "$half, ").($wiped ? 'wipe back' : 'remove it'),
                pours: false,
                wait: new Minutes($dwell),
                most: $wiped ? max($dwell, $work->drying?->openTime->planned ?? $dwell) : (int) round($dwell * (1 + self::LONGER)),
            );
        }

        return $lays;
    }

    /**
     * Which sides of which parts are worked in a go; those of a part that is turned count for themselves.
     *
     * @return array<string, non-empty-list<int>> by part
     */
    private function sides(StepCalculation $work, Lay $lay, Recipe $recipe): array
    {
        $sides = [];
        foreach ($recipe->partsOf($work->step) as $part) {
            $of = $part->turned && $part->surface->hasTwoSides(null)
                ? array_values(array_filter([1, 2], static fn (int $s): bool => $work->step->touchesSide($part, $s)))
                : [1];
            $isTurned = $work->turnedArea > 0 && $part->turned && $part->surface->hasTwoSides($work->step->facesOf($part));
            $of = $isTurned ? array_values(array_intersect($of, [$lay->side])) : (1 === $lay->side ? $of : []);
            if ([] !== $of) {
                $sides[$part->id] = $of;
            }
        }

        return $sides;
    }

    /**
     * What a first go comes after.
     *
     * @param array<string, list<int>>                                       $sides that it works, by part
     * @param array<string, array<int, array{string, Wait, int|null, Wait}>> $last  of each side the last work, what must pass, at most, and
     *                                                                              until it is touch-dry
     * @param int|null                                                       $open  minutes that it can be worked into what is below,
     *                                                                              null where it isn't
     *
     * @return array<string, Precedence>
     */
    private function after(StepCalculation $work, array $sides, array $last, ?string $dust, ?int $open): array
    {
        $adds = Effect::Adds === $work->step->profile->effect;
        $dusty = $work->step->profile->dusty;
        $links = [];
        foreach ($last as $part => $of) {
            foreach ($of as $side => [$end, $wait, $most, $touch]) {
                if (\in_array($side, $sides[$part] ?? [], true) || $dusty) {
                    $links[$end] = new Precedence($end, $wait, $adds ? $open ?? $most : null);
                } elseif (isset($sides[$part]) || \in_array($part, $work->step->detail->masks, true)) {
                    // turned; or taped, and tape pulls off what is wet
                    $links[$end] ??= new Precedence($end, $touch);
                }
            }
        }
        if (null !== $dust && $adds) {
            $links[$dust] ??= new Precedence($dust, new Minutes(0));
        }

        return $links;
    }

    /**
     * @param list<Precedence> $links
     */
    private function work(StepCalculation $work, Lay $lay, int $coat, CalculatedPiece $piece, array $links, Wait $last): Work
    {
        $adds = Effect::Adds === $work->step->profile->effect;

        return new Work(
            id: (new WorkKey($work->step->id, $coat, $lay->number))->in($piece->piece->id),
            job: $piece->piece->id,
            minutes: $lay->minutes + (1 === $coat && 1 === $lay->number ? $work->masking->minutes ?? 0 : 0),
            links: $links,
            last: $last,
            pot: null === $work->mix || !$lay->pours ? null : new Pot(
                id: self::pot($work->mix),
                setUp: self::SET_UP,
                slake: $work->mix->slakes(),
                life: $work->drying?->potLife?->planned,
            ),
            notBefore: $piece->piece->notBefore,
            room: $adds ? $piece->piece->place : null, // what has been laid must not be moved until it is dry
            hours: $piece->waits[$work->step->id]->hours,
            half: $lay->half,
        );
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
