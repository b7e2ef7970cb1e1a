<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Sheen;
use Inlaid\Core\Measure\InvalidMeasure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The reader that knows where it is: what each kind of field takes, what it says of the rest, and where.
 */
final class NodeTest extends TestCase
{
    /**
     * @return iterable<string, array{\Closure(Node): mixed, string, mixed}>
     */
    public static function taken(): iterable
    {
        yield 'text' => [static fn (Node $n): mixed => $n->string('a'), '" two words "', ' two words '];
        yield 'text that may be missing' => [static fn (Node $n): mixed => $n->text('b'), '1', ''];
        yield 'lines of text' => [static fn (Node $n): mixed => $n->text('a'), '"one\ntwo\tthree"', "one\ntwo\tthree"];
        yield 'an id' => [static fn (Node $n): mixed => $n->id('a'), '"s4-b"', 's4-b'];
        yield 'a whole number' => [static fn (Node $n): mixed => $n->int('a'), '7', 7];
        yield 'a whole number written with a point' => [static fn (Node $n): mixed => $n->int('a'), '7.0', 7];
        yield 'a number that may be missing' => [static fn (Node $n): mixed => $n->intOrNull('b'), '1', null];
        yield 'null is missing' => [static fn (Node $n): mixed => $n->floatOrNull('a'), 'null', null];
        yield 'its usual value where missing' => [static fn (Node $n): mixed => $n->int('b', 3), '1', 3];
        yield 'a number' => [static fn (Node $n): mixed => $n->float('a'), '3', 3.0];
        yield 'yes' => [static fn (Node $n): mixed => $n->bool('a'), 'true', true];
        yield 'a choice' => [static fn (Node $n): mixed => $n->enum('a', Sheen::class), '"matt"', Sheen::Matt];
        yield 'a list' => [
            static fn (Node $n): mixed => $n->list('a', static fn (Node $i): float => $i->asFloat()),
            '[1, 2.5]',
            [1.0, 2.5],
        ];
        yield 'a map' => [
            static fn (Node $n): mixed => $n->map('a', static fn (Node $i): string => $i->asString()),
            '{"x": "1", "0": "2"}',
            ['x' => '1', 0 => '2'],
        ];
        yield 'an empty object' => [static fn (Node $n): mixed => $n->child('a')->fields('x')->has('x'), '{}', false];
    }

    /**
     * @param \Closure(Node): mixed $read
     */
    #[DataProvider('taken')]
    public function testTakes(\Closure $read, string $json, mixed $value): void
    {
        self::assertSame($value, Node::read(Json::decode("{\"a\": $json}"), $read));
    }

    public function testAnExactNumberTravelsAsText(): void
    {
        $read = static fn (Node $n): BigRational => $n->exact('a');
        self::assertTrue(Node::read(Json::decode('{"a": "1/3"}'), $read)->isEqualTo('1/3'));
        self::assertSame(['/a' => 'Enter an exact number as text, for example "1/3" or "43.7"'], $this->complaints('{"a": 0.1}', $read));
    }

