<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\TestCase;

/**
 * What is found by its name.
 */
final class NamesTest extends TestCase
{
    use SharesStudio;

    /** A part of the name, whatever its case, of every kind; the latest first, five of each; what is archived is not found. */
    public function testEverythingIsFoundByAPartOfItsName(): void
    {
        $slate = $this->found('sLAte');
        self::assertNotSame([], $slate['material']);
        self::assertNotSame([], $slate['board']);
        foreach ($slate as $names) {
            self::assertLessThanOrEqual(5, \count($names));
            foreach ($names as $name) {
                self::assertStringContainsStringIgnoringCase('slate', $name);
            }
        }
        self::assertSame([], $this->found('% of nothing_'));
        $all = $this->found('');
        self::assertSame(['job', 'board', 'pot', 'material'], array_keys($all));
        self::assertCount(5, $all['material']);
        $jobs = array_map(
            static fn (\stdClass $r): string => $r->title,
            \array_slice(self::$studio->json('GET', '/api/runs')->runs, 0, \count($all['job'])),
        );
        self::assertSame($jobs, array_values($all['job']), 'the latest first');

        $board = array_key_first($slate['board']);
        self::$studio->json('PUT', "/api/boards/$board/archive", ['archived' => true]);
        self::assertArrayNotHasKey($board, $this->found('slate')['board'] ?? []);
    }

    /**
     * @return array<string, array<string, string>> names by kind and id
     */
    private function found(string $query): array
    {
        $found = [];
        foreach (self::$studio->json('GET', '/api/names?query='.rawurlencode($query))->found as $named) {
            $found[$named->kind][$named->id] = $named->name;
        }

        return $found;
    }
}
