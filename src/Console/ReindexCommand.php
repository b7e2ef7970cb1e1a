<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\RecipeBook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:reindex', 'Rebuild the search index and the recipe cards')]
final class ReindexCommand extends Command
{
    public function __construct(private readonly RecipeBook $book)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(\sprintf('%d recipes indexed.', $this->book->reindex()));

        return self::SUCCESS;
    }
}
