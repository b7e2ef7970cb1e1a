<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Findings;

use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Tests\Core\Analysed;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every rule by itself: what it says of work that breaks it, word by word, and that it says nothing of the like that keeps it.
 *
 * The words are in said.yaml; INLAID_WRITE=1 writes them anew, to be read by somebody who paints.
 */
final class RulesTest extends TestCase
{
    private const SAID = __DIR__.'/said.yaml';

    /**
     * @return iterable<string, array{string, Rule, array<mixed>, array<mixed>}>
     */
    public static function rules(): iterable
    {
        $rules = array_column(array_map(static fn (Rule $r): array => [$r->key(), $r], Given::rules()), 1, 0);
        foreach (Flaws::rules() as $name => [$key, $broken, $kept]) {
            yield $name => [$name, $rules[$key], $broken, $kept];
        }
    }

    /**
     * @param array<mixed> $broken
     * @param array<mixed> $kept
     */
    #[DataProvider('rules')]
    public function testARuleSaysWhatIsWrongAndNothingNextDoor(string $name, Rule $rule, array $broken, array $kept): void
    {
        $near = [...$rule->check(Analysed::of($kept))];
        self::assertSame([], array_map(static fn (Finding $f): string => $f->why, $near), 'silent next door');
        $says = array_map(self::told(...), [...$rule->check(Analysed::of($broken))]);
        self::assertNotSame([], $says);
        Said::assertSame(self::SAID, $name, $says);
    }

    public function testEveryRuleIsInTheTable(): void
    {
        $tested = array_map(static fn (array $r): string => $r[0], [...array_values(iterator_to_array(Flaws::rules()))]);
        $keys = array_map(static fn (Rule $r): string => $r->key(), Given::rules());
        self::assertEqualsCanonicalizing($keys, array_values(array_unique($tested)));
        self::assertSame(array_unique($keys), $keys);
        foreach (Given::rules() as $rule) {
            self::assertNotContains('', [$rule->name(), $rule->reason(), $rule->source()]);
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function told(Finding $f): array
    {
        return [
            'key' => $f->key,
            'severity' => $f->severity->value,
            'steps' => implode(' ', $f->steps),
            'why' => $f->why,
        ] + (null === $f->school ? [] : ['school' => $f->school]) + ($f->isMendable ? [
            'mended by' => array_map(static fn (Remedy $r): string => "$r->key: $r->text", $f->remedies()),
        ] : []);
    }
}
