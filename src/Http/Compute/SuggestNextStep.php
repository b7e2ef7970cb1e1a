<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Deadline;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\NextMove\WhereFromHere;
use Inlaid\Core\NextMove\WherePreview;
use Inlaid\Core\Recipe\InvalidRecipe;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/next-step', methods: 'POST')]
#[Describe(
    'Suggest the next steps from a half-done finish to its target, with the materials on the shelf',
    takes: NextStepRequest::class,
    gives: WherePreview::class,
)]
final readonly class SuggestNextStep
{
    private const SECONDS = 3;
    private const AT_LAST = 5;

    public function __construct(
        private ReadRecipe $read,
        private StudioContext $context,
        private MaterialShelf $shelf,
        private WhereFromHere $where,
    ) {
    }

    public function __invoke(Body $body): WherePreview
    {
        [$json, $done, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'done', 'context')->child('document')->raw(),
            $n->has('done') ? $n->string('done', 64) : null,
            $n->childOrNull('context')?->raw(),
        ]);
        $recipe = $this->read->document($json, '/document')->recipe;
        [$context] = $this->context->with($stated);
        if (null !== $done && !isset($recipe->stepsById()[$done])) {
            throw InvalidInput::at('/done', InvalidRecipe::missing('step', $done)->getMessage());
        }

        return InvalidInput::around(
            '/document/target',
            fn (): WherePreview => $this->where->find(
                $recipe,
                $done,
                array_values($this->shelf->byId()),
                $context,
                Deadline::in(self::SECONDS),
                Deadline::in(self::AT_LAST),
            ),
        );
    }
}
