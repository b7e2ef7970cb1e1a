<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;

/**
 * Applies a fix that a finding offers, and looks whether it helps; nothing is stored.
 */
final readonly class ApplyFix
{
    public function __construct(private AnalyseRecipe $analyse, private CheckRecipe $check, private TryEdits $try)
    {
    }

    /**
     * @throws InvalidInput if there is no such finding or fix
     * @throws FixRefused   if the finding stays, or a worse one appears
     */
    public function apply(RecipeDocument $before, string $finding, string $fix, Context $context): FixResponse
    {
        $was = $this->check->check($this->analyse->analyse($before->recipe, $context));
        $fixed = $this->try->on($before, $this->remedy($was, $finding, $fix)->edits, $context);
        $this->verify($was, $fixed->preview->findings, $finding);

        return $fixed;
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
     * @throws FixRefused if the remedy would not help, or make matters worse
     */
    private function verify(array $was, array $is, string $key): void
    {
        $old = array_column(array_map(static fn (Finding $f): array => [$f->key, $f], $was), 1, 0);
        foreach ($is as $finding) {
            if ($finding->key === $key) {
                throw new FixRefused('remedy-does-not-help', 'This fix doesn\'t clear the finding: '.$finding->why);
            }
            if ($finding->severity->rank() > max($old[$key]->severity->rank(), ($old[$finding->key] ?? null)?->severity->rank() ?? 0)) {
                throw new FixRefused('remedy-makes-worse', 'This fix causes a worse finding: '.$finding->why);
            }
        }
    }
}
