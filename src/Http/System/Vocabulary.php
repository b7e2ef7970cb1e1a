<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

/**
 * The words of the trade this program knows: techniques, and questions on which schools differ.
 */
final readonly class Vocabulary
{
    /**
     * @param list<TechniqueWord> $techniques
     * @param list<SchoolWord>    $schools
     */
    public function __construct(public array $techniques, public array $schools)
    {
    }
}
