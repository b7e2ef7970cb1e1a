<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Findings;

use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Air;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Planning\WorkingTime;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Http\GivenDocuments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * Every rule by itself: what it says of work that breaks it, word by word, and that it says nothing of the like that keeps it.
 *
 * The words are in said.yaml; INLAID_WRITE=1 writes them anew, to be read by somebody who paints.
 */
final class RulesTest extends TestCase
{
    private const SAID = __DIR__.'/said.yaml';

    /** @var array<string, mixed> */
    private static array $said = [];
    private static ?GivenDocuments $given = null;

    public static function setUpBeforeClass(): void
    {
        $said = is_file(self::SAID) ? Yaml::parseFile(self::SAID) : [];
        self::$said = \is_array($said) ? $said : [];
    }

    public static function tearDownAfterClass(): void
    {
        if ('1' === getenv('INLAID_WRITE')) {
            file_put_contents(self::SAID, Yaml::dump(self::$said, 6, 2));
        }
    }

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
        $near = [...$rule->check(self::analysed($kept))];
        self::assertSame([], array_map(static fn (Finding $f): string => $f->why, $near), 'silent next door');
        $says = array_map(self::told(...), [...$rule->check(self::analysed($broken))]);
        if ('1' === getenv('INLAID_WRITE')) {
            self::$said[$name] = $says;
        }
        self::assertNotSame([], $says);
        self::assertSame(self::$said[$name] ?? null, $says);
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

    /**
     * @param array<mixed> $recipe
     */
    private static function analysed(array $recipe): RecipeAnalysis
    {
        self::$given ??= GivenDocuments::ofCatalogue();
        $read = new ReadRecipe(Given::techniques(), Given::practices(), new ReadPiece(Given::shapes()));

        return Given::analyser()->analyse($read->read(self::$given->document($recipe)), self::context($recipe));
    }

    /**
     * @param array<mixed> $recipe
     */
    private static function context(array $recipe): Context
    {
        $air = $recipe['climate'] ?? Flaws::CONTEXT['climate'];
        $shifts = [[480, 720], [780, 1020]];

        return new Context(
            now: (new \DateTimeImmutable(Flaws::CONTEXT['now']))->getTimestamp(),
            working: WorkingTime::of('Europe/Berlin', array_fill(1, 5, $shifts)),
            climate: Climate::of($air['temperature'], $air['humidity'], Air::from($air['air'])),
            units: Given::context()->units,
            measures: [],
            vessels: [],
            drop: Given::context()->drop,
            tolerance: Given::context()->tolerance,
            flame: $recipe['flame'] ?? false,
        );
    }
}
