<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\ORM\QueryBuilder;

/**
 * Narrows a search to what has a text anywhere in a field, whatever its case; an empty text narrows nothing.
 */
final readonly class Containing
{
    public static function text(QueryBuilder $find, string $field, string $text): void
    {
        if ('' === trim($text)) {
            return;
        }
        $find->andWhere("LOWER($field) LIKE :containing ESCAPE '!'")
            ->setParameter('containing', '%'.preg_replace('/[!%_]/', '!$0', mb_strtolower(trim($text))).'%');
    }
}
