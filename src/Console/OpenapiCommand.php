<?php

declare(strict_types=1);

namespace Inlaid\App\Console;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Openapi\DescribeApi;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('inlaid:openapi', 'Print the API description')]
final class OpenapiCommand extends Command
{
    public function __construct(private readonly DescribeApi $api)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(Json::encode($this->api->describe(), true), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
