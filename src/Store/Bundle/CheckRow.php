<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Document\ReadEvent;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadMixes;
use Inlaid\App\Exchange\Document\ReadReading;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\BoardCard;
use Inlaid\App\Store\EntryKind;
use Inlaid\App\Store\EyeRound;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\InvalidStock;

/**
 * Reads a line of a bundle with the same readers as whatever is typed in: what comes in this way is checked no less.
 */
final readonly class CheckRow
{
    /** Things in a list that a studio itself has written, however many. */
    private const MOST = 100_000;
    /** Characters of an exact fraction that has grown, as they did before there was a grid. */
    private const DIGITS = 4000;

    public function __construct(
        private Rows $rows,
        private ReadRecipe $recipe,
        private ReadBoard $board,
        private ReadSettings $settings,
        private ReadMaterial $material = new ReadMaterial(),
        private ReadReading $reading = new ReadReading(),
        private ReadEvent $event = new ReadEvent(),
        private ReadMixes $mixes = new ReadMixes(),
    ) {
    }

    /**
     * @param mixed $json a line
     *
     * @return array<string, mixed> by field, ready to be kept but for what stands elsewhere
     *
     * @throws \Inlaid\App\Exchange\Document\InvalidInput
     */
    public function check(Kind $kind, mixed $json, string $pointer): array
    {
        $row = Node::read($json, fn (Node $n): array => $this->rows->read($kind, $n), $pointer);
        $at = $pointer.'/document';

        return match ($kind) {
            Kind::Drafts, Kind::Revisions, Kind::Runs => ['document' => $this->recipe->document($row['document'], $at)->text] + $row,
            Kind::Boards => $this->board($row, $pointer),
            Kind::Settings => ['document' => $this->checked(
                $row['document'],
                fn () => $this->settings->check($row['document'], $at),
            )] + $row,
            Kind::Materials => $this->materialRow($row, $at),
            Kind::Readings => ['document' => $this->checked(
                $row['document'],
                fn () => Node::read($row['document'], $this->reading->read(...), $at),
            )] + $row,
            Kind::Events => $this->eventRow($row, $at),
            Kind::Pots => ['document' => $this->checked(
                $row['document'],
                fn () => Node::read($row['document'], $this->pot(...), $at),
            )] + $row,
            Kind::EyeRounds => ['document' => $this->checked(
                $row['document'],
                static fn () => Node::read($row['document'], EyeRound::read(...), $at),
            )] + $row,
            Kind::Ledger => $this->ledgerRow($row, $pointer),
            Kind::Recipes, Kind::Photos, Kind::RunPhotos, Kind::Stock => $row,
        };
    }

    /**
     * @return list<array{string, BigRational, Account, Account}> material, grams, from and to of a line of the ledger; grams as long as
     *                                                            they were kept
     */
    public function moves(mixed $moves, string $pointer = ''): array
    {
        $grams = static function (Node $m): BigRational {
            $text = $m->string('grams', self::DIGITS);

            return 1 === preg_match('/^\d+(\.\d+|\/0*[1-9]\d*)?$/', $text) && !ExactNumber::stored($text)->isZero()
                ? ExactNumber::stored($text)
                : $m->refuse('grams', InvalidStock::nothing()->getMessage());
        };
        $move = static fn (Node $m): array => [
            $m->fields('material', 'grams', 'from', 'to')->id('material'),
            $grams($m),
            self::account($m, 'from'),
            self::account($m, 'to'),
        ];

        return Node::read(
            (object) ['moves' => \is_string($moves) ? Json::decode($moves) : $moves],
            static fn (Node $n): array => $n->list('moves', $move, self::MOST),
            $pointer,
        );
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function board(array $row, string $pointer): array
    {
        $board = $this->board->read($row['document'], $pointer.'/document');
        $before = null === $row['draftBefore'] ? null : $this->recipe->document($row['draftBefore'], $pointer.'/draftBefore')->text;
        if (null !== $row['chosen']) {
            Node::read(
                $row['chosen'],
                static fn (Node $n): array => [
                    $n->fields('patch', 'reason', 'share', 'at', 'version', 'changes')->string('patch', 10),
                    $n->text('reason', 300),
                    $n->string('at', 60),
                    $n->int('version'),
                    $n->list('changes', static fn (Node $c): string => $c->asString(1000), 400),
                ],
                $pointer.'/chosen',
            );
        }

        return ['document' => $board->text, 'draftBefore' => $before, 'card' => Json::encode(BoardCard::of($board->board))] + $row;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function materialRow(array $row, string $at): array
    {
        $material = Node::read($row['document'], $this->material->read(...), $at);

        return [
            'id' => $material->id,
            'version' => $material->version,
            'name' => $material->name,
            'kind' => $material->kind->value,
            'document' => Json::encode($row['document']),
        ] + $row;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function eventRow(array $row, string $at): array
    {
        $event = $this->event->read($row['document'], time(), $at);

        return [
            'id' => $event->id,
            'happenedAt' => new \DateTimeImmutable('@'.$event->at),
            'document' => Json::encode($row['document']),
        ] + $row;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function ledgerRow(array $row, string $pointer): array
    {
        $this->moves($row['moves'], $pointer);
        Node::read((object) $row, static fn (Node $n): EntryKind => $n->enum('kind', EntryKind::class), $pointer);

        return $row;
    }

    private function pot(Node $n): Material|Mixture
    {
        $materials = [];
        foreach ($n->fields('materials', 'mixes', 'of')->list('materials', $this->material->read(...), self::MOST) as $material) {
            $materials[$material->id] = $material;
        }
        $mixes = $n->has('mixes') ? $this->mixes->read($n, $materials) : [];

        return $this->mixes->named($n->child('of'), $materials, static fn (string $id): ?Mixture => $mixes[$id] ?? null);
    }

    private function checked(mixed $document, \Closure $check): string
    {
        $check();

        return Json::encode($document);
    }

    private static function account(Node $n, string $name): Account
    {
        $key = $n->string($name, 40);

        return 1 === preg_match('/^(bought|shelf|used|thrown|pot:[A-Za-z0-9-]+)$/D', $key)
            ? Account::written($key)
            : $n->refuse($name, 'Unknown place in stock history.');
    }
}
