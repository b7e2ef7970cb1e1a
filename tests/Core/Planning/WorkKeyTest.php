<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core\Planning;

use Inlaid\Core\Planning\Work;
use Inlaid\Core\Planning\WorkKey;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\EventKind;
use Inlaid\Core\Run\WorkDone;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The plan, the log and what is done of a piece name a work by one key.
 */
final class WorkKeyTest extends TestCase
{
    use Randomly;

    public function testOneKeyEverywhere(): void
    {
        $this->manyTimes(50, function (): void {
            $key = new WorkKey('step-'.$this->int(0, 99), $this->int(1, 50), $this->int(1, 2));
            self::assertEquals($key, WorkKey::read((string) $key));
            self::assertEquals($key, WorkKey::of(new Work($key->in('01JOB-x'), '01JOB-x', 10)));
            self::assertSame((string) $key, (new WorkDone($key->step, $key->coat, $key->lay, null, null))->key());
            self::assertSame((string) $key, Event::of('e', 0, EventKind::Started, $key->step, $key->coat, $key->lay)->key());
        });
    }
}
