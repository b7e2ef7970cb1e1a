<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\WorkedOut;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Preview\PreviewRecipe;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:preview', 'Calculate a recipe document; prints the answer of POST /api/preview')]
final class PreviewCommand extends Command
{
    public function __construct(
        private readonly ReadRecipe $read,
        private readonly StudioContext $context,
        private readonly PreviewRecipe $preview,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A recipe document')->addOption(
            'context',
            null,
            InputOption::VALUE_REQUIRED,
            'A file with the context, or part of it',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return ReportError::around($output, function () use ($input, $output): void {
            $recipe = $this->read->read(Arguments::jsonFile(Arguments::text($input, 'file')));
            $stated = Arguments::optionOrNull($input, 'context');
            [$context, $whole] = $this->context->with(null === $stated ? null : Arguments::jsonFile($stated), '');
            $output->write(
                Json::encode(new WorkedOut($whole, $this->preview->preview($recipe, $context))),
                false,
                OutputInterface::OUTPUT_RAW,
            );
        });
    }
}
