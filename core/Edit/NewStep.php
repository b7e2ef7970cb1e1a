<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * A step that a remedy or a proposed preparation puts in.
 *
 * Immutable. An empty list of parts means the whole piece; `dwell` in minutes.
 */
final readonly class NewStep
{
    /**
     * @param list<string> $parts
     */
    public function __construct(
        public string $title,
        public string $technique,
        public array $parts = [],
        public ?MaterialRequirement $uses = null,
        public ?int $grit = null,
        public int $coats = 1,
        public WaitUntil $wait = WaitUntil::Nothing,
        public Purpose $purpose = Purpose::Functional,
        public ?int $dwell = null,
        public ?Repeat $repeat = null,
        public ?SandingAim $aim = null,
    ) {
    }

    /**
     * A clear coat over what is there, through-dry.
     *
     * @param list<string> $parts
     */
    public static function topcoat(array $parts, bool $outdoors, int $coats = 1, string $title = 'Clear topcoat'): self
    {
        return new self(
            title: $title,
            technique: 'brushed',
            parts: $parts,
            uses: MaterialRequirement::topcoat($outdoors),
            coats: $coats,
            wait: WaitUntil::Through,
        );
    }

    /**
     * @param list<string> $parts
     */
    public function on(array $parts): self
    {
        return new self(
            title: $this->title,
            technique: $this->technique,
            parts: $parts,
            uses: $this->uses,
            grit: $this->grit,
            coats: $this->coats,
            wait: $this->wait,
            purpose: $this->purpose,
            dwell: $this->dwell,
            repeat: $this->repeat,
            aim: $this->aim,
        );
    }
}
