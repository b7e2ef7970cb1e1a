<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Csv;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Bench\Event;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/log.csv', methods: 'GET')]
#[Describe('Download all that was noted of a run, as CSV')]
final readonly class ExportLog
{
    private const HEAD = ['When', 'What', 'Step', 'Coat', 'Half', 'Poured (ml)', 'Temperature (°C)', 'Humidity (%)', 'Words', 'Colour', 'Id', 'Undoes'];

    public function __construct(private RunBook $runs, private StudioContext $context)
    {
    }

    public function __invoke(string $id): Response
    {
        $run = $this->runs->get($id);
        $iso = $this->context->own()->working->iso(...);
        $steps = $this->runs->recipe($run)->stepsById();
        $rows = array_map(static fn (Event $e): array => [$iso($e->at), $e->kind->value, null === $e->step ? null : ($steps[$e->step] ?? null)?->name(), null === $e->step ? null : $e->coat, null === $e->step ? null : $e->lay, $e->ml, $e->climate?->temperature, $e->climate?->humidity, $e->text, $e->colour?->hex, $e->id, $e->retracts], $this->runs->events($run));

        return new Response(Csv::write(self::HEAD, $rows), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="log.csv"']);
    }
}
