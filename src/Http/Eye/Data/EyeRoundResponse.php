<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye\Data;

/**
 * A round of questions. `minutes` is how long it is meant to take.
 */
final readonly class EyeRoundResponse
{
    /**
     * @param list<EyeAsked> $questions
     */
    public function __construct(public string $id, public int $minutes, public array $questions)
    {
    }
}
