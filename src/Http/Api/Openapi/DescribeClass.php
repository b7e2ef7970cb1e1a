<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Openapi;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Material\Colour;
use Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\PropertyInfo\PropertyInfoExtractor;
use Symfony\Component\PropertyInfo\Type;

/**
 * Describes value objects as JSON schemas: their public properties, with the types their constructors document.
 *
 * Documents travel as RawJson; the parameter's comment then says "schema NAME", a file of `docs/formats/`.
 */
final class DescribeClass
{
    /** @var array<string, array<string, mixed>> finished schemas by name */
    private array $schemas = [];
    private readonly PropertyInfoExtractor $types;

    public function __construct()
    {
        $this->types = new PropertyInfoExtractor([], [new PhpStanExtractor(), new ReflectionExtractor()]);
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
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $optional[$parameter->getName()] = $parameter->isOptional();
        }
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $name = $property->getName();
            $type = $this->types->getTypes($class->getName(), $name)[0] ?? throw new \LogicException("No type is known of $class->name::\$$name.");
            $properties[$name] = $this->type($type, $this->schemaNamed($class, $name));
            if (!($optional[$name] ?? false)) {
                $required[] = $name;
            }
        }
        $comment = trim(preg_replace('/^\s*\/?\*+\/?[ ]?/m', '', (string) $class->getDocComment()) ?? '');

        return ['type' => 'object', 'description' => preg_replace('/\s+/', ' ', $comment), 'additionalProperties' => false, 'required' => $required, 'properties' => $properties];
    }

    /**
     * @return array<string, mixed>
     */
    private function type(Type $type, ?string $named): array
    {
        $schema = $type->isCollection() ? $this->collection($type, $named) : match ($type->getBuiltinType()) {
            Type::BUILTIN_TYPE_INT => ['type' => 'integer'],
            Type::BUILTIN_TYPE_FLOAT => ['type' => 'number'],
            Type::BUILTIN_TYPE_BOOL => ['type' => 'boolean'],
            Type::BUILTIN_TYPE_STRING => ['type' => 'string'],
            default => $this->ofClass($type->getClassName() ?? throw new \LogicException('A type says nothing.'), $named),
        };

        return $type->isNullable() ? (isset($schema['$ref']) ? ['anyOf' => [$schema, ['type' => 'null']]] : ['type' => [$schema['type'], 'null']] + $schema) : $schema;
    }

    /**
     * @return array<string, mixed>
     */
    private function collection(Type $type, ?string $named): array
    {
        $item = $type->getCollectionValueTypes()[0] ?? throw new \LogicException('A list does not say of what.');
        $isMap = Type::BUILTIN_TYPE_STRING === ($type->getCollectionKeyTypes()[0] ?? null)?->getBuiltinType();

        return $isMap ? ['type' => 'object', 'additionalProperties' => $this->type($item, $named)] : ['type' => 'array', 'items' => $this->type($item, $named)];
    }

    /**
     * @return array<string, mixed>
     */
    private function ofClass(string $class, ?string $named): array
    {
        \assert(class_exists($class) || interface_exists($class) || enum_exists($class));

        return match (true) {
            RawJson::class === $class && null === $named => ['type' => 'object', 'description' => 'The document that is stored now.'],
            RawJson::class === $class => ['$ref' => '#/components/schemas/'.ucfirst((string) $named)],
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
