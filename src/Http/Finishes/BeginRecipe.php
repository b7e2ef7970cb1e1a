<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes;

use Inlaid\App\Exchange\Catalogue\LoadFamilies;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Finishes\Data\BeginRequest;
use Inlaid\App\Http\Finishes\Data\Begun;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Studio\BeginFinish;
use Inlaid\Core\Design\Setting;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/finishes', methods: 'POST')]
#[Describe('Make a whole recipe of a finish for a piece, with its preparation', takes: BeginRequest::class, gives: Begun::class)]
final readonly class BeginRecipe
{
    public function __construct(
        private LoadFamilies $families,
        private BeginFinish $begin,
        private MaterialShelf $shelf,
        private ReadContext $context,
        private PreviewRecipe $preview,
    ) {
    }

    public function __invoke(BeginRequest $asked): Begun
    {
        $family = $this->families->named($asked->family) ?? throw InvalidInput::at('/family', 'There is no such finish.');
        $steps = array_column($family->steps, null, 'id');
        $chosen = [];
        foreach ($asked->chosen as $c) {
            $chosen[$c->step] = Setting::usual(
                $steps[$c->step] ?? throw InvalidInput::at('/chosen', 'There is no such step.'),
                [$c->material => 1],
            );
        }
        $context = $this->context->stated($asked->context);
        $made = $this->begin->begin(
            family: $family,
            piece: $asked->piece->json,
            chosen: $chosen,
            shelf: $this->shelf->byId(),
            context: $context,
        );

        return new Begun(new RawJson($made->text), $this->preview->preview($made->recipe, $context));
    }
}
