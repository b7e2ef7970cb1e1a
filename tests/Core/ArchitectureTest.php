<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Inlaid\Tests\Architecture\Rooms;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Path;
use Symfony\Component\Process\Process;

/**
 * The core stays free of framework, database, clock, randomness and I/O, and every file is strict.
 */
final class ArchitectureTest extends TestCase
{
    private const ALLOWED_NAMESPACES = '/^(Inlaid\\\\Core\\\\|Inlaid\\\\Core$|Brick\\\\Math\\\\)/';
    private const LAYERS = ['theme' => 0, 'api' => 0, 'ui' => 1, 'recipe' => 2, 'mix' => 3, 'log' => 3, 'rooms' => 4, 'app' => 5];
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
        $long = [];
        foreach (['core', 'src', 'tests', 'web/src'] as $folder) {
            foreach ($this->files($folder, 'web/src' === $folder ? ['ts', 'tsx'] : ['php']) as $file) {
                if (str_ends_with($file, '.gen.ts')) {
                    continue;
                }
                foreach (preg_grep('~.{141}~u', file($file) ?: []) ?: [] as $number => $line) {
                    $long[] = "$file, line ".($number + 1);
                }
            }
        }
        self::assertSame([], $long);
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
        self::assertSame(1, $phpstan->getExitCode());
        self::assertSame(
            <<<'FOUND'
                ManyThings.php:18:__construct() is handed 4 things; name them: one, two, three, four
                WrongArrow.php:14:Inlaid\Core\Measure\WrongArrow should not depend on Inlaid\Core\Recipe\Recipe
                WrongDoor.php:14:Inlaid\App\Http\Boards\WrongDoor should not depend on Inlaid\App\Http\Runs\Data\RunSummary
                WrongFloor.php:14:Inlaid\App\Store\WrongFloor should not depend on Inlaid\App\Studio\PlanBench

                FOUND,
            preg_replace('~^.*/planted/~m', '', $phpstan->getOutput()),
        );
    }

    /** api and theme ← ui ← recipe, mix, log ← a room ← app; no room uses another. Circles within a layer are the linter's. */
    public function testThePagesUseOnlyTheLayersBelow(): void
    {
        self::assertSame([], $this->wrongArrows($this->imports()));
        self::assertSame(
            ['ui/Field uses recipe/edits', 'rooms/mix/Mixing uses rooms/shelf/Pots', 'api/api uses rooms/mix/Mixing'],
            $this->wrongArrows([
                ['ui/Field', 'recipe/edits'],
                ['mix/usePots', 'api/api'],
                ['rooms/mix/Mixing', 'rooms/shelf/Pots'],
                ['rooms/mix/Mixing', 'rooms/mix/PutRight'],
                ['app/App', 'rooms/mix/Mixing'],
                ['api/api', 'rooms/mix/Mixing'],
            ]),
            'planted ones are found',
        );
    }

    public function testThePagesTakeTheirColoursFromTheTheme(): void
    {
        $pages = \dirname(__DIR__, 2).'/web/src';
        $own = [];
        foreach ($this->files('web/src', ['ts', 'tsx']) as $file) {
            if (1 === preg_match('/#[0-9a-f]{3,8}\b/i', (string) file_get_contents($file))) {
                $own[] = substr($file, \strlen($pages) + 1);
            }
        }
        sort($own);
        self::assertSame(['theme/theme.ts', 'ui/startColours.ts'], $own);
    }

    public function testEveryFileIsStrict(): void
    {
        foreach ([...$this->files('core'), ...$this->files('src'), ...$this->files('tests')] as $file) {
            self::assertStringStartsWith("<?php\n\ndeclare(strict_types=1);\n", (string) file_get_contents($file), $file);
        }
    }

    /**
     * @return list<array{string, string}> which module of the pages uses which, both without their endings
     */
    private function imports(): array
    {
        $pages = \dirname(__DIR__, 2).'/web/src';
        $imports = [];
        foreach ($this->files('web/src', ['ts', 'tsx']) as $file) {
            $module = substr((string) preg_replace('/\.tsx?$/', '', $file), \strlen($pages) + 1);
            preg_match_all("/(?:from|import)\s*\(?'(\.[^']+)'/", (string) file_get_contents($file), $found);
            foreach ($found[1] as $path) {
                $imports[] = [$module, Path::makeRelative(Path::join($pages, \dirname($module), $path), $pages)];
            }
        }
        self::assertGreaterThan(500, \count($imports));

        return $imports;
    }

    /**
     * @param list<array{string, string}> $imports
     *
     * @return list<string> those that point upward, or from one room to another
     */
    private function wrongArrows(array $imports): array
    {
        $wrong = [];
        foreach ($imports as [$from, $to]) {
            [$upper, $lower] = [explode('/', $from), explode('/', $to)];
            $sameRoom = 'rooms' === $upper[0] && 'rooms' === $lower[0] && $upper[1] === $lower[1];
            if ($upper[0] !== $lower[0] ? self::LAYERS[$upper[0]] <= self::LAYERS[$lower[0]] : 'rooms' === $upper[0] && !$sameRoom) {
                $wrong[] = "$from uses $to";
            }
        }

        return $wrong;
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function files(string $folder, array $kinds = ['php']): array
    {
        $found = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            \dirname(__DIR__, 2)."/$folder",
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            if (\in_array($file->getExtension(), $kinds, true)) {
                $found[] = $file->getPathname();
            }
        }

        return $found;
    }
}
