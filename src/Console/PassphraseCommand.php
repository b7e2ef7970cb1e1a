<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Store\Lock\StudioLock;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('inlaid:passphrase', 'Set the passphrase for other devices; creates one when run without a terminal')]
final class PassphraseCommand extends Command
{
    private const SYLLABLES = [['b', 'd', 'f', 'g', 'k', 'l', 'm', 'n', 'p', 'r', 's', 't', 'v', 'w', 'z'], ['a', 'e', 'i', 'o', 'u']];
    private const WORDS = 5;

    public function __construct(private readonly StudioLock $lock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-none', null, InputOption::VALUE_NONE, 'Keep a passphrase that is already set');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('if-none') && $this->lock->isSet()) {
            return self::SUCCESS;
        }
        $io = new SymfonyStyle($input, $output);
        $asked = $input->isInteractive()
            ? $io->askHidden(
                \sprintf('Passphrase of the studio, at least %d characters (empty: create one)', StudioLock::SHORTEST),
                static fn (mixed $typed): mixed => $typed ?? '',
            )
            : '';
        $passphrase = \is_string($asked) && '' !== $asked ? $asked : self::make();
        try {
            $this->lock->set($passphrase);
        } catch (\DomainException $error) {
            $io->error($error->getMessage());

            return self::FAILURE;
        }
        $output->writeln(
            $passphrase === $asked
                ? 'The passphrase is set.'
                : "The passphrase of the studio is: $passphrase\nWrite it down. It isn't shown again.",
        );

        return self::SUCCESS;
    }

    /** Five words that can be said, of 12.4 bits each. */
    private static function make(): string
    {
        $letter = static fn (int $of): string => self::SYLLABLES[$of][random_int(0, \count(self::SYLLABLES[$of]) - 1)];

        return implode('-', array_map(static fn (): string => $letter(0).$letter(1).$letter(0).$letter(1), range(1, self::WORDS)));
    }
}
