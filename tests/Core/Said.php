<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Brick\Math\BigRational;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/**
 * What is worked out and said, case by case, as a file beside the test has it. INLAID_WRITE=1 writes it anew, to be read by somebody who
 * paints before it is kept.
 */
final class Said
{
    /** @var array<string, array<string, mixed>> by file */
    private static array $files = [];

    public static function assertSame(string $file, string $case, mixed $says): void
    {
        $read = static fn (): mixed => is_file($file) ? Yaml::parseFile($file) : [];
        $known = self::$files[$file] ??= \is_array($read()) ? $read() : [];
        if ('1' === getenv('INLAID_WRITE')) {
            self::$files[$file] = [$case => $says] + $known;
            ksort(self::$files[$file]);
            file_put_contents($file, Yaml::dump(self::$files[$file], 6, 2));
        }
        Assert::assertSame(self::$files[$file][$case] ?? null, $says, $case);
    }

    /**
     * Five figures of every number: more no scale shows.
     *
     * @param list<string> $without
     */
    public static function line(object $what, array $without = []): string
    {
        $plain = static function (mixed $value) use (&$plain, $without): mixed {
            return match (true) {
                $value instanceof \BackedEnum => $value->value,
                $value instanceof BigRational => (string) (float) \sprintf('%.5g', $value->toFloat()),
                \is_object($value) => array_filter(
                    array_map($plain, array_diff_key(get_object_vars($value), array_flip($without))),
                    static fn (mixed $v): bool => null !== $v && [] !== $v,
                ),
                \is_array($value) => array_map($plain, $value),
                \is_float($value) => abs($value) < 1e-9 ? 0.0 : (float) \sprintf('%.5g', $value),
                default => $value,
            };
        };

        return strtr(
            json_encode($plain($what), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES),
            ['"' => '', ',' => ', '],
        );
    }
}
