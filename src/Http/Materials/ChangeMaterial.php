<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Materials\Data\MaterialRequest;
use Inlaid\App\Http\Materials\Data\MaterialResponse;
use Inlaid\App\Store\MaterialShelf;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/materials/{id}', methods: 'PUT')]
#[Describe('Change a material; 409 with the newer one if it has changed', takes: MaterialRequest::class, gives: MaterialResponse::class)]
final readonly class ChangeMaterial
{
    public function __construct(private MaterialShelf $shelf, private ReadMaterial $read)
    {
    }

    public function __invoke(string $id, MaterialRequest $asked): MaterialResponse
    {
        $material = $asked->material->read($this->read->read(...));

        return $material->id === $id
            ? MaterialResponse::of($this->shelf->change($material))
            : throw InvalidInput::at('/material/id', 'The id differs from the address.');
    }
}
