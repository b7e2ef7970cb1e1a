<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Prep\PrepLine;
use Inlaid\Core\Prep\ProposePrep;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Takes what is proposed, line by line or whole: each line goes where its work belongs.
 */
#[Route('/api/compute/prep', methods: 'POST')]
#[Describe('Add suggested preparation to a recipe', takes: PrepRequest::class, gives: FixResponse::class)]
final readonly class ComputePrep
{
    public function __construct(
        private ReadRecipe $read,
        private StudioContext $context,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
        private ProposePrep $prep,
        private TryEdits $try,
    ) {
    }

    public function __invoke(Body $body): FixResponse
    {
        [$json, $keys, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'take', 'context')->child('document')->raw(),
            $n->list('take', static fn (Node $k): string => $k->asString(80), 100),
            $n->childOrNull('context')?->raw(),
        ]);
        $before = $this->read->document($json, '/document');
        [$context] = $this->context->with($stated);
        $whole = $this->analyse->analyse($before->recipe, $context);
        $taken = $this->lines($this->prep->propose($whole, $this->check->check($whole)), $keys);

        return $this->try->on($before, array_map(static fn (PrepLine $l): Edit => Edit::insert($l->step, $l->before), $taken), $context);
    }

    /**
     * @param list<PrepLine> $proposed
     * @param list<string>   $keys
     *
     * @return non-empty-list<PrepLine> in the order of the work, whatever that of the keys
     *
     * @throws InvalidInput if a key names no line, or there is none
     */
    private function lines(array $proposed, array $keys): array
    {
        $known = array_map(static fn (PrepLine $l): string => $l->key, $proposed);
        foreach ($keys as $i => $key) {
            \in_array($key, $known, true) || throw InvalidInput::at("/take/$i", 'No longer suggested: the recipe has changed.');
        }
        $taken = array_values(array_filter($proposed, static fn (PrepLine $l): bool => \in_array($l->key, $keys, true)));

        return [] === $taken ? throw InvalidInput::at('/take', 'Choose the lines to add.') : $taken;
    }
}
