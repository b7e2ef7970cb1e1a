<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Csv;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadLeft;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\ShelfStock;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\Quantity;

/**
 * What is left on the shelf as a table, to be counted with a spreadsheet and taken in again. What the table does not name stays as it is.
 */
final readonly class ShelfTable
{
    private const HEAD = ['Id', 'Name', 'Kind', 'Left', 'Unit', 'Opened on', 'Use by'];
    private const DAY = 'Y-m-d';

    public function __construct(
        private EntityManagerInterface $em,
        private MaterialShelf $shelf,
        private ShelfStock $stock,
        private ReadLeft $left = new ReadLeft(),
    ) {
    }

    public function write(): string
    {
        $left = $this->left();

        return Csv::write(
            self::HEAD,
            array_map(
                static fn (Material $m): array => [$m->id, $m->name, $m->kind->value, ...($left[$m->id] ?? ['', '', '', ''])],
                $this->shelf->all(),
            ),
        );
    }

    /**
     * What taking it in would do; nothing is kept.
     *
     * @return list<TableLine>
     *
     * @throws InvalidInput with every line that is wrong
     */
    public function plan(string $text): array
    {
        $before = $this->left();

        return array_map(static function (array $row) use ($before): TableLine {
            [$line, $material, $after] = $row;
            $was = $before[$material->id] ?? ['', '', '', ''];

            return new TableLine(
                $line,
                \sprintf('%s: %s → %s', $material->name, self::told(...$was), self::told(...$after)),
                $was !== $after,
            );
        }, $this->read($text));
    }

    /**
     * @return list<TableLine> what it did
     *
     * @throws InvalidInput with every line that is wrong; nothing is kept then
     */
    public function take(string $text): array
    {
        return $this->em->wrapInTransaction(function () use ($text): array {
            $plan = $this->plan($text);
            foreach ($this->read($text) as $i => [, $material, $after, $left]) {
                if ($plan[$i]->changes) {
                    [$opened, $useBy] = array_map(
                        static fn (string $d): ?\DateTimeImmutable => '' === $d ? null : new \DateTimeImmutable($d),
                        [$after[2], $after[3]],
                    );
                    $this->stock->count(materialId: $material->id, left: $left, openedOn: $opened, useBy: $useBy);
                }
            }

            return $plan;
        });
    }

    /**
     * @return list<array{int, Material, array{string, string, string, string}, Quantity|null}> line, material, and what is left of it
     */
    private function read(string $text): array
    {
        $byId = $this->shelf->byId();
        $byName = array_column(array_map(static fn (Material $m): array => [mb_strtolower($m->name), $m], $byId), 1, 0);
        $rows = Csv::read($text, ['Left', 'Unit']);
        $seen = [];
        $read = fn (Node $n): array => $n->list('lines', function (Node $l) use ($byId, $byName, &$seen): array {
            [$line, $id, $name, $amount] = [$l->int('line'), $l->text('Id'), $l->text('Name'), strtr($l->text('Left'), [',' => '.'])];
            $material = $byId[$id] ?? $byName[mb_strtolower($name)] ?? $l->refuseHere(\sprintf(
                'No material “%s” on the shelf.',
                '' === $id ? $name : $id,
            ));
            if (isset($seen[$material->id])) {
                $l->refuseHere(\sprintf('“%s” is in the table twice.', $material->name));
            }
            $seen[$material->id] = true;
            $said = '' === $amount
                ? null
                : InvalidInput::around(
                    $l->pointer,
                    fn (): Quantity => Node::read(
                        (object) ['amount' => $amount, 'unit' => '' === $l->text('Unit') ? '?' : $l->text('Unit')],
                        $this->left->read(...),
                        $l->pointer,
                    ),
                );
            $left = null === $said || $said->amount->isZero() ? null : $said;
            $days = array_map(
                static fn (string $f): string => '' === $l->text($f) ? '' : $l->dayOrNull($f)?->format(self::DAY) ?? '',
                ['Opened on', 'Use by'],
            );

            return [
                $line,
                $material,
                null === $left ? ['', '', '', ''] : [ExactNumber::exact($left->amount), $l->text('Unit'), ...$days],
                $left,
            ];
        }, 20_000);

        $lines = array_keys($rows);
        try {
            return Node::read(
                (object) ['lines' => array_map(
                    static fn (int $line, array $row): \stdClass => (object) (['line' => $line] + $row),
                    $lines,
                    $rows,
                )],
                $read,
            );
        } catch (InvalidInput $refused) {
            // Whoever looks at a table thinks of its lines.
            throw new InvalidInput(array_map(
                static fn (Violation $v): Violation => new Violation(
                    $v->pointer,
                    \sprintf('Line %d: %s', $lines[(int) (explode('/', $v->pointer)[2] ?? 0)] ?? 0, $v->message),
                ),
                $refused->violations,
            ));
        }
    }

    /**
     * @return array<string, array{string, string, string, string}> amount, unit, opened on, use by, of what is counted
     */
    private function left(): array
    {
        $left = [];
        foreach ($this->stock->all() as [$stored, $amount]) {
            $left[$stored->materialId] = [
                ExactNumber::written($amount->amount),
                $stored->unit,
                $stored->openedOn?->format(self::DAY) ?? '',
                $stored->useBy?->format(self::DAY) ?? '',
            ];
        }

        return $left;
    }

    private static function told(string $amount, string $unit, string $opened, string $useBy): string
    {
        return '' === $amount
            ? 'not counted'
            : implode(', ', array_filter(["$amount $unit", '' === $opened ? '' : "opened $opened", '' === $useBy ? '' : "use by $useBy"]));
    }
}
