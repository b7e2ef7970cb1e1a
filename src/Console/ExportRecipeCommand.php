<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:recipe:export', 'Print a recipe document')]
final class ExportRecipeCommand extends Command
{
    public function __construct(private readonly RecipeBook $book)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('id', InputArgument::REQUIRED, 'The recipe id')->addOption(
            'revision',
            null,
            InputOption::VALUE_REQUIRED,
            'A revision instead of the draft',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input, $output): void {
            $id = Arguments::text($input, 'id');
            $revision = Arguments::optionOrNull($input, 'revision');
            $text = null === $revision ? $this->book->get($id)->draft->document : $this->book->revision($id, (int) $revision)->document;
            $output->writeln(Json::encode(Json::decode($text), true), OutputInterface::OUTPUT_RAW);
        });
    }
}
