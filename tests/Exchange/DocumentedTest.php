<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use PHPUnit\Framework\TestCase;

/**
 * What docs/ says there is, there is.
 */
final class DocumentedTest extends TestCase
{
    public function testTestsThatAreNamedAreThere(): void
    {
        $page = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/tests.md');
        self::assertSame(12, preg_match_all('~\| `(\w+Test)::(test\w+)` \|~', $page, $named, \PREG_SET_ORDER));
        foreach ($named as [, $class, $test]) {
            self::assertTrue(method_exists("Inlaid\\Tests\\Browser\\$class", $test), "$class::$test");
        }
    }

    public function testPagesThatAreLinkedAreThere(): void
    {
        $root = \dirname(__DIR__, 2);
        $pages = [...glob("$root/*.md") ?: [], ...glob("$root/docs/*.md") ?: [], ...glob("$root/docs/*/*.md") ?: []];
        self::assertGreaterThan(20, \count($pages));
        foreach ($pages as $page) {
            preg_match_all('~\]\((?!https?:|#)([^)#]+)~', (string) file_get_contents($page), $links);
            foreach ($links[1] as $link) {
                self::assertFileExists(\dirname($page).'/'.$link, $page);
            }
        }
    }
}
