<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Piece\FieldTest;

/**
 * A field test with the answers it can give.
 */
final readonly class TestWord
{
    /**
     * @param list<NamedWord> $answers
     */
    public function __construct(public FieldTest $key, public string $question, public array $answers)
    {
    }

    public static function of(FieldTest $test): self
    {
        $answers = $test->answers();

        return new self(
            $test,
            $test->question(),
            array_map(static fn (string $key, string $name): NamedWord => new NamedWord($key, $name), array_keys($answers), $answers),
        );
    }
}
