<?php

declare(strict_types=1);

namespace Inlaid\Tests\Browser;

/**
 * What is laid out by measure.
 */
final class LayoutTest extends Rooms
{
    /**
     * The lines of the notice board become stripes: their marks are told, the tape is counted, and the sheet for the bench has them.
     */
    public function testLinesBecomeStripes(): void
    {
        $this->go('/recipes/'.$this->studio->recipe('notice')->id);
        $this->see('[data-step=s5]')->click();
        $this->until(fn (): bool => str_contains($this->main(), 'a line of 12 mm round 920 × 560 mm'), 'the lines are laid out');
        self::assertStringContainsString('Mark the length at 40, 52, 58, 61, 939, 942, 948, 960 mm.', $this->text('[data-testid=layout]'));
        $this->choose('Layout', 'in stripes');
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=layout]'), '12 stripes of 40 mm, 40 mm apart'),
            'twelve of them',
        );
        $this->write('Width', '60');
        $this->choose('Alignment', 'motif at both ends');
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=layout]'), '10 stripes of 60 mm, 44.4 mm apart'),
            'whole ones at the ends',
        );
        self::assertStringContainsString('Mark the length at 60, 104, 164, 209,', $this->text('[data-testid=layout]'));
        self::assertStringContainsString('Covers 60 % of these faces. 11.5 m of tape.', $this->text('[data-testid=layout]'));
        $this->write('Width', '1200');
        $this->until(
            fn (): bool => str_contains($this->text('[data-testid=layout]'), 'One of them needs 1200 mm; there are only 1000 mm.'),
            'what does not go is said',
        );
        $this->write('Width', '60');
        $this->untilSaved();
        $this->go('/recipes/'.$this->studio->recipe('notice')->id.'/sheet');
        $this->until(fn (): bool => str_contains($this->main(), 'Mark the length at 60, 104, 164, 209,'), 'at the bench too');
    }
}
