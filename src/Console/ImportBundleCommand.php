<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Store\Bundle\TakeBundle;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:bundle:import', 'Import a bundle: add its recipes and boards, or replace this studio')]
final class ImportBundleCommand extends Command
{
    public function __construct(private readonly TakeBundle $take)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A bundle')
            ->addOption('look', null, InputOption::VALUE_NONE, 'Show the import preview only')
            ->addOption('replace', null, InputOption::VALUE_NONE, 'Replace this studio (a backup is made)')
            ->addOption('even-if-less', null, InputOption::VALUE_NONE, 'With --replace: even if it holds much less than this studio');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input, $output): void {
            $zip = ZipIn::open(Arguments::text($input, 'file'), true);
            if (true === $input->getOption('replace') && true !== $input->getOption('look')) {
                $output->writeln(
                    'The previous studio was saved to '.$this->take->replace($zip, true === $input->getOption('even-if-less')).'.',
                );

                return;
            }
            $plan = true === $input->getOption('look') ? $this->take->plan($zip) : $this->take->add($zip);
            foreach ([...$plan->recipes, ...$plan->boards] as $planned) {
                $output->writeln("$planned->becomes: $planned->title");
            }
        });
    }
}
