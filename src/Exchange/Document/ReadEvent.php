<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Technique\Zone;

/**
 * Reads an event of the bench, as `docs/formats/event.schema.json` defines it.
 */
final class ReadEvent
{
    /** A clock further ahead than this is wrong, seconds. */
    private const AHEAD = 86_400;

    /**
     * @param mixed $json an object
     * @param int   $now  seconds since 1970
     *
     * @throws InvalidInput
     */
    public function read(mixed $json, int $now, string $pointer = ''): Event
    {
        return Node::read($json, static function (Node $n) use ($now): Event {
            $n->fields(
                'id',
                'at',
                'kind',
                'step',
                'coat',
                'lay',
                'ml',
                'text',
                'climate',
                'colour',
                'retracts',
                'of',
                'before',
                'does',
                'zone',
            );
            $at = date_create_immutable($n->string('at', 40));
            $climate = $n->childOrNull('climate');

            return $n->make(static fn (): Event => Event::of(
                id: $n->id('id'),
                at: false === $at || $at->getTimestamp() > $now + self::AHEAD
                    ? $n->refuse('at', 'This time is in the future.')
                    : $at->getTimestamp(),
                kind: $n->enum('kind', EventKind::class),
                step: $n->has('step') ? $n->id('step') : null,
                coat: $n->int('coat', 1),
                lay: $n->int('lay', 1),
                ml: $n->floatOrNull('ml'),
                text: $n->has('text') ? $n->text('text') : null,
                climate: null === $climate
                    ? null
                    : $climate->fields('temperature', 'humidity', 'air')->make(static fn (): Climate => Climate::of(
                        $climate->float('temperature'),
                        $climate->float('humidity'),
                        $climate->enumOrNull('air', Air::class) ?? Air::Still,
                    )),
                colour: $n->has('colour') ? $n->make(static fn (): Colour => Colour::of($n->string('colour', 20)), 'colour') : null,
                retracts: $n->has('retracts') ? $n->id('retracts') : null,
                of: $n->has('of') ? $n->id('of') : null,
                before: $n->has('before') ? $n->id('before') : null,
                does: $n->has('does') ? self::does($n->child('does')) : null,
                zone: $n->enumOrNull('zone', Zone::class) ?? Zone::Field,
            ));
        }, $pointer);
    }

    /** What nobody planned, as a document says it; what is in it is read when it is tried. */
    private static function does(Node $n): string
    {
        // Asked for what they have, they are refused where they are no objects.
        $n->fields('step', 'materials', 'mixes')->child('step')->has('technique');
        foreach (['materials', 'mixes'] as $list) {
            $n->has($list) && $n->list($list, static fn (Node $of): bool => $of->has('id'));
        }

        return Json::encode($n->raw());
    }
}
