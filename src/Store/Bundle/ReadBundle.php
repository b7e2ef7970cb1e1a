<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\Violation;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\Picture\NoPicture;
use Inlaid\App\Exchange\Picture\Picture;
use Inlaid\App\Exchange\Picture\TakePicture;

/**
 * Reads a bundle: its lines one after the other, each checked, and whether all they belong to is there.
 */
final readonly class ReadBundle
{
    public const FORMAT = 'inlaid-bundle';
    public const VERSION = 1;
    private const MOST_WRONG = 40;
    /** Of a kind; twenty years of a busy studio are a tenth of it. */
    private const MOST_ROWS = 200_000;
    private const LARGEST_PHOTO = 12 * 1024 * 1024;

    public function __construct(private CheckRow $check, private TakePicture $picture = new TakePicture())
    {
    }

    /**
     * @return array{bool, string} whether it is a whole studio, and when it was made
     *
     * @throws InvalidInput
     */
    public function head(ZipIn $zip): array
    {
        return Node::read(self::json($zip->read('bundle.json', 10_000), '/bundle'), static function (Node $n): array {
            if (self::FORMAT !== $n->fields('format', 'version', 'whole', 'madeAt')->string('format', 40)) {
                $n->refuse('format', 'This isn\'t an Inlaid Recipe bundle.');
            }
            if ($n->int('version') > self::VERSION) {
                $n->refuse('version', 'This bundle is from a newer version of Inlaid Recipe.');
            }

            return [$n->bool('whole'), $n->string('madeAt', 40)];
        }, '/bundle');
    }

    /**
     * @return iterable<array<string, mixed>> the rows of a kind, checked
     *
     * @throws InvalidInput at the first that is wrong
     */
    public function rows(ZipIn $zip, Kind $kind): iterable
    {
        foreach ($zip->lines($kind->file()) as $number => $line) {
            $at = "/{$kind->value}/$number";
            yield $this->check->check($kind, self::json($line, $at), $at);
        }
    }

    /**
     * @throws InvalidInput if it is not there, or no photo
     */
    public function photo(ZipIn $zip, string $id): Picture
    {
        try {
            return $this->picture->again($zip->read("photos/$id.jpg", self::LARGEST_PHOTO));
        } catch (NoPicture $none) {
            throw InvalidInput::at("/photos/$id", $none->getMessage());
        }
    }

    /**
     * Looks all of it over.
     *
     * @return array<string, array<string, array<string, mixed>>> what is told of each recipe, board and so on, by kind and id
     *
     * @throws InvalidInput with every place that is wrong, up to a number
     */
    public function survey(ZipIn $zip): array
    {
        [$wrong, $seen] = [[], []];
        foreach (Kind::cases() as $kind) {
            $seen[$kind->value] = [];
            foreach ($zip->lines($kind->file()) as $number => $line) {
                $at = "/{$kind->value}/$number";
                $number <= self::MOST_ROWS || throw InvalidInput::at($at, \sprintf('Too many lines. Maximum %d.', self::MOST_ROWS));
                try {
                    $row = $this->check->check($kind, self::json($line, $at), $at);
                    $id = self::id($kind, $row);
                    isset($seen[$kind->value][$id]) && throw InvalidInput::at($at, 'This is in the bundle twice.');
                    $this->belongs(kind: $kind, row: $row, seen: $seen, at: $at);
                    if ($kind->isPhoto()) {
                        $this->photo($zip, $id);
                    }
                    $seen[$kind->value][$id] = Kind::Drafts === $kind || Kind::Boards === $kind
                        ? ['print' => self::print($row['document'])] + array_intersect_key($row, ['title' => 1])
                        : array_intersect_key($row, ['title' => 1, 'recipe' => 1, 'board' => 1, 'head' => 1]);
                } catch (InvalidInput $refused) {
                    array_push($wrong, ...$refused->violations);
                    if (\count($wrong) >= self::MOST_WRONG) {
                        throw new InvalidInput($wrong);
                    }
                }
            }
        }
        foreach ($seen[Kind::Recipes->value] as $id => $recipe) {
            isset($seen[Kind::Drafts->value][$id]) || $wrong[] = new Violation("/recipes/$id", 'This recipe has no draft.');
        }
        if ([] !== $wrong) {
            throw new InvalidInput($wrong);
        }

        return $seen;
    }

    /**
     * @param array<string, mixed>                               $row
     * @param array<string, array<string, array<string, mixed>>> $seen
     *
     * @throws InvalidInput if what it belongs to is not there
     */
    private function belongs(Kind $kind, array $row, array $seen, string $at): void
    {
        foreach (['recipe' => Kind::Recipes, 'board' => Kind::Boards, 'run' => Kind::Runs] as $field => $owner) {
            if (\is_string($row[$field] ?? null) && !isset($seen[$owner->value][$row[$field]])) {
                throw InvalidInput::at("$at/$field", 'The parent of this entry is missing from the bundle.');
            }
        }
        if (
            Kind::Revisions === $kind
            && \is_string($row['recipe'])
            && ($row['number'] < 1 || $row['number'] > $seen[Kind::Recipes->value][$row['recipe']]['head'])
        ) {
            throw InvalidInput::at("$at/number", 'The recipe has no such revision.');
        }
    }

    /** By which a document is told from another without being kept in mind whole. */
    public static function print(mixed $document): string
    {
        return hash('xxh128', \is_string($document) ? $document : '');
    }

    /** @param array<string, mixed> $row */
    private static function id(Kind $kind, array $row): string
    {
        $parts = match ($kind) {
            Kind::Settings => ['one'],
            Kind::Drafts => [$row['recipe']],
            Kind::Revisions => [$row['recipe'], $row['number']],
            Kind::Readings => [$row['board'], $row['patch']],
            Kind::Stock => [$row['materialId']],
            default => [$row['id']],
        };

        return implode(' ', array_map(static fn (mixed $p): string => \is_scalar($p) ? (string) $p : '', $parts));
    }

    private static function json(string $text, string $pointer): mixed
    {
        try {
            return Json::decode($text);
        } catch (\JsonException) {
            throw InvalidInput::at($pointer, 'This isn\'t JSON.');
        }
    }
}
