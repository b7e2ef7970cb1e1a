<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Symfony\Component\Console\Input\InputInterface;

/**
 * Arguments and options as text.
 */
final class Arguments
{
    public static function text(InputInterface $input, string $name): string
    {
        $value = $input->getArgument($name);

        return \is_string($value) ? $value : '';
    }

    public static function optionOrNull(InputInterface $input, string $name): ?string
    {
        $value = $input->getOption($name);

        return \is_string($value) ? $value : null;
    }

    /**
     * @throws \RuntimeException if it cannot be read or is not JSON
     */
    public static function jsonFile(string $path): mixed
    {
        $text = is_file($path) ? file_get_contents($path) : false;
        if (false === $text) {
            throw new \RuntimeException(\sprintf('Can\'t read the file “%s”.', $path));
        }
        try {
            return \Inlaid\App\Exchange\Json::decode($text);
        } catch (\JsonException $error) {
            throw new \RuntimeException(\sprintf('“%s” isn\'t JSON: %s.', $path, $error->getMessage()));
        }
    }
}
