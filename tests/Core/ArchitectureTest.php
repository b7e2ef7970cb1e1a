<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Inlaid\Tests\Architecture\Rooms;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The core stays free of framework, database, clock, randomness and I/O, and every file is strict.
 */
final class ArchitectureTest extends TestCase
{
    private const ALLOWED_NAMESPACES = '/^(Inlaid\\\\Core\\\\|Inlaid\\\\Core$|Brick\\\\Math\\\\)/';
    private const FORBIDDEN_CALLS = [
        'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'getdate', 'localtime', 'usleep', 'sleep',
        'rand', 'mt_rand', 'random_int', 'random_bytes', 'shuffle', 'array_rand', 'uniqid', 'lcg_value', 'str_shuffle',
        'fopen',
        'file',
        'file_get_contents',
        'file_put_contents',
        'readfile',
        'glob',
        'scandir',
        'opendir',
        'unlink',
        'mkdir',
        'exec',
        'shell_exec',
        'system',
        'passthru',
        'proc_open',
        'popen',
        'curl_init',
        'fsockopen',
        'stream_socket_client',
        'getenv',
        'print_r',
        'var_dump',
        'error_log',
    ];

    public function testNoLineIsLongerThanAScreenIsWide(): void
    {
        foreach (['core', 'src', 'tests'] as $folder) {
            foreach ($this->files($folder) as $file) {
                foreach (explode("\n", (string) file_get_contents($file)) as $number => $line) {
                    self::assertLessThanOrEqual(140, mb_strlen($line), "$file, line ".($number + 1));
                }
            }
        }
    }

    public function testTheCoreKnowsNothingButItself(): void
    {
        $seen = 0;
        foreach ($this->files('core') as $file) {
            $tokens = \PhpToken::tokenize((string) file_get_contents($file));
            foreach ($tokens as $i => $token) {
                ++$seen;
                $next = ltrim($tokens[$i + 1]->text ?? '').($tokens[$i + 2]->text ?? '');
                if ($token->is([\T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED])) {
                    $name = ltrim($token->text, '\\');
                    self::assertTrue(!str_contains($name, '\\') || 1 === preg_match(self::ALLOWED_NAMESPACES, $name), "$file uses $name");
                    self::assertFalse(
                        str_starts_with($next, '(') && \in_array(strtolower($name), self::FORBIDDEN_CALLS, true),
                        "$file calls $name",
                    );
                }
                if (
                    $token->is(\T_STRING)
                    && str_starts_with($next, '(')
                    && !\in_array($tokens[$i - 1]->text, ['->', '?->', '::'], true)
                    && !\in_array($tokens[$i - 2]->text ?? '', ['function', 'new'], true)
                ) {
                    self::assertNotContains(strtolower($token->text), self::FORBIDDEN_CALLS, "$file calls $token->text");
                }
                self::assertFalse(
                    $token->is([\T_ECHO, \T_PRINT, \T_GLOBAL, \T_INCLUDE, \T_REQUIRE, \T_REQUIRE_ONCE, \T_INCLUDE_ONCE, \T_EXIT, \T_EVAL]),
                    "$file has $token->text",
                );
                if (
                    \in_array(ltrim($token->text, '\\'), ['DateTimeImmutable', 'DateTime'], true)
                    && 'new' === ($tokens[$i - 2]->text ?? '')
                ) {
                    self::assertStringStartsWith("('@'", $next, "$file may only make instants it was given");
                }
            }
        }
        self::assertGreaterThan(10_000, $seen);
    }

    /** PHPStan checks which room uses which ({@see Rooms}): every room has its place there, and a wrong arrow is found. */
    public function testEveryRoomHasItsFloorAndAWrongArrowIsFound(): void
    {
        $root = \dirname(__DIR__, 2);
        $rooms = array_map(basename(...), glob("$root/core/*", \GLOB_ONLYDIR) ?: []);
        $placed = array_merge(...array_values(Rooms::FLOORS));
        sort($placed);
        self::assertSame($rooms, $placed);
        foreach ($placed as $room) {
            self::assertTrue(
                \in_array($room, ['Technique', 'Findings'], true) || \count($this->files("core/$room")) <= 50,
                "$room holds more than one idea",
            );
        }
        $phpstan = new Process(
            ['vendor/bin/phpstan', 'analyse', '-c', 'tests/Architecture/planted.neon', '--no-progress', '--error-format=raw'],
            $root,
        );
        $phpstan->run();
        self::assertSame(
            [1, "WrongArrow.php:14:Inlaid\\Core\\Measure\\WrongArrow should not depend on Inlaid\\Core\\Recipe\\Recipe\n"],
            [$phpstan->getExitCode(), strstr($phpstan->getOutput(), 'WrongArrow.php')],
        );
    }

    public function testEveryFileIsStrict(): void
    {
        foreach ([...$this->files('core'), ...$this->files('src'), ...$this->files('tests')] as $file) {
            self::assertStringStartsWith("<?php\n\ndeclare(strict_types=1);\n", (string) file_get_contents($file), $file);
        }
    }

    /**
     * @return list<string>
     */
    private function files(string $folder): array
    {
        $found = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            \dirname(__DIR__, 2)."/$folder",
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            if ('php' === $file->getExtension()) {
                $found[] = $file->getPathname();
            }
        }

        return $found;
    }
}
