<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\Core\Findings\CheckRecipe;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:findings', 'Print the catalogue of rules, docs/findings.md')]
final class FindingsCommand extends Command
{
    public function __construct(private readonly CheckRecipe $check)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $rules = $this->check->rules();
        $lines = [
            '# What is found',
            '',
            \sprintf('The %d rules that look at every recipe, with why each holds and where that is known from. This page is made by', \count($rules)),
            '`bin/console inlaid:findings > docs/findings.md`; a test fails when it is stale.',
            '',
            'A finding is *stop* (it will fail or harm), *mind* (it will likely be seen) or a *hint*. Whatever a rule says, follow',
            'the label, the safety data sheet and local rules.',
        ];
        foreach ($rules as $rule) {
            $lines = [...$lines, '', '## '.$rule->name(), '', $rule->reason(), '', \sprintf('*%s* (`%s`)', $rule->source(), $rule->key())];
        }
        $output->writeln($lines, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
