<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Core\Given;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/**
 * The schema file and the hand-written reader take and refuse the same documents, and old files stay readable.
 */
final class FormatTest extends TestCase
{
    public function testTheGoldenFileOfVersionOneIsRead(): void
    {
        $recipe = (new ReadRecipe(Given::techniques(), Given::schools()))->read($this->golden());
        self::assertSame(['Golden ticket rack', 4], [$recipe->title, \count($recipe->steps)]);
    }

    /**
     * Every field of the golden document in turn is taken away, made another type, and given a neighbour nobody knows.
     */
    public function testSchemaAndReaderAgree(): void
    {
        $reader = new ReadRecipe(Given::techniques(), Given::schools());
        $schema = $this->validator();
        self::assertTrue($schema->validate($this->golden(), 'https://inlaid.invalid/recipe.schema.json')->isValid());
        $tried = 0;
        foreach ($this->places($this->golden()) as $place) {
            foreach (['unknown', 'missing', 'other type'] as $how) {
                $spoilt = $this->spoil($place, $how);
                $bySchema = $schema->validate($spoilt, 'https://inlaid.invalid/recipe.schema.json')->isValid();
                try {
                    $reader->read($spoilt);
                    $byReader = true;
                } catch (Refused) {
                    $byReader = false;
                }
                ++$tried;
                self::assertTrue($bySchema || !$byReader, implode('/', $place)." ($how): the schema refuses what the reader takes");
                self::assertTrue($byReader || !$bySchema || 'missing' === $how, implode('/', $place)." ($how): the reader refuses what the schema takes");
            }
        }
        self::assertGreaterThan(150, $tried);
    }

    private function validator(): Validator
    {
        $validator = new Validator();
        foreach (glob(\dirname(__DIR__, 2).'/docs/formats/*.schema.json') ?: [] as $file) {
            $schema = Json::decode((string) file_get_contents($file));
            \assert($schema instanceof \stdClass);
            $schema->{'$id'} = 'https://inlaid.invalid/'.basename($file);
            $validator->resolver()?->registerRaw($schema);
        }

        return $validator;
    }

    private function golden(): \stdClass
    {
        $json = Json::decode((string) file_get_contents(__DIR__.'/golden/recipe-1.json'));
        \assert($json instanceof \stdClass);

        return $json;
    }

    /**
     * @return iterable<non-empty-list<int|string>> every place that has a field
     */
    private function places(mixed $json): iterable
    {
        foreach ($json instanceof \stdClass ? get_object_vars($json) : (\is_array($json) ? $json : []) as $key => $value) {
            if ($json instanceof \stdClass) {
                yield [$key];
            }
            foreach ($this->places($value) as $place) {
                yield [$key, ...$place];
            }
        }
    }

    /**
     * @param non-empty-list<int|string> $place
     */
    private function spoil(array $place, string $how): \stdClass
    {
        $json = $this->golden();
        $at = $json;
        foreach (\array_slice($place, 0, -1) as $key) {
            $at = $at instanceof \stdClass ? $at->{$key} : (\is_array($at) ? $at[$key] : null);
        }
        \assert($at instanceof \stdClass);
        $last = (string) $place[\count($place) - 1];
        match ($how) {
            'unknown' => $at->nobodyKnows = true,
            'other type' => $at->{$last} = [[]],
            default => null,
        };
        if ('missing' === $how) {
            unset($at->{$last});
        }

        return $json;
    }
}
