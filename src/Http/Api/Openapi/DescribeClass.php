<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Openapi;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Day;
use Inlaid\Core\Colour\Colour;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/**
 * Describes value objects as JSON schemas: their public properties, with the types their constructors document.
 *
 * Documents travel as RawJson; the parameter's comment then says "schema NAME", a file of `docs/formats/`.
 */
final class DescribeClass
{
    /** @var array<string, array<string, mixed>> finished schemas by name */
    private array $schemas = [];
    private readonly TypeResolver $types;

    public function __construct()
    {
        $this->types = TypeResolver::create();
    }

    /**
     * @return array<string, array<string, mixed>>
     */
    public function schemas(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed> a reference to its schema
     */
    public function ref(string $class): array
    {
        $reflection = new \ReflectionClass($class);
        $name = $reflection->getShortName();
        if (!isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $this->schemas[$name] = is_subclass_of($class, \BackedEnum::class) ? $this->enum($class) : $this->object($reflection);
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /**
     * @param class-string<\BackedEnum> $class
     *
     * @return array<string, mixed>
     */
    private function enum(string $class): array
    {
        return ['type' => 'string', 'enum' => array_map(static fn (\BackedEnum $c): int|string => $c->value, $class::cases())];
    }

    /**
     * @param \ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function object(\ReflectionClass $class): array
    {
        $properties = $required = [];
        $optional = [];
        $constructor = $class->getConstructor();
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            // What only its own factories make is never read from a request: all of it is there.
            $optional[$parameter->getName()] = true === $constructor?->isPublic() && $parameter->isOptional();
        }
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $name = $property->getName();
            $schema = $this->type($this->types->resolve($property), $this->schemaNamed($class, $name));
            $properties[$name] = [] === $property->getAttributes(Day::class) ? $schema : ['format' => 'date'] + $schema;
            if (!($optional[$name] ?? false)) {
                $required[] = $name;
            }
        }
        $comment = trim(preg_replace('/^\s*\/?\*+\/?[ ]?/m', '', (string) $class->getDocComment()) ?? '');

        return [
            'type' => 'object',
            'description' => preg_replace('/\s+/', ' ', $comment),
            'additionalProperties' => false,
            'required' => $required,
            'properties' => $properties,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function type(Type $type, ?string $named): array
    {
        if ($type instanceof NullableType) {
            $schema = $this->type($type->getWrappedType(), $named);

            return isset($schema['type'])
                ? ['type' => [$schema['type'], 'null']] + $schema
                : ['anyOf' => [...(\is_array($schema['anyOf'] ?? null) ? $schema['anyOf'] : [$schema]), ['type' => 'null']]];
        }

        return match (true) {
            $type instanceof UnionType => ['anyOf' => array_map(fn (Type $t): array => $this->type($t, $named), $type->getTypes())],
            $type instanceof CollectionType => $this->collection($type, $named),
            $type instanceof ObjectType => $this->ofClass($type->getClassName(), $named),
            $type instanceof BuiltinType => ['type' => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT => 'integer',
                TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::BOOL => 'boolean',
                TypeIdentifier::STRING => 'string',
                default => throw new \LogicException("No schema is known of $type."),
            }],
            default => throw new \LogicException("No schema is known of $type."),
        };
    }

    /**
     * @param CollectionType<*> $type
     *
     * @return array<string, mixed>
     */
    private function collection(CollectionType $type, ?string $named): array
    {
        $item = $this->type($type->getCollectionValueType(), $named);

        return $type->isList() || !$type->getCollectionKeyType()->isIdentifiedBy(TypeIdentifier::STRING)
            ? ['type' => 'array', 'items' => $item]
            : ['type' => 'object', 'additionalProperties' => $item];
    }

    /**
     * @return array<string, mixed>
     */
    private function ofClass(string $class, ?string $named): array
    {
        \assert(class_exists($class) || interface_exists($class) || enum_exists($class));

        return match (true) {
            RawJson::class === $class && null === $named => ['type' => 'object', 'description' => 'The document that is stored now.'],
            RawJson::class === $class || Document::class === $class => ['$ref' => '#/components/schemas/'.ucfirst((string) $named)],
            Colour::class === $class, BigRational::class === $class => ['type' => 'string'],
            is_a($class, \DateTimeInterface::class, true) => ['type' => 'string', 'format' => 'date-time'],
            default => $this->ref($class),
        };
    }

    /**
     * @param \ReflectionClass<object> $class
     */
    private function schemaNamed(\ReflectionClass $class, string $property): ?string
    {
        $comment = (string) $class->getConstructor()?->getDocComment();

        return 1 === preg_match('/\$'.$property.'\s+schema (\w+)/', $comment, $m) ? $m[1] : null;
    }
}
