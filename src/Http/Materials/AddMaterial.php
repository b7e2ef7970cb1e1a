<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Materials\Data\MaterialRequest;
use Inlaid\App\Http\Materials\Data\MaterialResponse;
use Inlaid\App\Store\MaterialShelf;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Ulid;

#[Route('/api/materials', methods: 'POST')]
#[Describe('Add a material to the shelf', takes: MaterialRequest::class, gives: MaterialResponse::class, status: 201)]
final readonly class AddMaterial
{
    public function __construct(private MaterialShelf $shelf, private ReadMaterial $read)
    {
    }

    public function __invoke(MaterialRequest $asked): MaterialResponse
    {
        $json = $asked->material->json;
        if (!$json instanceof \stdClass) {
            throw InvalidInput::at('/material', 'Must be an object');
        }
        $json->id = (string) new Ulid();
        $json->version = 1;
        $this->shelf->put(Node::read($json, $this->read->read(...), '/material'));

        return MaterialResponse::of($this->shelf->get($json->id));
    }
}
