<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Store\Entity\StoredMaterial;
use Inlaid\App\Store\Entity\StoredStock;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\Quantity;

/**
 * What is left of the packs on the shelf.
 */
final readonly class ShelfStock
{
    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @return list<StoredStock> by material
     */
    public function all(): array
    {
        return $this->em->getRepository(StoredStock::class)->findBy([], ['materialId' => 'ASC']);
    }

    /**
     * @param Quantity|null $left null where nothing is left, or nobody counts it
     *
     * @throws NotThere if there is no such material
     */
    public function keep(string $materialId, ?Quantity $left): void
    {
        $this->em->wrapInTransaction(function () use ($materialId, $left): void {
            $this->em->find(StoredMaterial::class, $materialId) ?? throw NotThere::of('material', $materialId);
            $stored = $this->em->find(StoredStock::class, $materialId);
            if (null === $left) {
                null === $stored || $this->em->remove($stored);

                return;
            }
            $stored ??= new StoredStock($materialId, '0', 'ml');
            $stored->amount = ExactNumber::exact($left->amount);
            $stored->unit = Dimension::Mass === $left->dimension ? 'g' : 'ml';
            $this->em->persist($stored);
        });
    }
}
