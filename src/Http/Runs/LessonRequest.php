<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

/**
 * What was learned of a run, and how it came out, 1 to 5; of this version.
 */
final readonly class LessonRequest
{
    public function __construct(public int $version, public string $lesson, public ?int $rating = null)
    {
    }
}
