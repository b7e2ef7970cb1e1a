<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;

/**
 * A question on which the trade differs; the usual answer comes first.
 */
final readonly class PracticeWord
{
    /**
     * @param list<Choice> $choices
     */
    public function __construct(public string $key, public string $question, public array $choices)
    {
    }

    public static function of(Practice $s): self
    {
        return new self($s->key(), $s->question(), $s->choices());
    }
}
