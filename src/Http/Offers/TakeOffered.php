<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Offers;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Offers\Data\OfferTaken;
use Inlaid\App\Http\Offers\Data\TakeOfferedRequest;
use Inlaid\App\Store\OfferBook;
use Inlaid\App\Store\OfferedLook;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/offers/{id}/recipes', methods: 'POST')]
#[Describe('Make a recipe of a piece that a client was shown', takes: TakeOfferedRequest::class, gives: OfferTaken::class, status: 201)]
final readonly class TakeOffered
{
    public function __construct(private OfferBook $offers, private RecipeBook $book, private ReadRecipe $read)
    {
    }

    public function __invoke(string $id, TakeOfferedRequest $asked): OfferTaken
    {
        $looks = array_column(OfferedLook::all($this->offers->get($id)->looks), null, 'label');
        $look = $looks[$asked->label] ?? throw InvalidInput::at('/label', 'There is no such piece.');

        return new OfferTaken($this->book->add($this->read->document($look->document))->id);
    }
}
