<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;

/**
 * JSON in and out. Value objects become objects of their public properties; exact numbers and colours become text.
 */
final class Json
{
    private const FLAGS = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION;

    public static function encode(mixed $value, bool $pretty = false): string
    {
        // What is worked out is thousands of small objects, which PHP writes faster by itself.
        return json_encode($value instanceof WorkedOut ? $value : self::plain($value), self::FLAGS | ($pretty ? \JSON_PRETTY_PRINT : 0));
    }

    /**
     * Objects stay objects, so that {} and [] remain what they were.
     *
     * @throws \JsonException
     */
    public static function decode(string $text): mixed
    {
        return json_decode($text, false, 64, \JSON_THROW_ON_ERROR);
    }

    /**
     * A document that is an object, as all are that are stored.
     *
     * @throws \JsonException where it is none
     */
    public static function object(string $text): \stdClass
    {
        $json = self::decode($text);

        return $json instanceof \stdClass ? $json : throw new \JsonException('This document is not an object.');
    }

    /**
     * A part of a document that is an object.
     *
     * @throws \JsonException where there is none
     */
    public static function child(\stdClass $of, string $name): \stdClass
    {
        $child = $of->{$name} ?? null;

        return $child instanceof \stdClass ? $child : throw new \JsonException("This document has no “{$name}”.");
    }

    /** The same again, to be changed. */
    public static function copy(\stdClass $of): \stdClass
    {
        return self::object(self::encode($of));
    }

    /**
     * The objects of a list of another; none where there is no such list.
     *
     * @return list<\stdClass>
     */
    public static function objects(\stdClass $of, string $name): array
    {
        $list = $of->{$name} ?? null;

        return array_values(array_filter(\is_array($list) ? $list : [], static fn (mixed $v): bool => $v instanceof \stdClass));
    }

    /**
     * Only scalars, arrays and objects of those.
     */
    public static function plain(mixed $value): mixed
    {
        return match (true) {
            \is_array($value) => array_map(self::plain(...), $value),
            !\is_object($value), $value instanceof \stdClass => $value,
            $value instanceof \BackedEnum => $value->value,
            $value instanceof BigRational => ExactNumber::exact($value),
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            $value instanceof \JsonSerializable => $value->jsonSerialize(),
            default => (object) array_map(self::plain(...), get_object_vars($value)),
        };
    }
}
