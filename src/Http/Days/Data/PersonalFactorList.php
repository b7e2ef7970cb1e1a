<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * Figures of one kind, whether they are reckoned with, and the setting that says so.
 */
final readonly class PersonalFactorList
{
    /**
     * @param list<PersonalFactor> $figures
     */
    public function __construct(public string $setting, public bool $used, public array $figures)
    {
    }
}
