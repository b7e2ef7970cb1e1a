<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\Bundle\WriteBundle;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:bundle:export', 'Export the studio, or the recipes named, as a bundle')]
final class ExportBundleCommand extends Command
{
    public function __construct(private readonly WriteBundle $write)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A new file')->addArgument(
            'recipes',
            InputArgument::IS_ARRAY,
            'Ids of recipes; none for the whole studio',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input): void {
            $file = Arguments::text($input, 'file');
            if (file_exists($file)) {
                throw new \RuntimeException(\sprintf('The file “%s” already exists. Choose another name.', $file));
            }
            /** @var list<string> $recipes */
            $recipes = $input->getArgument('recipes');
            $this->write->write($file, [] === $recipes ? null : $recipes);
        });
    }
}
