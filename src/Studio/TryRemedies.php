<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Recipe\CompareRecipes;

/**
 * Tries each remedy of a finding on the recipe, so that only those that help are offered; nothing is stored.
 */
final readonly class TryRemedies
{
    public function __construct(
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
        private TryEdits $try,
        private CompareRecipes $compare,
    ) {
    }

    /**
     * @param \Closure(): bool $isOver whether no more are to be tried; the first is tried in any case
     *
     * @return list<TriedRemedy>
     *
     * @throws InvalidInput if there is no such finding
     */
    public function of(RecipeDocument $before, string $key, Context $context, \Closure $isOver): array
    {
        $was = array_column(
            array_map(
                static fn (Finding $f): array => [$f->key, $f],
                $this->check->check($this->analyse->analyse($before->recipe, $context)),
            ),
            1,
            0,
        );
        $finding = $was[$key] ?? throw InvalidInput::at('/finding', 'The recipe has changed. Open the findings again.');
        $tried = [];
        foreach ($finding->remedies() as $remedy) {
            $tried[] = [] !== $tried && $isOver()
                ? TriedRemedy::no(key: $remedy->key, text: $remedy->text, outcome: Trial::Untried, why: 'There was no time to try it.')
                : $this->try(before: $before, was: $was, finding: $finding, remedy: $remedy, context: $context);
        }

        return $tried;
    }

    /**
     * @param array<string, Finding> $was by key
     */
    private function try(RecipeDocument $before, array $was, Finding $finding, Remedy $remedy, Context $context): TriedRemedy
    {
        try {
            $after = $this->try->document($before, $remedy->edits);
        } catch (InvalidInput $lacks) {
            return TriedRemedy::no(key: $remedy->key, text: $remedy->text, outcome: Trial::Lacks, why: $lacks->violations[0]->message);
        }
        $is = $this->check->check($this->analyse->analyse($after->recipe, $context));
        foreach ($is as $found) {
            if ($found->key === $finding->key) {
                return TriedRemedy::no(key: $remedy->key, text: $remedy->text, outcome: Trial::Stays, why: $found->why);
            }
        }
        if (self::weigh($is) >= self::weigh($was)) {
            $why = self::gravestNew($is, $was)->why ?? '';

            return TriedRemedy::no(key: $remedy->key, text: $remedy->text, outcome: Trial::Worse, why: $why);
        }

        return TriedRemedy::helps(
            key: $remedy->key,
            text: $remedy->text,
            document: new RawJson($after->text),
            changes: $this->compare->compare($before->recipe, $after->recipe),
        );
    }

    /**
     * @param array<Finding> $findings
     *
     * @return list<int> how many there are of each severity, the gravest first: one stop weighs more than any number of warnings
     */
    private static function weigh(array $findings): array
    {
        $of = array_fill_keys(array_map(static fn (Severity $s): int => $s->rank(), Severity::cases()), 0);
        foreach ($findings as $finding) {
            ++$of[$finding->severity->rank()];
        }
        krsort($of);

        return array_values($of);
    }

    /**
     * @param list<Finding>          $is  the gravest first
     * @param array<string, Finding> $was by key
     */
    private static function gravestNew(array $is, array $was): ?Finding
    {
        foreach ($is as $found) {
            if ($found->severity->rank() > (($was[$found->key] ?? null)?->severity->rank() ?? -1)) {
                return $found;
            }
        }

        return null;
    }
}
