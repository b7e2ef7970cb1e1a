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
        'craft' => ['Technique', 'Film', 'Piece', 'Look', 'Practice', 'Recipe', 'Edit'],
        'working out' => ['Context', 'Work', 'Surface', 'Batch', 'Schedule', 'Purchase', 'Board'],
        'judgement' => ['Findings', 'Prep', 'BoardPlan', 'Run', 'Learn', 'MixBench'],
        'answers' => ['Preview', 'NextMove'],
    ];
    private const CORE = 'Inlaid\\Core\\';

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
