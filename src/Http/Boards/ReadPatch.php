<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredBoard;
use Inlaid\Core\Material\Colour;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/reading', methods: 'PUT')]
#[Describe('Keep what was read of a patch', takes: PatchRead::class, gives: BoardOpened::class)]
final readonly class ReadPatch
{
    private const HOW = ['typed', 'photo'];

    public function __construct(private BoardBook $boards, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, string $patch, Body $body): BoardOpened
    {
        $board = $this->boards->get($id);
        $reading = $body->read(function (Node $n) use ($board): array {
            $n->fields('colour', 'how', 'photo', 'note', 'rating');
            $colour = $n->has('colour') ? $n->make(static fn (): Colour => Colour::of($n->string('colour')), 'colour')->hex : null;
            $how = $n->has('how') ? $n->string('how') : null;
            if (!\in_array($how, [null, ...self::HOW], true)) {
                $n->refuse('how', 'A colour is typed or read from a photo.');
            }
            $photo = $n->has('photo') ? $n->id('photo') : null;
            if (null !== $photo && $this->boards->photo($photo)->board->id !== $board->id) {
                $n->refuse('photo', 'This photo is of another board.');
            }
            $rating = $n->intOrNull('rating');
            if (null !== $rating && ($rating < 1 || $rating > 5)) {
                $n->refuse('rating', 'A rating is from 1 to 5.');
            }

            return array_filter(['colour' => $colour, 'how' => $how, 'photo' => $photo, 'note' => trim($n->text('note')), 'rating' => $rating]);
        });

        return $this->describe->one(Refused::around('/patch', fn (): StoredBoard => $this->boards->note($id, $patch, $reading)));
    }
}
