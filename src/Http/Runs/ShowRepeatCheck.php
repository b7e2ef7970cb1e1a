<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Studio\CheckRepeat;
use Inlaid\App\Studio\RepeatCheck;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/repeat-check', methods: 'GET')]
#[Describe('Show what has changed since a job and what is left of it', gives: RepeatCheck::class)]
final readonly class ShowRepeatCheck
{
    public function __construct(private RunBook $runs, private CheckRepeat $check)
    {
    }

    public function __invoke(string $id): RepeatCheck
    {
        return $this->check->check($this->runs->get($id));
    }
}
