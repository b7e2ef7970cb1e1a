<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\App\Store\Entity\StoredReading;
use Inlaid\App\Store\PhotoLine;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\ColourDifference;

/**
 * What was read of the patches of a board.
 */
final readonly class ReadPatches
{
    public function __construct(private BoardBook $boards)
    {
    }

    /**
     * @return array<string, PatchReading> of the patches of which something was read
     */
    public function of(StoredBoard $board): array
    {
        $photos = [];
        foreach ($this->boards->photos($board) as $photo) {
            $photos[$photo->patch][] = $photo;
        }
        $readings = $this->boards->readings($board);
        $target = $this->boards->card($board)->target ?? null;
        $target = \is_string($target) ? Colour::of($target) : null;
        $read = [];
        foreach (array_keys($readings + $photos) as $patch) {
            $read[$patch] = $this->reading(
                patch: $patch,
                stored: $readings[$patch] ?? null,
                photos: $photos[$patch] ?? [],
                target: $target,
            );
        }
        ksort($read);

        return $read;
    }

    /**
     * @param list<PhotoLine> $photos
     */
    private function reading(string $patch, ?StoredReading $stored, array $photos, ?Colour $target): PatchReading
    {
        return Node::read(Json::decode($stored->document ?? '{}'), static function (Node $n) use ($patch, $photos, $target): PatchReading {
            $colour = $n->has('colour') ? $n->string('colour') : null;
            $text = static fn (string $name): ?string => $n->has($name) ? $n->string($name) : null;

            return new PatchReading(
                patch: $patch,
                colour: $colour,
                how: $text('how'),
                photo: $text('photo'),
                note: $n->text('note'),
                rating: $n->intOrNull('rating'),
                photos: $photos,
                offTarget: null === $colour || null === $target ? null : ColourDifference::between(Colour::of($colour), $target),
            );
        });
    }
}
