<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\Sqlite\CopyStore;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:backup', 'Back up the database; the server can keep running')]
final class BackupCommand extends Command
{
    public function __construct(private readonly CopyStore $copy)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('target', InputArgument::REQUIRED, 'A new file, or with --keep a folder');
        $this->addOption(
            'keep',
            null,
            InputOption::VALUE_REQUIRED,
            'Name the backup by its time and keep this number of the latest in the folder',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $target = Arguments::text($input, 'target');
        $keep = Arguments::optionOrNull($input, 'keep');
        if (null !== $keep && 1 !== preg_match('/^[1-9]\d{0,4}$/', $keep)) {
            $output->writeln('<error>--keep needs a number of backups, 1 or more.</error>');

            return self::INVALID;
        }
        try {
            $target = null === $keep ? $target : $this->next($target);
            $this->copy->to($target);
            null === $keep || $this->thin(\dirname($target), (int) $keep);
        } catch (\RuntimeException $error) {
            $output->writeln('<error>'.$error->getMessage().'</error>');

            return self::FAILURE;
        }
        $output->writeln(\sprintf('Copied to %s (%d kB).', $target, (int) ceil((int) filesize($target) / 1024)));

        return self::SUCCESS;
    }

    private function next(string $folder): string
    {
        if (!is_dir($folder) && !mkdir($folder, 0o700, true)) {
            throw new \RuntimeException(\sprintf('Can\'t create the folder “%s”.', $folder));
        }

        return CopyStore::free(\sprintf('%s/studio-%s', $folder, gmdate('Ymd-His')), '.sqlite');
    }

    private function thin(string $folder, int $keep): void
    {
        $copies = [...glob($folder.'/studio-????????-??????.sqlite') ?: [], ...glob($folder.'/studio-????????-??????-*.sqlite') ?: []];
        rsort($copies, \SORT_NATURAL);
        array_map(unlink(...), \array_slice($copies, $keep));
    }
}
