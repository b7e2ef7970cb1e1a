<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:recipe:import', 'Import a recipe document as a new recipe; prints its id')]
final class ImportRecipeCommand extends Command
{
    public function __construct(private readonly ReadRecipe $read, private readonly RecipeBook $book)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A recipe document');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input, $output): void {
            $output->writeln($this->book->add($this->read->document(Arguments::jsonFile(Arguments::text($input, 'file'))))->id);
        });
    }
}
