<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Sqlite;

use Doctrine\ORM\QueryBuilder;

/**
 * Narrows a search to what has a text anywhere in a field, whatever its case; an empty text narrows nothing.
 */
final readonly class Containing
{
    /**
     * @param string $or what finds it too
     */
    public static function text(QueryBuilder $find, string $field, string $text, string $or = '1 = 0'): void
    {
        if ('' === trim($text)) {
            return;
        }
        $find->andWhere("LOWER($field) LIKE :containing ESCAPE '!' OR $or")
            ->setParameter('containing', '%'.preg_replace('/[!%_]/', '!$0', mb_strtolower(trim($text))).'%');
    }
}
