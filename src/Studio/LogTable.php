<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Csv;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Store\Entity\StoredEvent;
use Inlaid\App\Store\NotFound;
use Inlaid\App\Store\RunBook;
use Inlaid\Core\Run\Event;
use Inlaid\Core\Run\FoldRun;

/**
 * The log of a run as a table, and back: on another machine, or after it was completed by hand. Events that are here already change
 * nothing.
 */
final readonly class LogTable
{
    private const HEAD = [
        'When',
        'What',
        'Step',
        'Coat',
        'Half',
        'Poured (ml)',
        'Temperature (°C)',
        'Humidity (%)',
        'Air',
        'Words',
        'Colour',
        'Id',
        'Undoes',
        'Step id',
        'Of',
        'Before',
    ];

    public function __construct(
        private EntityManagerInterface $em,
        private RunBook $runs,
        private StudioContext $context,
        private FoldRun $fold = new FoldRun(),
    ) {
    }

    /**
     * @throws NotFound
     */
    public function write(string $id): string
    {
        $run = $this->runs->get($id);
        $iso = $this->context->own()->working->iso(...);
        $events = $this->runs->events($run);
        $steps = $this->runs->recipe($run, $this->fold->fold($events))->stepsById();

        return Csv::write(self::HEAD, array_map(static fn (Event $e): array => [
            $iso($e->at),
            $e->kind->value,
            ($steps[$e->step ?? ''] ?? null)?->name(),
            null === $e->step ? null : $e->coat,
            null === $e->step ? null : $e->lay,
            $e->ml,
            $e->climate?->temperature,
            $e->climate?->humidity,
            $e->climate?->air->value,
            $e->text,
            $e->colour?->hex,
            $e->id,
            $e->retracts,
            $e->step,
            $e->of,
            $e->before,
        ], $events));
    }

    /**
     * What taking it in would do; nothing is kept.
     *
     * @return list<TableLine>
     *
     * @throws NotFound
     * @throws InvalidInput with every line that is wrong
     */
    public function plan(string $id, string $text): array
    {
        return $this->read($id, $text)[0];
    }

    /**
     * @return list<TableLine> what it did
     *
     * @throws NotFound
     * @throws InvalidInput with every line that is wrong; nothing is kept then
     */
    public function take(string $id, string $text): array
    {
        return $this->em->wrapInTransaction(function () use ($id, $text): array {
            [$lines, $events] = $this->read($id, $text);
            self::insist($lines, $this->runs->note($id, $events));

            return $lines;
        });
    }

    /**
     * @return array{list<TableLine>, list<\stdClass>} what each line does, and the events
     */
    private function read(string $id, string $text): array
    {
        $run = $this->runs->get($id);
        $steps = $this->runs->recipe($run)->stepsById();
        [$lines, $events] = [[], []];
        foreach (Csv::read($text, ['When', 'What', 'Id']) as $line => $row) {
            $events[] = self::event($row);
            $step = ($steps[$row['Step id'] ?? ''] ?? null)?->name();
            $lines[] = new TableLine(
                $line,
                trim(\sprintf('%s %s %s', $row['When'], $row['What'], $step ?? '')),
                null === $this->em->find(StoredEvent::class, $row['Id']),
            );
        }
        self::insist($lines, $this->runs->refusals($run, $events));

        return [$lines, $events];
    }

    /**
     * @param list<TableLine>    $lines
     * @param array<int, string> $refused why, by the place of the line
     *
     * @throws InvalidInput if any is
     */
    private static function insist(array $lines, array $refused): void
    {
        if ([] !== $refused) {
            throw new InvalidInput(array_map(
                static fn (int $i, string $why): Violation => new Violation('/lines/'.$i, \sprintf('Line %d: %s', $lines[$i]->line, $why)),
                array_keys($refused),
                $refused,
            ));
        }
    }

    /**
     * @param array<string, string> $row
     */
    private static function event(array $row): \stdClass
    {
        $cell = static fn (string $column): ?string => '' === ($row[$column] ?? '') ? null : $row[$column];
        // What is no number is left as it is, for the reader to say so.
        $number = static fn (string $column): float|int|string|null => is_numeric($c = strtr($cell($column) ?? '', [',' => '.']))
            ? $c + 0
            : $cell($column);
        $climate = null === $number('Temperature (°C)')
            ? null
            : (object) array_filter(
                ['temperature' => $number('Temperature (°C)'), 'humidity' => $number('Humidity (%)'), 'air' => $cell('Air')],
                static fn (mixed $v): bool => null !== $v,
            );

        return (object) array_filter([
            'id' => $cell('Id'),
            'at' => $cell('When'),
            'kind' => $cell('What'),
            'step' => $cell('Step id'),
            'coat' => $number('Coat'),
            'lay' => $number('Half'),
            'ml' => $number('Poured (ml)'),
            'text' => $cell('Words'),
            'climate' => $climate,
            'colour' => $cell('Colour'),
            'retracts' => $cell('Undoes'),
            'of' => $cell('Of'),
            'before' => $cell('Before'),
        ], static fn (mixed $v): bool => null !== $v);
    }
}
