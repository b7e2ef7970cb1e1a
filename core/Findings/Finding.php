<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Recipe\Step;

/**
 * Something that will go wrong, or might: where, why, how much it matters, and what would mend it.
 *
 * Immutable. `reason` and `source` are its rule's. `key` names it as long as it is the same one; `school` the question on which the trade
 * differs about it; `accepted` the reason for which the painter keeps it, null where it is not accepted; `isMendable` whether there are
 * remedies to be tried. Those that take long to find are not looked for before they are asked for.
 */
final readonly class Finding
{
    /**
     * @param list<string>                            $steps    ids, the first is where it shows
     * @param list<Remedy>|(\Closure(): list<Remedy>) $remedies
     */
    private function __construct(
        public string $key,
        public string $rule,
        public Severity $severity,
        public array $steps,
        public string $why,
        public string $reason,
        public string $source,
        private array|\Closure $remedies,
        public bool $isMendable,
        public ?string $school,
        public ?string $accepted,
    ) {
    }

    /**
     * @param list<string>                            $steps
     * @param list<Remedy>|(\Closure(): list<Remedy>) $remedies
     * @param string                                  $about    what tells it from others of the same rule and steps, for example a part
     */
    public static function of(
        Rule $rule,
        Severity $severity,
        array $steps,
        string $why,
        array|\Closure $remedies = [],
        ?string $school = null,
        string $about = '',
    ): self {
        $steps = array_values(array_unique(array_map(Step::documentId(...), $steps))); // a blend is one step

        return new self(
            key: implode(':', [$rule->key(), ...$steps, ...('' === $about ? [] : [$about])]),
            rule: $rule->key(),
            severity: $severity,
            steps: $steps,
            why: $why,
            reason: $rule->reason(),
            source: $rule->source(),
            remedies: $remedies,
            isMendable: [] !== $remedies,
            school: $school,
            accepted: null,
        );
    }

    /**
     * @return list<Remedy> none of which has been tried yet
     */
    public function remedies(): array
    {
        return $this->remedies instanceof \Closure ? ($this->remedies)() : $this->remedies;
    }

    public function acceptedFor(?string $reason): self
    {
        return new self(
            key: $this->key,
            rule: $this->rule,
            severity: $this->severity,
            steps: $this->steps,
            why: $this->why,
            reason: $this->reason,
            source: $this->source,
            remedies: $this->remedies,
            isMendable: $this->isMendable,
            school: $this->school,
            accepted: $reason,
        );
    }

    /**
     * What is found now that was not found before.
     *
     * @param list<self> $now
     * @param list<self> $before
     *
     * @return list<self>
     */
    public static function brought(array $now, array $before): array
    {
        $known = array_map(static fn (self $f): string => $f->key, $before);

        return array_values(array_filter($now, static fn (self $f): bool => !\in_array($f->key, $known, true)));
    }
}
