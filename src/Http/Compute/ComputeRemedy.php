<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/compute/remedy', methods: 'POST')]
#[Describe(
    'Apply a fix to a recipe; refused if the finding stays or a worse one appears',
    takes: RemedyRequest::class,
    gives: FixResponse::class,
)]
final readonly class ComputeRemedy
{
    public function __construct(
        private ReadRecipe $read,
        private StudioContext $context,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
        private TryEdits $try,
    ) {
    }

    public function __invoke(Body $body): FixResponse
    {
        [$json, $key, $which, $stated] = $body->read(static fn (Node $n): array => [
            $n->fields('document', 'finding', 'remedy', 'context')->child('document')->raw(),
            $n->string('finding'),
            $n->string('remedy'),
            $n->childOrNull('context')?->raw(),
        ]);
        $before = $this->read->document($json, '/document');
        [$context] = $this->context->with($stated);
        $was = $this->check->check($this->analyse->analyse($before->recipe, $context));
        $remedy = $this->remedy($was, $key, $which);
        $remedied = $this->try->on($before, $remedy->edits, $context);
        $this->verify($was, $remedied->preview->findings, $key);

        return $remedied;
    }

    /**
     * @param list<Finding> $findings
     *
     * @throws InvalidInput if there is no such finding or remedy
     */
    private function remedy(array $findings, string $finding, string $remedy): Remedy
    {
        foreach ($findings as $found) {
            foreach ($found->key === $finding ? $found->remedies : [] as $offered) {
                if ($offered->key === $remedy) {
                    return $offered;
                }
            }
        }

        throw InvalidInput::at(
            [] === array_filter($findings, static fn (Finding $f): bool => $f->key === $finding) ? '/finding' : '/remedy',
            'The recipe has changed. Open the findings again.',
        );
    }

    /**
     * @param list<Finding> $was
     * @param list<Finding> $is
     *
     * @throws Problem if the remedy would not help, or make matters worse
     */
    private function verify(array $was, array $is, string $key): void
    {
        $old = array_column(array_map(static fn (Finding $f): array => [$f->key, $f], $was), 1, 0);
        foreach ($is as $finding) {
            if ($finding->key === $key) {
                throw new Problem(422, 'remedy-does-not-help', 'This fix doesn\'t clear the finding: '.$finding->why);
            }
            if ($finding->gravity->rank() > max($old[$key]->gravity->rank(), ($old[$finding->key] ?? null)?->gravity->rank() ?? 0)) {
                throw new Problem(422, 'remedy-makes-worse', 'This fix causes a worse finding: '.$finding->why);
            }
        }
    }
}
