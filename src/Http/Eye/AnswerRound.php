<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Eye;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Eye\Data\EyeAnswerRequest;
use Inlaid\App\Http\Eye\Data\EyeTold;
use Inlaid\App\Store\EyeBook;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/eye/rounds/{id}/answers', methods: 'POST')]
#[Describe('Answer a question of a round; the first answer counts', takes: EyeAnswerRequest::class, gives: EyeTold::class)]
final readonly class AnswerRound
{
    public function __construct(private EyeBook $eye)
    {
    }

    public function __invoke(string $id, EyeAnswerRequest $asked): EyeTold
    {
        $question = $this->eye->answer(id: $id, question: $asked->question, said: $asked->said);

        return new EyeTold($question->truth, $question->says);
    }
}
