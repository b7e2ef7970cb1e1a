<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Ledger\Data;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredEntry;
use Inlaid\App\Store\EntryKind;

/**
 * One line of the ledger: when, what about, which pot, and what went where. Times in the studio's zone.
 */
final readonly class LedgerLine
{
    /**
     * @param list<LedgerMove> $moves
     */
    public function __construct(
        public string $id,
        public string $at,
        public EntryKind $kind,
        public ?string $pot,
        public array $moves,
        public string $note,
    ) {
    }

    public static function of(StoredEntry $entry, \DateTimeZone $zone): self
    {
        $moves = Node::read(
            (object) ['moves' => Json::decode($entry->moves)],
            static fn (Node $n): array => $n->list(
                'moves',
                static fn (Node $m): LedgerMove => new LedgerMove(
                    material: $m->string('material'),
                    grams: $m->string('grams'),
                    from: $m->string('from'),
                    to: $m->string('to'),
                ),
                \PHP_INT_MAX,
            ),
        );

        return new self(
            id: $entry->id,
            at: $entry->at->setTimezone($zone)->format(\DATE_ATOM),
            kind: EntryKind::from($entry->kind),
            pot: $entry->potId,
            moves: $moves,
            note: $entry->note,
        );
    }
}
