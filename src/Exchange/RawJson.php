<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

/**
 * A document kept as text and passed on unchanged; `schema` names what it is in the API description.
 */
final readonly class RawJson implements \JsonSerializable
{
    public function __construct(public string $text)
    {
    }

    public function jsonSerialize(): mixed
    {
        return Json::decode($this->text);
    }
}
