<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Eye\Data\EyeResponse;
use Inlaid\App\Store\EyeBook;
use Inlaid\Core\Eye\LearnEye;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/eye', methods: 'GET')]
#[Describe('Show how well the painter\'s eye sees, and to which side it errs', gives: EyeResponse::class)]
final readonly class ShowEye
{
    public function __construct(private EyeBook $eye, private LearnEye $learn)
    {
    }

    public function __invoke(): EyeResponse
    {
        return new EyeResponse($this->learn->learn($this->eye->answers()));
    }
}
