<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Bundle;

use Inlaid\App\Exchange\Document\InvalidInput;

/**
 * A zip file that somebody brought: looked over before anything in it is unpacked, and nothing of it ever put on the disk.
 *
 * What it says of its sizes is believed no further than it is read.
 */
final readonly class ZipIn
{
    public const MOST_BYTES = 64 * 1024 * 1024;
    private const MOST_FILES = 5000;
    private const MOST_UNPACKED = 320 * 1024 * 1024;
    /** Whoever sits at the machine may bring so many times as much: photos of many years are read one at a time. */
    private const AT_THE_MACHINE = 40;
    private const LONGEST_LINE = 4 * 1024 * 1024;
    private const NAME = '#^([a-z]+\.jsonl?|photos/[A-Za-z0-9][A-Za-z0-9-]{0,63}\.jpg)$#D';

    /**
     * @param array<string, int> $sizes of what is in it, unpacked, by name
     */
    private function __construct(private \ZipArchive $zip, public array $sizes)
    {
    }

    /**
     * @param string $path         of a file
     * @param bool   $atTheMachine brought by whom the machine belongs to, and not over the net
     *
     * @throws InvalidInput if it is none, or holds what no bundle holds
     */
    public static function open(string $path, bool $atTheMachine = false): self
    {
        $zip = new \ZipArchive();
        $times = $atTheMachine ? self::AT_THE_MACHINE : 1;
        if ((int) @filesize($path) > $times * self::MOST_BYTES) {
            throw InvalidInput::at('', \sprintf('This file is larger than %d MB.', $times * self::MOST_BYTES / 1024 / 1024));
        }
        if (true !== $zip->open($path, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS)) {
            throw InvalidInput::at('', 'This isn\'t a complete .zip file. Download it again.');
        }
        if ($zip->numFiles > $times * self::MOST_FILES) {
            throw InvalidInput::at('', \sprintf('Too many files: %d. Maximum %d.', $zip->numFiles, $times * self::MOST_FILES));
        }
        $sizes = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $stat = $zip->statIndex($i) ?: throw InvalidInput::at('', 'Can\'t read this .zip file.');
            $name = $stat['name'];
            $shown = mb_substr(mb_scrub($name), 0, 60);
            if (1 !== preg_match(self::NAME, $name)) {
                throw InvalidInput::at('', \sprintf('“%s” doesn\'t belong in a bundle.', $shown));
            }
            if (isset($sizes[$name])) {
                throw InvalidInput::at('', \sprintf('“%s” is in the bundle twice.', $shown));
            }
            if (\ZipArchive::EM_NONE !== $stat['encryption_method']) {
                throw InvalidInput::at('', \sprintf('“%s” is locked with a password.', $shown));
            }
            $sizes[$name] = $stat['size'];
        }
        if (array_sum($sizes) > $times * self::MOST_UNPACKED) {
            throw InvalidInput::at(
                '',
                \sprintf(
                    'Too large: %d MB unpacked. Maximum %d MB.',
                    array_sum($sizes) / 1024 / 1024,
                    $times * self::MOST_UNPACKED / 1024 / 1024,
                ),
            );
        }

        return new self($zip, $sizes);
    }

    public function has(string $name): bool
    {
        return isset($this->sizes[$name]);
    }

    /**
     * @param int $most bytes
     *
     * @throws InvalidInput if it is not there, larger, or broken
     */
    public function read(string $name, int $most): string
    {
        if (!$this->has($name)) {
            throw InvalidInput::at('', \sprintf('The bundle is incomplete: “%s” is missing. Export it again.', $name));
        }
        if ($this->sizes[$name] > $most) {
            throw InvalidInput::at('', \sprintf('“%s” is too large.', $name));
        }
        $bytes = $this->zip->getFromName($name, $most);

        return false !== $bytes && \strlen($bytes) === $this->sizes[$name]
            ? $bytes
            : throw InvalidInput::at('', \sprintf('“%s” is broken.', $name));
    }

    /**
     * The lines of a file, one after the other; none where it is not there.
     *
     * @return iterable<int, string> by number, from 1
     *
     * @throws InvalidInput if it is broken, or a line is longer than any document
     */
    public function lines(string $name): iterable
    {
        if (!$this->has($name)) {
            return;
        }
        $stream = $this->zip->getStream($name) ?: throw InvalidInput::at('', \sprintf('“%s” is broken.', $name));
        $read = 0;
        for ($number = 1; false !== $line = stream_get_line($stream, self::LONGEST_LINE, "\n"); ++$number) {
            $read += \strlen($line) + 1;
            if (\strlen($line) >= self::LONGEST_LINE || $read > $this->sizes[$name] + 1) {
                throw InvalidInput::at('', \sprintf('Line %d of “%s” is too long.', $number, $name));
            }
            yield $number => $line;
        }
        fclose($stream);
        if (abs($read - $this->sizes[$name]) > 1) {
            throw InvalidInput::at('', \sprintf('“%s” is broken.', $name));
        }
    }
}
