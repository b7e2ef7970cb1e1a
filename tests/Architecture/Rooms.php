<?php

declare(strict_types=1);

namespace Inlaid\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which room of the core may use which: those before it in this list, and no others. PHPStan checks it (phpstan.dist.neon).
 */
final class Rooms
{
    /** From the ground up; within a floor, too, a room uses only those before it. */
    public const FLOORS = [
        'ground' => ['Measure', 'Planning', 'Colour', 'Stock', 'Layout', 'Material', 'Mixing', 'Drying'],
        'craft' => ['Technique', 'Film', 'Optics', 'Piece', 'Surface', 'Practice', 'Recipe', 'Edit'],
        'working out' => ['Context', 'Work', 'Look', 'Batch', 'Schedule', 'Purchase', 'Board'],
        'judgement' => ['Findings', 'Prep', 'BoardPlan', 'Run', 'Learn', 'MixBench'],
        'answers' => ['Preview', 'NextMove', 'Design', 'Eye'],
    ];
    private const CORE = 'Inlaid\\Core\\';
    private const APP = 'Inlaid\\App\\';

    /**
     * @return iterable<string, Rule>
     */
    public function testARoomUsesOnlyThoseBeforeIt(): iterable
    {
        $may = [Selector::inNamespace('Brick\\Math'), Selector::classname(self::CORE.'ValidationError')];
        foreach (array_merge(...array_values(self::FLOORS)) as $room) {
            $may[] = Selector::inNamespace(self::CORE.$room);
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace(self::CORE.$room))
                ->canOnlyDependOn()
                ->classes(...$may)
                ->because("$room may use only the rooms before it (tests/Architecture/Rooms.php)");
        }
    }

    /**
     * Round the core, from the inside out: reading and writing, what is stored and measured, the use cases, the doors.
     *
     * @return iterable<string, Rule>
     */
    public function testAFloorOfTheProgramUsesOnlyThoseBelow(): iterable
    {
        foreach (['Exchange', 'Device', 'Store', 'Studio'] as $i => $floor) {
            $above = \array_slice(['Exchange', 'Device', 'Store', 'Studio', 'Http', 'Console'], $i + 1);
            yield $floor => PHPat::rule()
                ->classes(Selector::inNamespace(self::APP.$floor))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $a) => Selector::inNamespace(self::APP.$a), $above))
                ->because("$floor may use only what is below it (tests/Architecture/Rooms.php)");
        }
    }

    /**
     * @return iterable<string, Rule>
     */
    public function testNoAreaOfTheDoorsUsesAnother(): iterable
    {
        $areas = array_map(basename(...), glob(\dirname(__DIR__, 2).'/src/Http/*', \GLOB_ONLYDIR) ?: []);
        foreach ($areas as $area) {
            $others = array_diff($areas, [$area, 'Api']);
            yield $area => PHPat::rule()
                ->classes(Selector::inNamespace(self::APP."Http\\$area"))
                ->shouldNotDependOn()
                ->classes(...array_values(array_map(static fn (string $o) => Selector::inNamespace(self::APP."Http\\$o"), $others)))
                ->because('what two areas share stands in Http\\Api or in Studio');
        }
    }

    /**
     * The core knows nothing of the program round it.
     */
    public function testTheCoreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Inlaid\\Core'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Inlaid\\App'), Selector::inNamespace('Symfony'), Selector::inNamespace('Doctrine'))
            ->because('the core is tested and used without the program');
    }
}
