<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Finishes;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\JsonLines;
use Inlaid\App\Http\Api\ReadContext;
use Inlaid\App\Http\Finishes\Data\SearchLine;
use Inlaid\App\Http\Finishes\Data\SearchRequest;
use Inlaid\App\Http\Finishes\Data\SoFar;
use Inlaid\App\Http\Finishes\Data\WishedColour;
use Inlaid\App\Studio\Deadline;
use Inlaid\App\Studio\LookAsked;
use Inlaid\App\Studio\ProposeFinishes;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Design\Found;
use Inlaid\Core\Design\Wish;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Answers line by line, each a JSON object of its own: every now and then what is nearest so far, at last the answer.
 */
#[Route('/api/finishes/search', methods: 'POST')]
#[Describe(
    'Search for finishes close to a look, each as a whole recipe; one JSON object a line, the last has the answer',
    takes: SearchRequest::class,
    gives: SearchLine::class,
)]
final readonly class SearchFinishes
{
    private const SECONDS = 40;
    /** A search that goes on has so many times as much of everything. */
    private const THOROUGH = 3;
    /** A line so far at most every so many seconds, and of so many finishes. */
    private const EVERY = 0.4;
    private const TOLD = 4;

    public function __construct(
        private ReadPiece $read,
        private ReadContext $context,
        private ProposeFinishes $propose,
    ) {
    }

    public function __invoke(SearchRequest $asked): JsonLines
    {
        $piece = Node::read($asked->piece->json, $this->read->read(...), '/piece');
        $colours = array_column(
            array_map(static fn (WishedColour $c): array => [$c->zone->value, $c->colour], $asked->colours),
            1,
            0,
        );
        $look = new LookAsked(
            piece: $asked->piece->json,
            read: $piece,
            partId: $asked->part,
            wish: [] === $colours
                ? throw InvalidInput::at('/colours', 'Enter a colour.')
                : Wish::of($colours, $asked->lively),
            sheen: $asked->sheen,
            mayBuy: $asked->mayBuy,
            woodShows: $asked->woodShows,
            minutes: $asked->minutes,
            cost: $asked->cost,
            effort: $asked->thorough ? self::THOROUGH : 1,
        );
        $look->part($piece);
        $context = $this->context->stated($asked->context);

        return new JsonLines(fn (\Closure $send) => $this->search($look, $context, $send));
    }

    /**
     * @param \Closure(SearchLine): void $send
     */
    private function search(LookAsked $look, Context $context, \Closure $send): void
    {
        $wait = Deadline::after(0.0);
        $answer = $this->propose->propose(
            asked: $look,
            context: $context,
            isOver: Deadline::in($look->effort * self::SECONDS),
            tell: static function (array $found, array $families) use ($send, &$wait): void {
                if ($wait()) {
                    $wait = Deadline::after(self::EVERY);
                    $send(new SearchLine(array_map(
                        static fn (Found $f): SoFar => SoFar::of($f, $families[$f->scheme->key]->name),
                        \array_slice($found, 0, self::TOLD),
                    ), null));
                }
            },
        );
        $send(new SearchLine(null, $answer));
    }
}
