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

#[AsCommand('inlaid:bundle:import', 'Add recipes and boards of a bundle, or put a whole studio in the place of this one')]
final class ImportBundleCommand extends Command
{
    public function __construct(private readonly TakeBundle $take)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A bundle')
            ->addOption('look', null, InputOption::VALUE_NONE, 'Only say what it would do')
            ->addOption('replace', null, InputOption::VALUE_NONE, 'Put it in the place of this studio, of which a copy is kept')
            ->addOption('even-if-less', null, InputOption::VALUE_NONE, 'With --replace: although it holds far less than is here');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input, $output): void {
            $zip = ZipIn::open(Arguments::text($input, 'file'), true);
            if (true === $input->getOption('replace') && true !== $input->getOption('look')) {
                $output->writeln('The former studio is kept in '.$this->take->replace($zip, true === $input->getOption('even-if-less')).'.');

                return;
            }
            $plan = true === $input->getOption('look') ? $this->take->plan($zip) : $this->take->add($zip);
            foreach ([...$plan->recipes, ...$plan->boards] as $planned) {
                $output->writeln("$planned->becomes: $planned->title");
            }
        });
    }
}
