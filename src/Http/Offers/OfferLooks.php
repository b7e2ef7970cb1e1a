<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\ClientAddress;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\OfferedRequest;
use Inlaid\App\Http\Offers\Data\OfferRequest;
use Inlaid\App\Http\Offers\Data\OfferResponse;
use Inlaid\App\Store\OfferBook;
use Inlaid\App\Store\OfferedLook;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Studio\PaintRecipe;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/offers', methods: 'POST')]
#[Describe('Create a client link to finished pieces', takes: OfferRequest::class, gives: OfferResponse::class, status: 201)]
final readonly class OfferLooks
{
    private const LABELS = 'ABCD';

    public function __construct(
        private OfferBook $offers,
        private RecipeBook $book,
        private ReadRecipe $read,
        private PaintRecipe $paint,
        private ClientAddress $address,
    ) {
    }

    public function __invoke(OfferRequest $asked, Request $request): OfferResponse
    {
        $looks = array_map(function (OfferedRequest $o, int $i): OfferedLook {
            $made = $this->document($o, "/looks/$i");

            return new OfferedLook(
                label: self::LABELS[$i],
                name: $o->name,
                recipe: $o->recipe,
                document: Json::decode($made->text),
                painting: $this->paint->paint($made->recipe),
            );
        }, $asked->looks, array_keys($asked->looks));
        [$offer, $secret] = $this->offers->offer(
            $asked->title,
            [] === $looks ? throw InvalidInput::at('/looks', 'Choose what to show.') : $looks,
            $asked->days,
        );

        return new OfferResponse(
            $offer->id,
            $this->address->of('/choose/'.$secret, $request),
            $offer->expiresAt,
        );
    }

    private function document(OfferedRequest $offered, string $pointer): RecipeDocument
    {
        if (null !== $offered->recipe) {
            return $this->read->document(Json::decode($this->book->get($offered->recipe)->draft->document), $pointer);
        }

        return $this->read->document(
            null === $offered->document ? throw InvalidInput::at($pointer, 'Name a recipe, or send one.') : $offered->document->json,
            $pointer.'/document',
        );
    }
}
