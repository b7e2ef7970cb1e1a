<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;

/**
 * The rows of a table as objects of a bundle and back, after the mapping of their entity: a new column is in the bundle by itself.
 *
 * A field that an older bundle does not have yet is left to its default.
 */
final readonly class Rows
{
    private const DAY = 'Y-m-d';

    public function __construct(private EntityManagerInterface $em)
    {
    }

    /**
     * @param list<string>|null $only values of the first of `$by`, all if null
     *
     * @return iterable<array<string, mixed>> fields by name, as JSON has them; blobs are left out
     */
    public function of(Kind $kind, string $by = '', ?array $only = null): iterable
    {
        $meta = $this->em->getClassMetadata($kind->entity());
        $columns = $this->columns($kind);
        $find = $this->em->getConnection()->createQueryBuilder()->select(...array_map(
            static fn (array $c): string => $c['column'],
            array_values($columns),
        ))->from($meta->getTableName());
        foreach ($meta->getIdentifierColumnNames() as $column) {
            $find->addOrderBy($column);
        }
        foreach (null === $only ? [null] : array_chunk($only, 400) as $chunk) {
            $asked = clone $find;
            if (null !== $chunk) {
                $asked->where($columns[$by]['column'].' IN (:only)')->setParameter(
                    'only',
                    $chunk,
                    \Doctrine\DBAL\ArrayParameterType::STRING,
                );
            }
            foreach ($asked->executeQuery()->iterateNumeric() as $values) {
                $row = [];
                foreach (array_keys($columns) as $i => $field) {
                    $row[$field] = $this->written(kind: $kind, field: $field, type: $columns[$field]['type'], value: $values[$i]);
                }
                yield array_filter($row, static fn (mixed $v): bool => null !== $v);
            }
        }
    }

    /**
     * Reads the plain fields of a line; what is JSON itself is left as it came.
     *
     * @return array<string, mixed> by field, dates as such
     */
    public function read(Kind $kind, Node $n): array
    {
        $columns = $this->columns($kind);
        $n->fields(...array_keys($columns));
        $row = [];
        foreach ($columns as $field => ['type' => $type, 'length' => $length, 'nullable' => $nullable, 'default' => $default]) {
            $row[$field] = match (true) {
                !$n->has($field) && ($nullable || null !== $default) => $default,
                $kind->isJson($field) => $n->child($field)->raw(),
                Types::INTEGER === $type => $n->int($field),
                Types::FLOAT === $type => $n->float($field),
                Types::DATE_IMMUTABLE === $type => $n->dayOrNull($field),
                Types::DATETIME_IMMUTABLE === $type => self::time($n, $field),
                26 === $length || 64 === $length => $n->id($field),
                default => $n->string($field, $length ?? 4000, true),
            };
        }

        return $row;
    }

    /**
     * @param array<string, mixed> $row by field
     */
    public function keep(Kind $kind, array $row): void
    {
        $columns = $this->columns($kind, true);
        $values = $types = [];
        foreach ($row as $field => $value) {
            $column = $columns[$field]['column'];
            [$values[$column], $types[$column]] = [
                null !== $value && !\is_string($value) && $kind->isJson($field) ? Json::encode($value) : $value,
                $columns[$field]['type'],
            ];
        }
        $this->em->getConnection()->insert($this->em->getClassMetadata($kind->entity())->getTableName(), $values, $types);
    }

    public function deleteAll(Kind $kind): void
    {
        $this->em->getConnection()->executeStatement('DELETE FROM '.$this->em->getClassMetadata($kind->entity())->getTableName());
    }

    /**
     * @return array<string, array{column: string, type: string, length: int|null, nullable: bool, default: mixed}> by field
     */
    private function columns(Kind $kind, bool $all = false): array
    {
        $meta = $this->em->getClassMetadata($kind->entity());
        $columns = [];
        foreach ($meta->getAssociationNames() as $field) {
            if ($meta->isSingleValuedAssociation($field) && !$meta->isAssociationInverseSide($field)) {
                $columns[$field] = [
                    'column' => $meta->getSingleAssociationJoinColumnName($field),
                    'type' => Types::STRING,
                    'length' => 26,
                    'nullable' => false,
                    'default' => null,
                ];
            }
        }
        foreach ($meta->getFieldNames() as $field) {
            $mapping = $meta->getFieldMapping($field);
            if ($all || !$kind->isLeftOut($field)) {
                $columns[$field] = [
                    'column' => $mapping->columnName,
                    'type' => $mapping->type,
                    'length' => $mapping->length,
                    'nullable' => true === $mapping->nullable,
                    'default' => self::byDefault($meta, $field),
                ];
            }
        }

        return $columns;
    }

    /** @param ClassMetadata<object> $meta */
    private static function byDefault(ClassMetadata $meta, string $field): mixed
    {
        $class = $meta->getReflectionClass();
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $field) {
                return $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null;
            }
        }

        return $class->getProperty($field)->getDefaultValue();
    }

    private function written(Kind $kind, string $field, string $type, mixed $value): mixed
    {
        if (\is_string($value) && $kind->isJson($field)) {
            return Json::decode($value);
        }
        $read = $this->em->getConnection()->convertToPHPValue($value, $type);

        return $read instanceof \DateTimeInterface ? $read->format(Types::DATE_IMMUTABLE === $type ? self::DAY : \DATE_ATOM) : $read;
    }

    private static function time(Node $n, string $field): \DateTimeImmutable
    {
        $at = 1 === preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(Z|[+-]\d\d:\d\d)$/', $n->string($field, 40))
            ? date_create_immutable($n->string($field, 40))
            : false;

        return false === $at
            ? $n->refuse($field, 'Enter a time, for example 2026-11-24T08:00:00+01:00')
            : $at->setTimezone(new \DateTimeZone(date_default_timezone_get()));
    }
}
