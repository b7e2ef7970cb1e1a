<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Runs\Data;

use Inlaid\App\Exchange\RawJson;

/**
 * A piece on the bench, with what was noted of it.
 */
final readonly class RunResponse
{
    /**
     * @param RawJson                              $document schema recipe
     * @param list<\Inlaid\Core\Run\WorkDone>      $works    begun or done
     * @param array<string, float>                 $poured   ml, by step
     * @param list<RunNote>                        $notes
     * @param list<\Inlaid\App\Store\RunPhotoLine> $photos
     * @param list<RunAct>                         $acts     all there is to do, in order, done or not, and what is left out too
     * @param list<RunEvent>                       $events   all that was noted
     * @param list<string>                         $skipped  ids of steps
     * @param array<string, int>                   $passed   after which round a repeated step was found enough
     * @param array<string, int>                   $again    after which it was found not to be
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $title,
        public RawJson $document,
        public ?string $recipe,
        public ?int $revision,
        public ?string $place,
        public ?string $notBefore,
        public ?string $due,
        public ?\DateTimeImmutable $finishedAt,
        public bool $archived,
        public \DateTimeImmutable $createdAt,
        public array $works,
        public array $poured,
        public array $notes,
        public array $photos,
        public array $skipped,
        public array $passed,
        public array $again,
        public array $acts,
        public array $events,
        public string $lesson,
        public ?int $rating,
    ) {
    }
}
