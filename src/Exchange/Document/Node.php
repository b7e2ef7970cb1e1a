<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Brick\Math\BigRational;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\ValidationError;

/**
 * A place in a JSON document: takes fields one by one, knows its pointer, refuses what it was not told of.
 *
 * A wrong field is noted and ends the reading of its own object only, so that one answer names every place.
 */
final class Node
{
    /** @var array<array-key, mixed>|null the fields, once they are asked for */
    private ?array $members = null;

    private function __construct(public readonly string $pointer, private readonly mixed $value, private readonly Problems $problems)
    {
    }

    /**
     * Reads a whole document.
     *
     * @template T
     *
     * @param mixed            $json as json_decode gives it, objects as objects
     * @param \Closure(self):T $read
     *
     * @return T
     *
     * @throws InvalidInput with every violation found
     */
    public static function read(mixed $json, \Closure $read, string $pointer = ''): mixed
    {
        $problems = new Problems();
        try {
            $result = $read(new self($pointer, $json, $problems));
            $problems->throwIfAny();

            return $result;
        } catch (SkipRest) {
            $problems->throwIfAny();

            throw new \LogicException('A field failed without a message.');
        }
    }

    /**
     * Names the fields this object may have; every other one is a violation.
     */
    public function fields(string ...$known): self
    {
        foreach (array_keys($this->members()) as $name) {
            if (!\in_array((string) $name, $known, true)) {
                $this->problems->add($this->at((string) $name), \sprintf('Unknown field “%s”', mb_substr((string) $name, 0, 60)));
            }
        }

        return $this;
    }

    /** Is the field there, and not null? */
    public function has(string $name): bool
    {
        return isset($this->members()[$name]);
    }

    public function string(string $name, int $longest = 200, bool $mayBeEmpty = false): string
    {
        $value = $this->take($name);
        if (!\is_string($value)) {
            $this->refuse($name, 'Enter text');
        }
        if (mb_strlen($value) > $longest) {
            $this->refuse($name, \sprintf('Too long. Maximum %d characters.', $longest));
        }
        if (!mb_check_encoding($value, 'UTF-8') || 1 === preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', $value)) {
            $this->refuse($name, 'Remove the control characters');
        }

        return '' === trim($value) && !$mayBeEmpty ? $this->refuse($name, 'Required') : $value;
    }

    public function text(string $name, int $longest = 2000): string
    {
        return $this->has($name) ? $this->string($name, $longest, true) : '';
    }

    /** An id: letters, digits and hyphens. */
    public function id(string $name): string
    {
        $id = $this->string($name, 64);

        return 1 === preg_match('/^[A-Za-z0-9][A-Za-z0-9-]*$/', $id) ? $id : $this->refuse($name, 'Use letters, digits and hyphens only');
    }

    public function int(string $name, ?int $otherwise = null): int
    {
        $value = $this->has($name) || null === $otherwise ? $this->take($name) : $otherwise;
        if (\is_float($value) && floor($value) === $value && abs($value) < 1e9) {
            return (int) $value;
        }

        return \is_int($value) ? $value : $this->refuse($name, 'Enter a whole number');
    }

    public function intOrNull(string $name): ?int
    {
        return $this->has($name) ? $this->int($name) : null;
    }

    public function float(string $name): float
    {
        $value = $this->take($name);
        if (\is_int($value)) {
            return (float) $value;
        }

        return \is_float($value) && is_finite($value) ? $value : $this->refuse($name, 'Enter a number');
    }

    public function floatOrNull(string $name): ?float
    {
        return $this->has($name) ? $this->float($name) : null;
    }

    public function bool(string $name): bool
    {
        $value = $this->take($name);

        return \is_bool($value) ? $value : $this->refuse($name, 'Enter true or false');
    }

    /** A day, which travels as 2026-11-25. */
    public function dayOrNull(string $name): ?\DateTimeImmutable
    {
        if (!$this->has($name)) {
            return null;
        }
        $text = $this->string($name, 10);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return false !== $day && $day->format('Y-m-d') === $text ? $day : $this->refuse($name, 'Enter a date, for example 2026-11-25');
    }

