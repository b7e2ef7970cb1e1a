<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadReading;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Http\Boards\Data\PatchReadingRequest;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredBoard;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/reading', methods: 'PUT')]
#[Describe('Save the reading of a patch', takes: PatchReadingRequest::class, gives: BoardResponse::class)]
final readonly class ReadPatch
{
    public function __construct(private BoardBook $boards, private DescribeBoards $describe, private ReadReading $read = new ReadReading())
    {
    }

    public function __invoke(string $id, string $patch, Body $body): BoardResponse
    {
        $board = $this->boards->get($id);
        $reading = $body->document()->read(function (Node $n) use ($board): array {
            $reading = $this->read->read($n);
            if (null !== ($reading['photo'] ?? null) && $this->boards->photo((string) $reading['photo'])->board->id !== $board->id) {
                $n->refuse('photo', 'This photo belongs to another board.');
            }

            return $reading;
        });

        return $this->describe->one(InvalidInput::around('/patch', fn (): StoredBoard => $this->boards->note($id, $patch, $reading)));
    }
}
