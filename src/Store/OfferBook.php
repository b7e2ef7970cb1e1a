<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredOffer;

/**
 * Links by which clients look at a few finished pieces, painted, and choose one.
 */
final readonly class OfferBook
{
    public const MOST = 4;
    private const LISTED = 40;

    public function __construct(private EntityManagerInterface $em, private ClientLinks $links)
    {
    }

    /**
     * @return list<StoredOffer> those that are open or were chosen from, the newest first
     */
    public function latest(): array
    {
        $all = $this->em->getRepository(StoredOffer::class)->findBy([], ['createdAt' => 'DESC', 'id' => 'DESC'], self::LISTED);
        $now = new \DateTimeImmutable();

        return array_values(array_filter($all, static fn (StoredOffer $o): bool => null !== $o->choice || $o->isOpen($now)));
    }

    /**
     * @throws NotFound
     */
    public function get(string $id): StoredOffer
    {
        return $this->em->find(StoredOffer::class, $id) ?? throw NotFound::of('link', $id);
    }

    /**
     * @param non-empty-list<OfferedLook> $looks
     *
     * @return array{StoredOffer, string} the link and its secret, which is not kept
     *
     * @throws InvalidInput if it is to last too long, or too many are open
     */
    public function offer(string $title, array $looks, int $days): array
    {
        return $this->em->wrapInTransaction(function () use ($title, $looks, $days): array {
            [$offer, $secret] = $this->links->make(StoredOffer::class, $this->latest(), $days);
            [$offer->title, $offer->looks] = [$title, Json::encode($looks)];
            $this->em->persist($offer);

            return [$offer, $secret];
        });
    }

    /**
     * @throws NotFound
     */
    public function revoke(string $id): void
    {
        $this->em->wrapInTransaction(fn () => $this->links->revoke($this->get($id)));
    }

    /**
     * @throws NotFound if the link is wrong, over or revoked
     */
    public function open(string $secret): StoredOffer
    {
        return $this->links->open(StoredOffer::class, $secret);
    }

    /**
     * The one choice of a link.
     *
     * @throws NotFound     if the link is wrong, over or revoked
     * @throws InvalidInput if there is no such look, or it was made already
     */
    public function choose(string $secret, string $label, string $comment): StoredOffer
    {
        return $this->em->wrapInTransaction(function () use ($secret, $label, $comment): StoredOffer {
            $offer = $this->open($secret);
            $known = array_column(OfferedLook::all($offer->looks), 'label');
            \in_array($label, $known, true) || throw InvalidInput::at('/label', 'Choose one of '.implode(', ', $known).'.');
            $this->links->choose(link: $offer, chosen: $offer->choice, comment: $comment, at: '/label');
            $offer->choice = $label;

            return $offer;
        });
    }
}