    /**
     * @return iterable<string, array{\Closure(Node): mixed, string, string, string}>
     */
    public static function refused(): iterable
    {
        yield 'a number for text' => [static fn (Node $n): mixed => $n->string('a'), '4', '/a', 'Enter text'];
        yield 'blank text' => [static fn (Node $n): mixed => $n->string('a'), '"  "', '/a', 'Required'];
        yield 'long text' => [static fn (Node $n): mixed => $n->string('a', 3), '"abcd"', '/a', 'Maximum 3'];
        yield 'letters count, not bytes' => [static fn (Node $n): mixed => $n->string('a', 3), '"½½½½"', '/a', 'Maximum 3'];
        yield 'characters that are none' => [static fn (Node $n): mixed => $n->string('a'), '"a\u0000b"', '/a', 'control characters'];
        yield 'an id with a blank' => [static fn (Node $n): mixed => $n->id('a'), '"a b"', '/a', 'letters, digits and hyphens'];
        yield 'an id with a slash' => [static fn (Node $n): mixed => $n->id('a'), '"../x"', '/a', 'letters, digits and hyphens'];
        yield 'half a coat' => [static fn (Node $n): mixed => $n->int('a'), '1.5', '/a', 'whole number'];
        yield 'text for a number' => [static fn (Node $n): mixed => $n->float('a'), '"4"', '/a', 'Enter a number'];
        yield 'more than a number holds' => [static fn (Node $n): mixed => $n->float('a'), '1e999', '/a', 'Enter a number'];
        yield 'a whole number without end' => [static fn (Node $n): mixed => $n->int('a'), '1e300', '/a', 'whole number'];
        yield 'one for yes' => [static fn (Node $n): mixed => $n->bool('a'), '1', '/a', 'true or false'];
        yield 'no such choice' => [static fn (Node $n): mixed => $n->enum('a', Sheen::class), '"shiny"', '/a', 'one of: chalky, matt'];
        yield 'a list for a choice' => [static fn (Node $n): mixed => $n->enum('a', Sheen::class), '["matt"]', '/a', 'one of'];
        yield 'an object for a list' => [
            static fn (Node $n): mixed => $n->list('a', static fn (Node $i): string => $i->asString()),
            '{}',
            '/a',
            'Must be a list',
        ];
        yield 'too long a list' => [
            static fn (Node $n): mixed => $n->list('a', static fn (Node $i): string => $i->asString(), 2),
            '["", "", ""]',
            '/a',
            'Maximum 2',
        ];
        yield 'an item of a list' => [
            static fn (Node $n): mixed => $n->list('a', static fn (Node $i): string => $i->asString()),
            '["x", 4]',
            '/a/1',
            'Enter text',
        ];
        yield 'a list for an object' => [static fn (Node $n): mixed => $n->child('a')->string('b'), '[]', '/a', 'Must be an object'];
        yield 'missing deep down' => [
            static fn (Node $n): mixed => $n->child('a')->child('b')->string('c'),
            '{"b": {}}',
            '/a/b/c',
            'Missing',
        ];
        yield 'a name with a slash and a tilde' => [
            static fn (Node $n): mixed => $n->child('a')->fields('b'),
            '{"x/y~z": 1}',
            '/a/x~1y~0z',
            'Unknown field “x/y~z”',
        ];
        yield 'what the core refuses' => [
            static fn (Node $n): mixed => $n->make(static fn () => throw InvalidMeasure::negativeAmount(), 'a'),
            '1',
            '/a',
            'can\'t be negative',
        ];
    }

    /**
     * @param \Closure(Node): mixed $read
     */
    #[DataProvider('refused')]
    public function testRefusesAtItsPlace(\Closure $read, string $json, string $pointer, string $says): void
    {
        $complaints = $this->complaints("{\"a\": $json}", $read);
        self::assertSame([$pointer], array_keys($complaints));
        self::assertStringContainsString($says, $complaints[$pointer]);
    }

    /**
     * One wrong item ends the reading of itself only: the others are still looked at, up to fifty complaints.
     */
    public function testGoesOnAfterAnErrorAndStopsAtFifty(): void
    {
        $read = static fn (Node $n): array => $n->list(
            'a',
            static fn (Node $i): array => [$i->fields('x')->int('x'), $i->string('y')],
            500,
        );
        self::assertSame(
            ['/a/0/y', '/a/0/x', '/a/2/x'],
            array_keys($this->complaints(
                '{"a": [{"x": "1", "y": ""}, {"x": 1}, {}]}',
                static fn (Node $n): array => $n->list('a', static fn (Node $i): int => $i->fields('x')->int('x')),
            )),
        );
        self::assertCount(50, $this->complaints(Json::encode(['a' => array_fill(0, 300, ['x' => 'no'])]), $read));
    }

    /**
     * @param \Closure(Node): mixed $read
     *
     * @return array<string, string> message by pointer
     */
    private function complaints(string $json, \Closure $read): array
    {
        try {
            Node::read(Json::decode($json), $read);
        } catch (InvalidInput $refused) {
            return array_column($refused->violations, 'message', 'pointer');
        }
        self::fail('It was taken.');
    }
}
