<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Eye\EyeAnswer;
use Inlaid\Core\Eye\EyeKind;
use Inlaid\Core\Eye\EyeQuestion;
use Inlaid\Core\Eye\EyeSwatch;

/**
 * A round in which the painter's eye was trained.
 *
 * Immutable. `answers` by the place of the question: what was said, and when in seconds.
 */
final readonly class EyeRound
{
    private const MOST = 60;

    /**
     * @param list<EyeQuestion>           $questions
     * @param array<int, array{int, int}> $answers
     */
    public function __construct(public array $questions, public array $answers = [])
    {
    }

    public static function read(Node $n): self
    {
        $swatch = static fn (Node $s): EyeSwatch => new EyeSwatch(
            $s->fields('label', 'colours', 'grounds')->string('label', 40),
            $s->list('colours', static fn (Node $c): string => $c->asString(7), 2),
            $s->list('grounds', static fn (Node $c): string => $c->asString(7), 2),
        );
        $questions = $n->fields('questions', 'answers')->list('questions', static fn (Node $q): EyeQuestion => new EyeQuestion(
            kind: $q->fields('kind', 'shown', 'options', 'truth', 'says')->enum('kind', EyeKind::class),
            shown: $q->list('shown', $swatch, 4),
            options: $q->list('options', static fn (Node $o): string => $o->asString(40), 12),
            truth: $q->int('truth'),
            says: $q->string('says', 300),
        ), self::MOST);
        $answers = [];
        foreach ($n->list('answers', static fn (Node $a): array => [
            $a->fields('question', 'said', 'at')->int('question'),
            $a->int('said'),
            $a->int('at'),
        ], self::MOST) as [$question, $said, $at]) {
            $answers[$question] = [$said, $at];
        }

        return new self($questions, $answers);
    }

    public function written(): string
    {
        return Json::encode(['questions' => $this->questions, 'answers' => array_map(
            static fn (int $question, array $a): array => ['question' => $question, 'said' => $a[0], 'at' => $a[1]],
            array_keys($this->answers),
            array_values($this->answers),
        )]);
    }

    /** With an answer; the first to a question counts. */
    public function answered(int $question, int $said, int $at): self
    {
        return new self($this->questions, $this->answers + [$question => [$said, $at]]);
    }

    /**
     * @return list<EyeAnswer>
     */
    public function told(): array
    {
        $told = [];
        foreach ($this->answers as $question => [$said, $at]) {
            if (isset($this->questions[$question])) {
                $told[] = new EyeAnswer(
                    kind: $this->questions[$question]->kind,
                    at: $at,
                    truth: $this->questions[$question]->truth,
                    said: $said,
                );
            }
        }

        return $told;
    }
}
