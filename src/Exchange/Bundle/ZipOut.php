<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Bundle;

use Inlaid\App\Exchange\NoRoom;
use Inlaid\App\Exchange\TemporaryFile;

/**
 * Writes a zip file, piece by piece.
 */
final class ZipOut
{
    private const AT_ONCE = 200;
    private int $waiting = 0;

    private function __construct(private \ZipArchive $zip, private readonly string $path)
    {
    }

    /**
     * @param string $path in the place of what is there
     *
     * @throws \RuntimeException if it cannot be written
     */
    public static function to(string $path): self
    {
        $zip = new \ZipArchive();

        return true === $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)
            ? new self($zip, $path)
            : throw new \RuntimeException(\sprintf('Can\'t write “%s”.', $path));
    }

    /** Photos are packed already. */
    public function add(string $name, string $bytes, bool $pack = true): void
    {
        $this->zip->addFromString($name, $bytes);
        if (!$pack) {
            $this->zip->setCompressionName($name, \ZipArchive::CM_STORE);
        }
        if (++$this->waiting >= self::AT_ONCE) {
            // What was added waits in memory until it is closed.
            $this->close();
            $this->zip->open($this->path);
            $this->waiting = 0;
        }
    }

    /**
     * @param iterable<string> $lines
     */
    public function addLines(string $name, iterable $lines): void
    {
        $file = TemporaryFile::of((static function () use ($lines): iterable {
            foreach ($lines as $line) {
                yield $line."\n";
            }
        })());
        if (!$file->isEmpty()) {
            $this->zip->addFile($file->path, $name);
            $this->close();
            $this->zip->open($this->path);
        }
    }

    /**
     * @throws NoRoom if it cannot be written
     */
    public function close(): void
    {
        if (!@$this->zip->close()) {
            throw new NoRoom(\dirname($this->path));
        }
    }
}
