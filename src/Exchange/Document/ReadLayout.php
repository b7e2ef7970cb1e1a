<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Layout\Kind\Border;
use Inlaid\Core\Layout\Kind\Motifs;
use Inlaid\Core\Layout\Kind\Sheets;
use Inlaid\Core\Layout\Kind\Stripes;
use Inlaid\Core\Layout\Layout;
use Inlaid\Core\Layout\LayoutKind;
use Inlaid\Core\Layout\Seams;
use Inlaid\Core\Layout\Share;

/**
 * Reads a layout, as `docs/formats/layout.schema.json` defines it.
 */
final class ReadLayout
{
    public function read(Node $n): Layout
    {
        return match ($n->enum('kind', LayoutKind::class)) {
            LayoutKind::Stripes => $n->fields('kind', 'width', 'gap', 'run', 'share')->make(static fn (): Layout => Stripes::of(
                width: $n->float('width'),
                gap: $n->float('gap'),
                alongLength: self::along($n),
                share: $n->enum('share', Share::class),
            )),
            LayoutKind::Border => $n->fields('kind', 'lines')->make(static fn (): Layout => Border::of($n->list(
                'lines',
                static fn (Node $l): array => [$l->fields('in', 'width')->float('in'), $l->float('width')],
                Border::MOST,
            ))),
            LayoutKind::Motifs => $n->fields(
                'kind',
                'length',
                'width',
                'gap',
                'rows',
                'open',
                'share',
            )->make(static fn (): Layout => Motifs::of(
                length: $n->float('length'),
                width: $n->float('width'),
                gap: $n->float('gap'),
                rows: $n->intOrNull('rows'),
                open: $n->float('open'),
                share: $n->enum('share', Share::class),
            )),
            LayoutKind::Sheets => $n->fields(
                'kind',
                'length',
                'width',
                'lap',
                'repeat',
                'run',
                'seams',
                'thickness',
                'colour',
                'open',
            )->make(static fn (): Layout => Sheets::of(
                length: $n->float('length'),
                width: $n->float('width'),
                lap: $n->float('lap'),
                repeat: $n->floatOrNull('repeat'),
                alongLength: self::along($n),
                seams: $n->enum('seams', Seams::class),
                thickness: $n->floatOrNull('thickness') ?? 100.0,
                colour: $n->has('colour') ? $n->make(static fn (): Colour => Colour::of($n->string('colour', 20)), 'colour') : null,
                open: $n->floatOrNull('open') ?? 0.0,
            )),
        };
    }

    private static function along(Node $n): bool
    {
        $run = $n->string('run', 10);

        return match ($run) {
            'along' => true,
            'across' => false,
            default => $n->refuse('run', 'Choose "along" or "across"'),
        };
    }
}
