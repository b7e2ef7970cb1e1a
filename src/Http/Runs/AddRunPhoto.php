<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Picture\TakePicture;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Runs\Data\RunResponse;
use Inlaid\App\Store\RunBook;
use Inlaid\App\Store\RunPhotos;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/runs/{id}/photos', methods: 'POST')]
#[Describe(
    'Add a bench photo: JPEG, PNG or WebP; it is re-encoded without metadata',
    takes: Describe::PICTURE,
    gives: RunResponse::class,
    status: 201,
    query: ['step' => 'string'],
)]
final readonly class AddRunPhoto
{
    public function __construct(private RunBook $runs, private RunPhotos $photos, private TakePicture $take, private DescribeRuns $describe)
    {
    }

    public function __invoke(string $id, Request $request): RunResponse
    {
        $run = $this->runs->get($id);
        $step = $request->query->getString('step');
        if ('' !== $step && !isset($this->runs->recipe($run)->stepsById()[$step])) {
            throw InvalidInput::at('/step', 'The recipe of this job has no such step.');
        }
        $this->photos->add($run, '' === $step ? null : $step, $this->take->take($request->getContent()));

        return $this->describe->one($run);
    }
}
