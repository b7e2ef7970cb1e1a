<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\Sqlite\CheckStore;
use Inlaid\App\Store\Sqlite\CopyStore;
use Inlaid\App\Store\Sqlite\StoreTrouble;
use Inlaid\App\Store\StudioSettings;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:prepare', 'Upgrade the database and stock an empty shelf')]
final class PrepareCommand extends Command
{
    public function __construct(
        private readonly CopyStore $copy,
        private readonly CheckStore $check,
        private readonly MaterialShelf $shelf,
        private readonly StudioSettings $settings,
        private readonly LoadMaterials $materials,
        private readonly RecipeBook $book,
        private readonly string $storePath,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('first-colours', null, InputOption::VALUE_NONE, 'Stock an empty shelf with a few plain colours too');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        is_dir(\dirname($this->storePath)) || mkdir(\dirname($this->storePath), 0o700, true);
        $trouble = $this->check->check($this->storePath);
        if (StoreTrouble::Missing === $trouble && !is_file($this->storePath)) {
            touch($this->storePath) && chmod($this->storePath, 0o600);
        }
        if (null !== $trouble && !\in_array($trouble, [StoreTrouble::Missing, StoreTrouble::Older], true)) {
            $output->writeln('<error>'.$trouble->sentence().'</error>');

            return self::FAILURE;
        }
        try {
            $migrated = null === $trouble ? self::SUCCESS : $this->migrate($output);
        } catch (\RuntimeException $error) {
            $output->writeln('<error>'.$error->getMessage().'</error>');

            return self::FAILURE;
        }
        if (self::SUCCESS !== $migrated) {
            $output->writeln('<error>The upgrade failed. The backup next to the database is complete.</error>');

            return self::FAILURE;
        }
        if ($this->shelf->isEmpty()) {
            $of = true === $input->getOption('first-colours') ? $this->materials->forNewStudio() : $this->materials->catalogue();
            $this->shelf->put(...array_values($of));
        }

        $this->settings->begin();
        $this->book->reindexUnreckoned();

        return self::SUCCESS;
    }

    private function migrate(OutputInterface $output): int
    {
        if ($this->copy->exists()) {
            $this->copy->to($this->copy->aside('before-migration'));
        }

        return $this->doctrine('doctrine:migrations:migrate', ['--allow-no-migration' => true], $output);
    }

    /**
     * @param array<string, mixed> $options
     */
    private function doctrine(string $name, array $options, OutputInterface $output): int
    {
        $input = new ArrayInput($options);
        $input->setInteractive(false);
        $quiet = new BufferedOutput();
        $code = $this->getApplication()?->find($name)->run($input, $quiet) ?? self::FAILURE;
        if (self::SUCCESS !== $code && $output->isVerbose()) {
            $output->write($quiet->fetch());
        }

        return $code;
    }
}
