<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Looks;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\BoardBook;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\PhotoLine;
use Inlaid\App\Store\ShareBook;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/looks/{secret}/patches/{patch}/photos/{number}', name: 'look_photo', methods: 'GET', requirements: ['number' => '\d{1,9}'])]
#[Describe('Show a photo over a client link', gives: Describe::PICTURE)]
final readonly class ShowLookPhoto
{
    public function __construct(private ShareBook $shares, private BoardBook $boards)
    {
    }

    public function __invoke(string $secret, string $patch, int $number): Response
    {
        $photos = array_values(array_filter(
            $this->boards->photos($this->shares->open($secret)->board),
            static fn (PhotoLine $p): bool => $p->patch === $patch,
        ));

        return new Response(
            $this->boards->photo(($photos[$number] ?? throw NotFound::of('photo', (string) $number))->id)->bytes(),
            200,
            ['Content-Type' => 'image/jpeg'],
        );
    }
}
