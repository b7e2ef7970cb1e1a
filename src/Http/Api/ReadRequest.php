<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\SkipRest;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\Core\Colour\Colour;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/**
 * Makes a request class of a JSON body: the parameters of its constructor are the fields, with their types, and what their attributes
 * ask of them. Every wrong field is named, and every one it does not know.
 */
final class ReadRequest
{
    private const TEXT = 200;
    private const NOTE = 2000;
    private const ITEM = 400;
    private const LIST = 200;

    private readonly TypeResolver $types;

    public function __construct()
    {
        $this->types = TypeResolver::create();
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws InvalidInput with every violation found
     */
    public function read(mixed $json, string $class, string $pointer = ''): object
    {
        return Node::read($json, fn (Node $n): object => $this->object($n, $class), $pointer);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function object(Node $n, string $class): object
    {
        $parameters = (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
        $n->fields(...array_map(static fn (\ReflectionParameter $p): string => $p->getName(), $parameters));
        $values = [];
        foreach ($parameters as $parameter) {
            try {
                $values[$parameter->getName()] = $this->field($n, $parameter, $class);
            } catch (SkipRest) {
            }
        }

        return \count($values) === \count($parameters) ? new $class(...$values) : throw new SkipRest();
    }

    /**
     * @param class-string $class
     */
    private function field(Node $n, \ReflectionParameter $parameter, string $class): mixed
    {
        $name = $parameter->getName();
        $type = $this->types->resolve(new \ReflectionProperty($class, $name));
        if ($type instanceof NullableType) {
            if (!$n->has($name)) {
                return null;
            }
            $type = $type->getWrappedType();
        }
        if (!$n->has($name) && $parameter->isOptional()) {
            return $parameter->getDefaultValue();
        }
        $value = $this->value(n: $n, name: $name, type: $type, parameter: $parameter);
        $between = self::asked($parameter, Between::class);
        if (null !== $between && ($value < $between->least || $value > $between->most)) {
            $n->refuse($name, $between->says);
        }

        return $value;
    }

    private function value(Node $n, string $name, Type $type, \ReflectionParameter $parameter): mixed
    {
        if ($type instanceof CollectionType) {
            $read = fn (Node $item): mixed => $this->item($item, $type->getCollectionValueType());
            $most = self::asked($parameter, Most::class)->items ?? self::LIST;

            return $type->isList() ? $n->list($name, $read, $most) : $n->map($name, $read, $most);
        }
        if ($type instanceof ObjectType) {
            return match ($type->getClassName()) {
                Colour::class => $n->make(static fn (): Colour => Colour::of($n->string($name, self::TEXT)), $name),
                \DateTimeImmutable::class => $n->dayOrNull($name),
                BigRational::class => $n->exact($name),
                default => $this->item($n->child($name), $type),
            };
        }
        \assert($type instanceof BuiltinType);
        $most = self::asked($parameter, Length::class)->most ?? null;

        return match ($type->getTypeIdentifier()) {
            TypeIdentifier::INT => $n->int($name),
            TypeIdentifier::FLOAT => $n->float($name),
            TypeIdentifier::BOOL => $n->bool($name),
            TypeIdentifier::STRING => match (true) {
                null !== self::asked($parameter, Id::class) => $n->id($name),
                $parameter->isOptional() && '' === $parameter->getDefaultValue() => trim($n->text($name, $most ?? self::NOTE)),
                default => $n->string($name, $most ?? self::TEXT),
            },
            default => throw new \LogicException("No field can be $type."),
        };
    }

    private function item(Node $n, Type $type): mixed
    {
        if ($type instanceof BuiltinType) {
            return TypeIdentifier::FLOAT === $type->getTypeIdentifier() ? $n->asFloat() : $n->asString(self::ITEM);
        }
        $class = $type instanceof ObjectType ? $type->getClassName() : throw new \LogicException("No item can be $type.");
        \assert(class_exists($class));

        return match (true) {
            Document::class === $class => new Document($n->raw(), $n->pointer),
            is_subclass_of($class, \BackedEnum::class) => $n->asEnum($class),
            default => $this->object($n, $class),
        };
    }

    /**
     * @template A of object
     *
     * @param class-string<A> $attribute
     *
     * @return A|null
     */
    private static function asked(\ReflectionParameter $parameter, string $attribute): ?object
    {
        return ($parameter->getAttributes($attribute)[0] ?? null)?->newInstance();
    }
}
