<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

use Symfony\Component\Process\Process;

/**
 * Code of the page that computes, built as for the page and run in Node, so that PHP's own can be held against it.
 */
final class PageCode
{
    /**
     * @param string $module below web/src, such as "rooms/bench/fold.ts"
     * @param string $script what is done with each case: the body of a function of `page` (the module) and `given`, which returns what can
     *                       be written as JSON
     * @param mixed  $cases  a list
     *
     * @return list<mixed> what came of each
     */
    public static function run(string $module, string $script, mixed $cases): array
    {
        $root = \dirname(__DIR__, 2);
        $out = \sprintf('%s/var/page-code/%s-%d', $root, basename($module, '.ts'), getmypid());
        self::mustRun(new Process(
            ['npx', '--no-install', 'vite', 'build', '--ssr', "src/$module", '--outDir', $out, '--logLevel', 'warn'],
            "$root/web",
        ));
        $page = basename($module, '.ts');
        $main = <<<JS
            import * as page from './$page.js';
            let text = '';
            for await (const some of process.stdin) text += some;
            process.stdout.write(JSON.stringify(JSON.parse(text).map((given) => { $script })));
            JS;
        file_put_contents("$out/main.mjs", $main);
        $node = new Process(['node', "$out/main.mjs"], $root, null, json_encode($cases, \JSON_THROW_ON_ERROR), 120);
        self::mustRun($node);
        (new Process(['rm', '-rf', $out]))->run();
        $came = json_decode($node->getOutput(), false, 512, \JSON_THROW_ON_ERROR);

        return \is_array($came) ? array_values($came) : throw new \LogicException('Node answered no list.');
    }

    private static function mustRun(Process $process): void
    {
        $process->setTimeout(120)->run();
        $process->isSuccessful() || throw new \RuntimeException($process->getErrorOutput().$process->getOutput());
    }
}
