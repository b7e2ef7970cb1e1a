<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\ReadBoard;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredReading;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Learn\SeenPatch;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * The patches of all boards that a colour was read of, and what was done on them: the newest readings first.
 */
final readonly class PatchesSeen
{
    private const MOST = 60;

    public function __construct(
        private EntityManagerInterface $em,
        private ReadBoard $read,
        private StudioContext $context,
        private Practices $practices,
        private WorkOutSteps $steps = new WorkOutSteps(),
    ) {
    }

    /**
     * @return list<SeenPatch> those that hold a material
     */
    public function with(string $material): array
    {
        /** @var list<StoredReading> $readings */
        $readings = $this->em->createQuery(\sprintf(
            'SELECT r, b FROM %s r JOIN r.board b WHERE b.archivedAt IS NULL AND b.document LIKE :material ORDER BY r.readAt DESC',
            StoredReading::class,
        ))->setParameter('material', '%"'.$material.'"%')->getResult();
        $seen = $boards = [];
        $context = $this->context->own();
        foreach ($readings as $reading) {
            $document = Json::decode($reading->document);
            if (\count($seen) >= self::MOST || !$document instanceof \stdClass || !\is_string($document->colour ?? null)) {
                continue;
            }
            $board = $boards[$reading->board->id] ??= $this->read->read(Json::decode($reading->board->document))->board;
            $patch = $this->patch(board: $board, label: $reading->patch, seen: Lab::of(Colour::of($document->colour)), context: $context);
            $seen = $patch->uses($material) ? [...$seen, $patch] : $seen;
        }

        return $seen;
    }

    private function patch(Board $board, string $label, Lab $seen, Context $context): SeenPatch
    {
        $recipe = $board->patch($label)->recipe;
        $works = $this->steps->doneOn(
            recipe: $recipe,
            climate: $context->climate,
            habits: $context->habits($this->practices, $recipe),
            there: static fn (): bool => true,
        );

        return new SeenPatch(board: $board->title, patch: $label, part: $recipe->piece->parts[0], works: $works, seen: $seen);
    }
}
