<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days\Data;

/**
 * What the runs of late tell of this painter: how long techniques take, how long materials dry, how much is taken;
 * and the colours that came out, the oldest first.
 */
final readonly class PersonalFactorsResponse
{
    /**
     * @param list<LogColour> $colours
     */
    public function __construct(
        public PersonalFactorList $paces,
        public PersonalFactorList $drying,
        public PersonalFactorList $amounts,
        public array $colours,
    ) {
    }
}
