<?php

declare(strict_types=1);

namespace Inlaid\Tests\Store;

use Inlaid\App\Store\KeptSpectra;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\RecoverSpectrum;
use Inlaid\Core\Optics\DeriveOptics;
use Inlaid\Tests\Core\Given;
use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;

/**
 * Spectra that are kept from one request to the next are those that would be worked out, to the last digit.
 */
final class KeptSpectraTest extends TestCase
{
    use Randomly;

    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/inlaid-spectra-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new FilesystemAdapter('spectra', 0, $this->folder))->clear();
    }

    public function testWhatIsKeptIsWhatWouldBeFound(): void
    {
        $this->manyTimes(40, function (): void {
            $colour = Colour::of(\sprintf('#%06x', $this->int(0, 0xFFFFFF)));
            $paint = Given::paint(colour: $colour->hex, hides: $this->float(0.5, 0.99));
            $fresh = [(new RecoverSpectrum())->recover($colour), (new DeriveOptics())->derive($paint)];
            foreach (['kept', 'kept before'] as $when) {
                $memory = new KeptSpectra(new FilesystemAdapter('spectra', 0, $this->folder));
                $recover = new RecoverSpectrum($memory);
                $found = [$recover->recover($colour), (new DeriveOptics($recover, memory: $memory))->derive($paint)];
                self::assertSame(serialize($fresh), serialize($found), $when);
            }
        });
    }

    public function testItIsWorkedOutOnce(): void
    {
        $memory = new KeptSpectra(new FilesystemAdapter('spectra', 0, $this->folder));
        self::assertSame([[0.1]], $memory->recall('a colour', static fn (): array => [[0.1]]));
        self::assertSame([[0.1]], $memory->recall('a colour', static fn (): array => self::fail('it is kept')));
        self::assertSame([[0.2]], $memory->recall('another', static fn (): array => [[0.2]]));
    }
}
