<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye\Data;

use Inlaid\Core\Eye\EyeKind;
use Inlaid\Core\Eye\EyeQuestion;
use Inlaid\Core\Eye\EyeSwatch;

/**
 * Something a painter's eye is asked, without its answer.
 */
final readonly class EyeAsked
{
    /**
     * @param list<EyeSwatch> $shown
     * @param list<string>    $options
     */
    private function __construct(public EyeKind $kind, public string $asks, public array $shown, public array $options)
    {
    }

    public static function of(EyeQuestion $q): self
    {
        return new self(kind: $q->kind, asks: $q->kind->asks(), shown: $q->shown, options: $q->options);
    }
}
