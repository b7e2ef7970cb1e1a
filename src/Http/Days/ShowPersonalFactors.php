<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Days;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Days\Data\LogColour;
use Inlaid\App\Http\Days\Data\LogPoint;
use Inlaid\App\Http\Days\Data\PersonalFactor;
use Inlaid\App\Http\Days\Data\PersonalFactorList;
use Inlaid\App\Http\Days\Data\PersonalFactorsResponse;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\StudioSettings;
use Inlaid\App\Studio\LoggedColour;
use Inlaid\App\Studio\LoggedPoint;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Run\Factor;
use Inlaid\Core\Run\LearnFactor;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Tool;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/personal-factors', methods: 'GET')]
#[Describe('What the runs of late tell of this painter\'s own pace, drying and amounts', gives: PersonalFactorsResponse::class)]
final readonly class ShowPersonalFactors
{
    public function __construct(
        private StudioContext $context,
        private StudioSettings $settings,
        private Techniques $techniques,
        private MaterialShelf $shelf,
    ) {
    }

    public function __invoke(): PersonalFactorsResponse
    {
        $learned = $this->context->learned();
        $settings = Json::decode($this->settings->get()->document);
        $materials = array_map(static fn (Material $m): string => $m->name, $this->shelf->byId());
        $techniques = array_column(array_map(static fn (Technique $t): array => [$t->key(), $t->name()], $this->techniques->all()), 1, 0);
        $name = static function (string $of) use ($materials, $techniques): string {
            [$first, $second] = explode('/', $of) + [1 => null];

            return ($materials[$first] ?? $techniques[$first] ?? $first).(
                null === $second ? '' : ', '.mb_strtolower($techniques[$second] ?? Tool::tryFrom($second)?->inWords() ?? $second)
            );
        };
        $used = static fn (string $setting): bool => $settings instanceof \stdClass && true === ($settings->{$setting} ?? null);
        $iso = $this->context->own()->working->iso(...);
        $lists = [];
        foreach (StudioContext::SWITCHES as $kind => $setting) {
            $points = $learned->points[$kind];
            usort($points, static fn (LoggedPoint $a, LoggedPoint $b): int => $a->observed->at <=> $b->observed->at);
            $figure = static fn (Factor $f): PersonalFactor => new PersonalFactor(
                of: $f->of,
                name: $name($f->of),
                factor: $f->factor,
                low: $f->low,
                high: $f->high,
                count: $f->count,
                points: array_values(array_map(static fn (LoggedPoint $p): LogPoint => new LogPoint(
                    run: $p->run,
                    title: $p->title,
                    at: $iso($p->observed->at),
                    typical: round($p->observed->typical, 1),
                    seen: round($p->observed->seen, 1),
                    tells: LearnFactor::tells($p->observed),
                ), array_filter($points, static fn (LoggedPoint $p): bool => $p->observed->of === $f->of))),
            );
            $lists[$kind] = new PersonalFactorList($setting, $used($setting), array_values(array_map($figure, $learned->factors[$kind])));
        }
        $colours = $learned->colours;
        usort($colours, static fn (LoggedColour $a, LoggedColour $b): int => $a->colour->at <=> $b->colour->at);

        return new PersonalFactorsResponse(...$lists, colours: array_map(static fn (LoggedColour $c): LogColour => new LogColour(
            run: $c->run,
            title: $c->title,
            step: $c->colour->name,
            zone: $c->colour->zone->inWords(),
            at: $iso($c->colour->at),
            seen: $c->colour->seen->hex,
            expected: $c->colour->expected->hex,
            deltaE: $c->colour->apart->deltaE,
            inWords: $c->colour->apart->inWords,
        ), $colours));
    }
}
