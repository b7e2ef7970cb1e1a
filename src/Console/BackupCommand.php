<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\Sqlite\CopyStore;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:backup', 'Write a consistent copy of the store, also while the program runs')]
final class BackupCommand extends Command
{
    public function __construct(private readonly CopyStore $copy)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('target', InputArgument::REQUIRED, 'A file that is not there yet');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $target = Arguments::text($input, 'target');
        try {
            $this->copy->to($target);
        } catch (\RuntimeException $error) {
            $output->writeln('<error>'.$error->getMessage().'</error>');

            return self::FAILURE;
        }
        $output->writeln(\sprintf('Copied to %s (%d kB).', $target, (int) ceil((int) filesize($target) / 1024)));

        return self::SUCCESS;
    }
}
