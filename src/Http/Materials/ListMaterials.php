<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Materials;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Http\Materials\Data\MaterialList;
use Inlaid\App\Http\Materials\Data\MaterialResponse;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\Core\Material\MaterialKind;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/materials', methods: 'GET')]
#[Describe(
    'List or search the materials on the shelf',
    gives: MaterialList::class,
    query: ['query' => 'string', 'kind' => 'string', 'archived' => 'boolean', 'page' => 'integer'],
)]
final readonly class ListMaterials
{
    private const PAGE = 200;

    public function __construct(private MaterialShelf $shelf)
    {
    }

    public function __invoke(Request $request): MaterialList
    {
        $page = PageRequest::of($request);
        $named = $request->query->getString('kind');
        $kind = '' === $named
            ? null
            : MaterialKind::tryFrom($named) ?? throw new Problem(
                400,
                'which-kind',
                \sprintf('Choose a kind: %s', implode(', ', array_column(MaterialKind::cases(), 'value'))),
            );
        [$total, $found] = $this->shelf->search(
            query: $request->query->getString('query'),
            kind: $kind,
            archived: 'true' === $request->query->getString('archived'),
            page: $page,
            size: self::PAGE,
        );

        return new MaterialList(total: $total, page: $page, pageSize: self::PAGE, materials: array_map(MaterialResponse::of(...), $found));
    }
}
