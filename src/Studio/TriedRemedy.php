<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Recipe\Change;

/**
 * A remedy that has been tried: what came of it, and of one that helps the recipe as it would be, with the changes in words.
 *
 * Immutable. `why` says why it isn't offered; null of one that helps.
 */
final readonly class TriedRemedy
{
    /**
     * @param RawJson|null $document schema recipe
     * @param list<Change> $changes
     */
    private function __construct(
        public string $key,
        public string $text,
        public Trial $outcome,
        public ?string $why,
        public ?RawJson $document,
        public array $changes,
    ) {
    }

    /**
     * @param list<Change> $changes
     */
    public static function helps(string $key, string $text, RawJson $document, array $changes): self
    {
        return new self(key: $key, text: $text, outcome: Trial::Helps, why: null, document: $document, changes: $changes);
    }

    public static function no(string $key, string $text, Trial $outcome, string $why): self
    {
        return new self(key: $key, text: $text, outcome: $outcome, why: $why, document: null, changes: []);
    }
}
