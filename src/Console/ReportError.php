<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Document\InvalidInput;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Runs something that reads documents and tells every place found wrong.
 */
final class ReportError
{
    /**
     * @param \Closure(): mixed $run
     */
    public static function around(OutputInterface $output, \Closure $run): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        try {
            $run();

            return Command::SUCCESS;
        } catch (InvalidInput $refused) {
            foreach ($refused->violations as $violation) {
                $errors->writeln(\sprintf('%s: %s', '' === $violation->pointer ? '/' : $violation->pointer, $violation->message));
            }
        } catch (\RuntimeException $error) {
            $errors->writeln($error->getMessage());
        }

        return Command::FAILURE;
    }
}
