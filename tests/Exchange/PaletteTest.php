<?php

declare(strict_types=1);

namespace Inlaid\Tests\Exchange;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Palette\Chip;
use Inlaid\App\Exchange\Palette\ReadPalette;
use Inlaid\App\Exchange\Palette\WritePalette;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Palettes in and out: what is written is read again, whatever the names hold; what is no palette is refused by its line.
 */
final class PaletteTest extends TestCase
{
    public function testWhatIsWrittenIsReadAgain(): void
    {
        $chips = [
            new Chip('Signal Cream', '#efe3c4'),
            new Chip('=cmd|"calc"', '#000000'),
            new Chip('Grün, "laut"', '#23473a'),
            new Chip('-1', '#ffffff'),
        ];
        [$read, $write] = [new ReadPalette(), new WritePalette()];
        self::assertEquals($chips, $read->read($write->gimp("A palette\nof two lines", $chips)));
        self::assertEquals($chips, $read->read($write->csv($chips)));
        self::assertStringContainsString("\"'=cmd", $write->csv($chips), 'no spreadsheet takes it for a formula');
    }

    public function testOthersPalettesAreRead(): void
    {
        $chips = (new ReadPalette())->read(
            "\u{FEFF}GIMP Palette\r\nName: X\r\nColumns: 4\r\n# a remark\r\n  0   0   0\r\n255 128   3\tWith a name\r\n",
        );
        self::assertEquals([new Chip('#000000', '#000000'), new Chip('With a name', '#ff8003')], $chips);
        self::assertEquals([new Chip('Pine', '#3d5a50')], (new ReadPalette())->read("3D5A50,Pine\n"));
    }

    #[TestWith(["GIMP Palette\n256 0 0 Too bright\n", 'Line 2'])]
    #[TestWith(["Name,Colour\nPine,#3d5a50\nOak,brown\n", 'Line 3'])]
    #[TestWith(['', 'has no colours'])]
    #[TestWith(["\xff\xfe\x00", 'UTF-8'])]
    public function testWhatIsNoPaletteIsRefused(string $text, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches("~$says~");
        (new ReadPalette())->read($text);
    }
}