    /** An exact number, which travels as a string: "1/3", "43.7". */
    public function exact(string $name): BigRational
    {
        return $this->child($name)->asExact();
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E
     */
    public function enum(string $name, string $enum): \BackedEnum
    {
        return $this->child($name)->asEnum($enum);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E|null
     */
    public function enumOrNull(string $name, string $enum): ?\BackedEnum
    {
        return $this->has($name) ? $this->enum($name, $enum) : null;
    }

    public function child(string $name): self
    {
        return new self($this->at($name), $this->take($name), $this->problems);
    }

    public function childOrNull(string $name): ?self
    {
        return $this->has($name) ? $this->child($name) : null;
    }

    /**
     * @template T
     *
     * @param \Closure(self):T $read
     *
     * @return list<T>
     */
    public function list(string $name, \Closure $read, int $most = 200): array
    {
        $value = $this->take($name);
        if (!\is_array($value)) {
            $this->refuse($name, 'Must be a list');
        }
        if (\count($value) > $most) {
            $this->refuse($name, \sprintf('Too many: %d. Maximum %d.', \count($value), $most));
        }
        $read_ = [];
        foreach (array_values($value) as $i => $item) {
            try {
                $read_[] = $read(new self($this->at($name).'/'.$i, $item, $this->problems));
            } catch (SkipRest) {
            }
        }

        return $read_;
    }

    /**
     * @template T
     *
     * @param \Closure(self):T $read
     *
     * @return array<string, T>
     */
    public function map(string $name, \Closure $read, int $most = 400): array
    {
        $child = $this->child($name);
        $members = $child->members();
        if (\count($members) > $most) {
            $this->refuse($name, \sprintf('Too many: %d. Maximum %d.', \count($members), $most));
        }
        $map = [];
        foreach ($members as $key => $item) {
            try {
                $map[(string) $key] = $read(new self($child->at((string) $key), $item, $this->problems));
            } catch (SkipRest) {
            }
        }

        return $map;
    }

    /** This node itself as text, for items of a list. */
    public function asString(int $longest = 400): string
    {
        return \is_string($this->value) && mb_strlen($this->value) <= $longest ? $this->value : $this->refuseHere('Enter text');
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E
     */
    public function asEnum(string $enum): \BackedEnum
    {
        $case = \is_string($this->value) ? $enum::tryFrom($this->value) : null;

        return $case ?? $this->refuseHere(\sprintf(
            'Choose one of: %s',
            implode(', ', array_map(static fn (\BackedEnum $c): string => (string) $c->value, $enum::cases())),
        ));
    }

    /** The last step of the pointer: the key of a map, unescaped. */
    public function name(): string
    {
        return strtr(substr((string) strrchr($this->pointer, '/'), 1), ['~1' => '/', '~0' => '~']);
    }

    public function asExact(): BigRational
    {
        $value = $this->value;

        return \is_string($value)
            ? $this->make(static fn (): BigRational => ExactNumber::parse($value))
            : $this->refuseHere('Enter an exact number as text, for example "1/3" or "43.7"');
    }

    public function asFloat(): float
    {
        return \is_int($this->value) || \is_float($this->value) && is_finite($this->value)
            ? (float) $this->value
            : $this->refuseHere('Enter a number');
    }

    /** The raw JSON value, for documents that are kept as they came. */
    public function raw(): mixed
    {
        return $this->value;
    }

    /**
     * Makes something of the core and puts its refusal, if any, at this place.
     *
     * @template T
     *
     * @param \Closure():T $make
     *
     * @return T
     */
    public function make(\Closure $make, ?string $name = null): mixed
    {
        try {
            return $make();
        } catch (ValidationError $refusal) {
            null === $name ? $this->refuseHere($refusal->getMessage()) : $this->refuse($name, $refusal->getMessage());
        }
    }

    public function refuse(string $name, string $message): never
    {
        $this->problems->add($this->at($name), $message);

        throw new SkipRest();
    }

    public function refuseHere(string $message): never
    {
        $this->problems->add($this->pointer, $message);

        throw new SkipRest();
    }

    private function take(string $name): mixed
    {
        return $this->members()[$name] ?? $this->refuse($name, 'Missing');
    }

    /**
     * @return array<array-key, mixed>
     */
    private function members(): array
    {
        return $this->members ??= $this->value instanceof \stdClass
            ? get_object_vars($this->value)
            : $this->refuseHere('Must be an object');
    }

    private function at(string $name): string
    {
        return $this->pointer.'/'.strtr($name, ['~' => '~0', '/' => '~1']);
    }
}
