<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye\Data;

use Inlaid\App\Http\Api\Field\Between;

/**
 * What was said to a question of a round: the places of both, from 0.
 */
final readonly class EyeAnswerRequest
{
    public function __construct(
        #[Between(0, 60, 'There is no such question.')]
        public int $question,
        #[Between(0, 11, 'Choose one of the answers.')]
        public int $said,
    ) {
    }
}
