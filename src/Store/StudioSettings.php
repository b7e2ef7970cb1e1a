<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Doctrine\ORM\EntityManagerInterface;
use Inlaid\App\Exchange\Catalogue\DefaultSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\Entity\StoredSettings;

/**
 * The studio's settings. A prepared store has some: those a studio begins with.
 */
final readonly class StudioSettings
{
    public function __construct(private EntityManagerInterface $em, private DefaultSettings $default)
    {
    }

    /**
     * Keeps the settings a studio begins with, unless it has some.
     */
    public function begin(): void
    {
        if (null === $this->em->find(StoredSettings::class, StoredSettings::ID)) {
            $this->save(0, Json::encode($this->default->load()));
        }
    }

    public function get(): StoredSettings
    {
        return $this->em->find(StoredSettings::class, StoredSettings::ID) ?? new StoredSettings(0, Json::encode($this->default->load()));
    }

    /**
     * @param string $document checked before
     *
     * @throws VersionConflict if they have been changed since
     */
    public function save(int $version, string $document): StoredSettings
    {
        return $this->em->wrapInTransaction(function () use ($version, $document): StoredSettings {
            $stored = $this->get();
            if ($stored->version !== $version) {
                throw new VersionConflict($stored->version, $stored->document);
            }
            $stored->document = $document;
            ++$stored->version;
            $this->em->persist($stored);

            return $stored;
        });
    }
}
