<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Boards;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Picture\TakePicture;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Boards\Data\BoardResponse;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\Entity\StoredPhoto;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/boards/{id}/patches/{patch}/photos', methods: 'POST')]
#[Describe(
    'Add a photo of a patch: JPEG, PNG or WebP; it is re-encoded without metadata',
    takes: Describe::PICTURE,
    gives: BoardResponse::class,
    status: 201,
)]
final readonly class AddPhoto
{
    public function __construct(private BoardBook $boards, private TakePicture $take, private DescribeBoards $describe)
    {
    }

    public function __invoke(string $id, string $patch, Request $request): BoardResponse
    {
        $picture = $this->take->take($request->getContent());

        return $this->describe->one(
            InvalidInput::around('/patch', fn (): StoredPhoto => $this->boards->addPhoto($id, $patch, $picture))->board,
        );
    }
}
