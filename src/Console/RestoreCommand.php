<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\Sqlite\CopyStore;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:restore', 'Restore a backup (the current database is saved next to it)')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly CopyStore $copy)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('source', InputArgument::REQUIRED, 'A backup');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $aside = $this->copy->from(Arguments::text($input, 'source'));
        } catch (\RuntimeException $error) {
            $output->writeln('<error>'.$error->getMessage().'</error>');

            return self::FAILURE;
        }
        $output->writeln('Restored.'.(null === $aside ? '' : ' The previous database is in '.$aside));

        return $this->getApplication()?->find('inlaid:prepare')->run(new ArrayInput([]), $output) ?? self::SUCCESS;
    }
}
