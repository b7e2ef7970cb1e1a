<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredEyeRound;
use Inlaid\Core\Eye\EyeAnswer;
use Inlaid\Core\Eye\EyeQuestion;
use Symfony\Component\Uid\Ulid;

/**
 * The rounds in which the painter's eye was trained.
 */
final readonly class EyeBook
{
    /** What was seen long ago says little of the eye of today. */
    private const LATEST = 200;

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /** What a round to come is seeded by. */
    public static function seed(): string
    {
        return (string) new Ulid();
    }

    /**
     * @param list<EyeQuestion> $questions
     */
    public function begin(string $seed, array $questions): void
    {
        $this->em->wrapInTransaction(function () use ($seed, $questions): void {
            $this->em->persist(new StoredEyeRound($seed, new \DateTimeImmutable(), (new EyeRound($questions))->written()));
        });
    }

    /**
     * @return EyeQuestion the one that was answered; the first answer counts
     *
     * @throws NotFound
     * @throws InvalidInput if there is no such question or option
     */
    public function answer(string $id, int $question, int $said): EyeQuestion
    {
        return $this->em->wrapInTransaction(function () use ($id, $question, $said): EyeQuestion {
            $stored = $this->em->find(StoredEyeRound::class, $id) ?? throw NotFound::of('round', $id);
            $round = self::read($stored);
            $asked = $round->questions[$question] ?? throw InvalidInput::at('/question', 'There is no such question.');
            isset($asked->options[$said]) || throw InvalidInput::at('/said', 'Choose one of the answers.');
            $stored->document = $round->answered($question, $said, time())->written();

            return $asked;
        });
    }

    /**
     * @return list<EyeAnswer> of the latest rounds
     */
    public function answers(): array
    {
        $rounds = $this->em->getRepository(StoredEyeRound::class)->findBy([], ['startedAt' => 'DESC', 'id' => 'DESC'], self::LATEST);

        return array_merge([], ...array_map(static fn (StoredEyeRound $r): array => self::read($r)->told(), $rounds));
    }

    private static function read(StoredEyeRound $stored): EyeRound
    {
        return Node::read(Json::decode($stored->document), EyeRound::read(...));
    }
}
