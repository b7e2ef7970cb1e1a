<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

use Inlaid\Core\Schedule\DayPiece;
use Inlaid\Core\Schedule\DaysPreview;
use Inlaid\Core\Schedule\DayWork;
use Sabre\VObject\Component\VCalendar;

/**
 * Writes the plan of the bench as a calendar (iCalendar, RFC 5545): every stretch of work an event, and the moment at which each piece is
 * ready.
 */
final class WriteCalendar
{
    public function write(DaysPreview $plan): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Inlaid Recipe//Days//EN']);
        $titles = array_column(array_map(static fn (DayPiece $p): array => [$p->id, $p->title], $plan->pieces), 1, 0);
        $stamp = new \DateTimeImmutable($plan->now);
        foreach ($plan->works as $work) {
            foreach ($work->stretches as $i => $stretch) {
                $calendar->add('VEVENT', [
                    'UID' => "$work->piece-$work->step-$work->coat-$work->lay-$i",
                    'DTSTAMP' => self::utc($stamp),
                    'DTSTART' => self::utc(new \DateTimeImmutable($stretch->start)),
                    'DTEND' => self::utc(new \DateTimeImmutable($stretch->end)),
                    'SUMMARY' => self::act($work).': '.($titles[$work->piece] ?? ''),
                    'CATEGORIES' => 0 === $work->hands ? 'Bench' : 'Helper',
                ]);
            }
        }
        foreach ($plan->pieces as $piece) {
            if (null !== $piece->ready) {
                $ready = self::utc(new \DateTimeImmutable($piece->ready));
                $calendar->add(
                    'VEVENT',
                    [
                        'UID' => "$piece->id-ready",
                        'DTSTAMP' => self::utc($stamp),
                        'DTSTART' => $ready,
                        'DTEND' => $ready,
                        'SUMMARY' => "Ready: $piece->title",
                        'TRANSP' => 'TRANSPARENT',
                    ],
                );
            }
        }

        return $calendar->serialize();
    }

    private static function act(DayWork $work): string
    {
        return $work->name.($work->coats > 1 ? ", $work->coat of $work->coats" : '').(null === $work->half ? '' : ", $work->half");
    }

    private static function utc(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimezone(new \DateTimeZone('UTC'));
    }
}
