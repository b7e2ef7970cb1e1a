<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

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
}
