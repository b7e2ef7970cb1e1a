<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles;

use Inlaid\App\Exchange\TemporaryFile;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\RecipesAsked;
use Inlaid\App\Store\Bundle\WriteBundle;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/bundles/{what}.zip', methods: 'GET', requirements: ['what' => 'studio|recipes'])]
#[Describe(
    'Download the whole studio, or the recipes that a search finds or that are named, with revisions, boards and photos, as a bundle',
    query: ['query' => 'string', 'archived' => 'boolean', 'wood' => 'string', 'how' => 'string', 'near' => 'string', 'ids' => 'string'],
)]
final readonly class ExportBundle
{
    /** Seconds: photos of many years. */
    private const LONGEST = 600;

    public function __construct(private WriteBundle $write, private RecipeBook $book)
    {
    }

    public function __invoke(string $what, Request $request): StreamedResponse
    {
        set_time_limit(self::LONGEST);
        $file = TemporaryFile::of();
        $this->write->write($file->path, 'studio' === $what ? null : $this->ids($request));
        set_time_limit(0); // whoever fetches it may have a slow line

        // The answer holds the file: it is gone with the answer, fetched or not.
        return new StreamedResponse(
            static fn () => readfile($file->path),
            200,
            [
                'Content-Type' => 'application/zip',
                'Content-Length' => (string) filesize($file->path),
                'Content-Disposition' => \sprintf('attachment; filename="%s-%s.inlaid.zip"', $what, date('Y-m-d')),
            ],
        );
    }

    /**
     * @return list<string>
     */
    private function ids(Request $request): array
    {
        $named = array_values(array_filter(explode(',', $request->query->getString('ids'))));

        return [] === $named
            ? $this->book->ids(RecipesAsked::of($request))
            : array_map(fn (string $id): string => $this->book->get($id)->id, $named);
    }
}
