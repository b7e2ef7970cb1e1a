<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * The last grit before stain or wash: it sets what bare wood drinks where no sanding step says.
 */
final class LastGrit implements Practice
{
    public function key(): string
    {
        return 'last-grit';
    }

    public function question(): string
    {
        return 'Final grit on bare wood';
    }

    public function choices(): array
    {
        return [
            new Choice('180', '180', 'Smooth to the hand, and still takes colour well: the usual middle.'),
            new Choice('120', '120', 'A coarse scratch takes up more and gives a deeper stain.'),
            new Choice('150', '150', 'A little more uptake where later coats cover the scratch.'),
            new Choice('220', '220', 'Finer, for washes that must not catch in scratches.'),
            new Choice('320', '320', 'Nearly polished: takes up least and most evenly.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits->withLastGrit((int) $choice);
    }
}
