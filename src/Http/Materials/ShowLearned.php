<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Studio\PatchesSeen;
use Inlaid\Core\Learn\LearnedLook;
use Inlaid\Core\Learn\LearnLook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/materials/{id}/learned', methods: 'GET')]
#[Describe('Show what board patches say about a material\'s look; stores nothing', gives: LearnedLook::class)]
final readonly class ShowLearned
{
    public function __construct(private MaterialShelf $shelf, private PatchesSeen $seen, private LearnLook $learn)
    {
    }

    public function __invoke(string $id): LearnedLook
    {
        return $this->learn->learn($this->shelf->read($id), $this->seen->with($id));
    }
}
