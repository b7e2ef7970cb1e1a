<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System;

use Doctrine\DBAL\Connection;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\Problem;
use Inlaid\App\Http\System\Data\Health;
use Inlaid\App\Store\Sqlite\CheckStore;
use Inlaid\App\Store\Sqlite\Pages;
use Inlaid\App\Store\Sqlite\StoreTrouble;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/health', name: 'health', methods: 'GET')]
#[Describe('Check server and database', gives: Health::class)]
final readonly class CheckHealth
{
    /** Bytes that should be free where the store lies. */
    private const ROOM = 64 * 1024 * 1024;

    public function __construct(private Connection $connection, private CheckStore $check, private string $storePath)
    {
    }

    public function __invoke(): Health
    {
        $trouble = $this->check->check($this->storePath, Pages::None);
        try {
            $this->connection->fetchOne('SELECT COUNT(*) FROM recipe');
        } catch (\Throwable $error) {
            $trouble ??= StoreTrouble::of($error, $this->storePath) ?? StoreTrouble::Damaged;
        }
        if (null !== $trouble) {
            throw new Problem(503, $trouble->value, $trouble->sentence());
        }
        $trouble = $this->writing();
        $notes = null === $trouble ? [] : [$trouble->sentence()];
        $free = @disk_free_space(\dirname($this->storePath));
        if (false !== $free && $free < self::ROOM) {
            $notes[] = \sprintf('Only %d MB are left on the disk of the database. Free some space.', (int) ($free / 1024 / 1024));
        }

        return new Health([] === $notes ? 'well' : 'limited', null === $trouble ? 'readable' : $trouble->value, $notes);
    }

    /** What would keep anything from being saved. */
    private function writing(): ?StoreTrouble
    {
        try {
            $this->connection->beginTransaction();
            $this->connection->executeStatement('UPDATE settings SET version = version');
            $this->connection->rollBack();

            return null;
        } catch (\Throwable $error) {
            if ($this->connection->isTransactionActive()) {
                $this->connection->rollBack();
            }

            return StoreTrouble::of($error, $this->storePath) ?? StoreTrouble::ReadOnly;
        }
    }
}
