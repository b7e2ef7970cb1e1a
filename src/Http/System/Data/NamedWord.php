<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

/**
 * A choice by its key in documents, and what a painter calls it.
 */
final readonly class NamedWord
{
    public function __construct(public string $key, public string $name)
    {
    }
}
