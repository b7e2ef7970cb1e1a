<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

/**
 * A file that is gone when it is no longer held. Where there is no room for it that is said, and not found out halfway.
 */
final class TemporaryFile
{
    private function __construct(public readonly string $path)
    {
    }

    public function __destruct()
    {
        !is_file($this->path) || unlink($this->path);
    }

    /**
     * @param iterable<string> $pieces
     *
     * @throws NoRoom
     */
    public static function of(iterable $pieces = []): self
    {
        $path = @tempnam(sys_get_temp_dir(), 'inlaid-');
        if (false === $path) {
            throw new NoRoom(sys_get_temp_dir());
        }
        $file = new self($path);
        $stream = fopen($path, 'w');
        foreach ($pieces as $piece) {
            if (false === $stream || @fwrite($stream, $piece) !== \strlen($piece)) {
                throw new NoRoom(\dirname($path));
            }
        }
        if (false === $stream || !@fflush($stream)) {
            throw new NoRoom(\dirname($path));
        }
        fclose($stream);

        return $file;
    }

    public function isEmpty(): bool
    {
        return 0 === filesize($this->path);
    }
}
