<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\Tests\Core\Randomly;
use PHPUnit\Framework\TestCase;

/**
 * The demo recipes, worked out in many kinds of air and in all measures: what must hold for every one of them.
 */
final class DemoTest extends TestCase
{
    use Randomly;

    private const UNITS = ['metric', 'us', 'imperial'];

    public function testEveryFigureAgreesWithEveryOther(): void
    {
        $studio = Studio::open();
        $recipes = array_map(
            static fn (\stdClass $r): \stdClass => $studio->json('GET', "/api/recipes/$r->id"),
            $studio->json('GET', '/api/recipes')->recipes,
        );
        self::assertCount(7, $recipes);
        $this->manyTimes(6, function () use ($studio, $recipes): void {
            $context = [
                'now' => '2026-11-2'.$this->int(0, 9).'T0'.$this->int(0, 9).':30:00+01:00',
                'units' => self::UNITS[$this->int(0, 2)],
                'climate' => [
                    'temperature' => $this->int(13, 28),
                    'humidity' => $this->int(30, 70),
                    'air' => ['still', 'moving', 'fan'][$this->int(0, 2)],
                ],
            ];
            foreach ($recipes as $recipe) {
                $worked = $studio->json('POST', '/api/preview', ['document' => $recipe->document, 'context' => $context]);
                self::assertSame($context['now'], $worked->context->now);
                $this->checkSteps($worked->preview);
                $this->checkMaterials($worked->preview);
                $this->checkStacks($worked->preview);
                $this->checkPlan($worked->preview, $recipe->document, $context['now']);
            }
        });
        $studio->close();
    }

    private function checkSteps(\stdClass $preview): void
    {
        foreach ($preview->steps as $step) {
            if (null === $step->pour) {
                self::assertNull($step->film);
                continue;
            }
            $pour = $step->pour;
            self::assertEqualsWithDelta(
                $pour->need->ml,
                array_sum(array_map(static fn (\stdClass $a): float => $a->ml, $pour->taken)),
                1e-6,
            );
            self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (\stdClass $i): float => $i->share, $pour->ingredients)), 1e-4);
            self::assertEqualsWithDelta(
                $pour->mixes[0]->batch->yield->ml,
                array_sum(array_map(static fn (\stdClass $l): float => $l->volume, $pour->mixes[0]->batch->lines)),
                1e-3,
            );
            self::assertGreaterThanOrEqual($pour->mixes[0]->need->ml - 1e-6, $pour->mixes[0]->batch->yield->ml);
            self::assertLessThanOrEqual(0.02, $pour->mixes[0]->batch->error);
            $level = 0.0;
            foreach ($pour->mixes[0]->cup->marks ?? [] as $mark) {
                self::assertGreaterThan($level, $mark->height);
                self::assertLessThan($pour->mixes[0]->cup->height, $mark->height);
                $level = $mark->height;
            }
            self::assertMatchesRegularExpression('/^[\d.]+ (ml|l|fl oz|quart)$/', $pour->need->text);
        }
    }

    private function checkMaterials(\stdClass $preview): void
    {
        $needed = array_sum(array_map(static fn (\stdClass $s): float => $s->pour->need->ml ?? 0.0, $preview->steps));
        $liquid = array_sum(array_map(static fn (\stdClass $m): float => $m->amount->ml, $preview->materials));
        self::assertGreaterThan($needed * 0.9, $liquid, 'what is bought makes what is needed');
        self::assertEqualsWithDelta(
            $preview->cost->material,
            array_sum(array_map(static fn (\stdClass $m): float => $m->cost, $preview->materials)),
            0.01,
        );
        foreach ($preview->materials as $material) {
            self::assertSame($material->toBuy, [] !== $material->packs, $material->name);
            self::assertTrue($material->toBuy || $material->left->ml >= ($material->most ?? $material->amount)->ml, $material->name);
        }
    }

    private function checkStacks(\stdClass $preview): void
    {
        self::assertEqualsWithDelta(
            $preview->area,
            array_sum(array_map(static fn (\stdClass $s): float => $s->area, $preview->stacks)),
            1e-3,
        );
        foreach ($preview->stacks as $stack) {
            foreach ($stack->layers as $layer) {
                self::assertGreaterThanOrEqual(0, $layer->thickness);
                self::assertLessThanOrEqual($layer->laid, $layer->thickness);
                self::assertSame('takes-away' === $layer->effect, null !== $layer->reaches);
            }
        }
    }

    private function checkPlan(\stdClass $preview, \stdClass $document, string $now): void
    {
        $all = array_column($document->piece->parts, 'id');
        $parts = array_column(array_map(static fn (\stdClass $s): array => [$s->id, $s->parts ?? []], $document->steps), 1, 0);
        $turned = array_column($document->piece->parts, 'turned', 'id');
        $free = array_fill_keys(array_merge(...array_map(static fn (string $p): array => ["$p 1", "$p 2"], $all)), strtotime($now));
        $handsOn = $done = 0;
        foreach ($preview->plan->coats as $coat) {
            self::assertGreaterThanOrEqual($done, strtotime($coat->stretches[0]->start), 'one thing at a time');
            $touched = $coat->stretches[$coat->slakes > 0 ? 1 : 0]->start;
            self::assertSame(0, $coat->tooLate);
            $handsOn += $coat->handsOn;
            $done = strtotime($coat->end);
            foreach ([] === $parts[$coat->stepId] ? $all : $parts[$coat->stepId] as $part) {
                $sides = match (true) {
                    null === $coat->half => [1, 2],
                    true !== ($turned[$part] ?? false) => 'first side' === $coat->half ? [1, 2] : [],
                    default => ['first side' === $coat->half ? 1 : 2],
                };
                foreach ($sides as $side) {
                    self::assertGreaterThanOrEqual($free["$part $side"], strtotime($touched));
                    $free["$part $side"] = strtotime($coat->nextFrom);
                }
            }
        }
        self::assertSame($handsOn, $preview->plan->handsOn);
        if (null === $preview->plan->stuck) {
            self::assertGreaterThanOrEqual(max(0, ...array_values($free)), strtotime($preview->plan->readyOn));
            self::assertGreaterThanOrEqual(strtotime($preview->plan->readyOn), strtotime($preview->plan->curedOn));
        }
    }
}
