<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * Something one does to a part to find out what it is, with the answers it can give. Untested is no answer: it stays unknown.
 *
 * General craft: each of the tests of an old finish looks for what dissolves it.
 */
enum FieldTest: string
{
    case Water = 'water';
    case Spirit = 'spirit';
    case Alcohol = 'alcohol';
    case Thinner = 'thinner';
    case Rag = 'rag';
    case Edge = 'edge';
    case Tape = 'tape';
    case Age = 'age';
    case Lead = 'lead';

    public function question(): string
    {
        return match ($this) {
            self::Water => 'A drop of water, after a minute',
            self::Spirit => 'Mineral spirit on a rag, rubbed hard',
            self::Alcohol => 'A drop of alcohol on a hidden spot',
            self::Thinner => 'A drop of lacquer thinner on a hidden spot',
            self::Rag => 'A damp white rag, left on for ten minutes',
            self::Edge => 'The grain at an edge or in a hole',
            self::Tape => 'Tape over a small crosscut, pulled off',
            self::Age => 'Age of the oldest paint',
            self::Lead => 'A lead test on every layer',
        };
    }

    /**
     * @return non-empty-array<string, string> what is seen, by key
     */
    public function answers(): array
    {
        return match ($this) {
            self::Water => ['darkens' => 'soaks in and darkens', 'beads' => 'beads up'],
            self::Spirit => ['smears' => 'smears, yellow waxy rag', 'nothing' => 'shines only while wet'],
            self::Alcohol, self::Thinner => ['softens' => 'softens and gets sticky', 'nothing' => 'stays hard'],
            self::Rag => ['coloured' => 'the rag takes colour', 'clean' => 'the rag stays white'],
            self::Edge => ['layers' => 'shows thin layers', 'through' => 'runs through from the face'],
            self::Tape => ['lifts' => 'lifts flakes', 'holds' => 'comes off clean'],
            self::Age => ['before' => 'before the lead ban, or unknown', 'after' => 'after the lead ban'],
            self::Lead => ['found' => 'shows lead', 'none' => 'shows none in any layer'],
        };
    }

    /**
     * @throws InvalidPiece if it cannot have that answer
     */
    public function check(string $answer): void
    {
        if (!isset($this->answers()[$answer])) {
            throw InvalidPiece::noSuch('answer to the test', $answer);
        }
    }
}
