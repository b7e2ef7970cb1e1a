<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use PHPUnit\Framework\TestCase;

/**
 * Rounds that train the eye.
 */
final class EyeTest extends TestCase
{
    use SharesStudio;

    public function testARoundIsAskedAnsweredAndTold(): void
    {
        $before = self::$studio->json('GET', '/api/eye')->scores;
        self::assertSame([0, 0, 0, 0], array_column($before, 'answered'));
        $round = self::$studio->json('POST', '/api/eye/rounds', null, 201);
        self::assertCount(20, $round->questions);
        self::assertSame(['kind', 'asks', 'shown', 'options'], array_keys((array) $round->questions[0]), 'without the answer');
        $right = 0;
        foreach ($round->questions as $i => $question) {
            $told = self::$studio->json('POST', "/api/eye/rounds/$round->id/answers", ['question' => $i, 'said' => 0]);
            self::assertLessThan(\count($question->options), $told->truth);
            $right += 0 === $told->truth ? 1 : 0;
        }
        self::$studio->json('POST', "/api/eye/rounds/$round->id/answers", ['question' => 0, 'said' => 1]);
        $scores = self::$studio->json('GET', '/api/eye')->scores;
        self::assertSame([5, 5, 5, 5], array_column($scores, 'answered'), 'the first answer counts, and once');
        self::assertSame($right, array_sum(array_column($scores, 'right')));

        $refused = static fn (array $body, string $id = ''): \stdClass => self::$studio->json(
            'POST',
            '/api/eye/rounds/'.('' === $id ? $round->id : $id).'/answers',
            $body,
            '' === $id ? 422 : 404,
        );
        self::assertSame('/question', $refused(['question' => 20, 'said' => 0])->violations[0]->pointer);
        self::assertSame('/said', $refused(['question' => 0, 'said' => 11])->violations[0]->pointer);
        $refused(['question' => 0, 'said' => 0], 'nobody');
    }

    /** A shelf without paint has nothing to ask with, and says so. */
    public function testAnEmptyShelfIsSaid(): void
    {
        $studio = Studio::open();
        (new \SQLite3($studio->store))->exec('DELETE FROM material');
        self::assertStringContainsString('no paint', $studio->json('POST', '/api/eye/rounds', null, 422)->violations[0]->message);
        $studio->close();
    }
}
