<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye\Data;

use Inlaid\Core\Eye\EyeScore;

/**
 * How well this painter's eye sees, by kind of question.
 */
final readonly class EyeResponse
{
    /**
     * @param list<EyeScore> $scores
     */
    public function __construct(public array $scores)
    {
    }
}
