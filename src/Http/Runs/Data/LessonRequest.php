<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Http\Api\Field\Between;

/**
 * What was learned of a run, and how it came out, 1 to 5; of this version.
 */
final readonly class LessonRequest
{
    public function __construct(
        public int $version,
        public string $lesson = '',
        #[Between(1, 5, 'Enter a rating from 1 to 5')]
        public ?int $rating = null,
    ) {
    }
}
