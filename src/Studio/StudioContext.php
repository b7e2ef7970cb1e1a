<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Brick\Math\BigRational;
use Inlaid\App\Device\Hygrometer;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Ledger;
use Inlaid\App\Store\PotBook;
use Inlaid\App\Store\StudioSettings;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Context\PotAtHand;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Practice\PersonalFactors;
use Inlaid\Core\Run\Factor;
use Inlaid\Core\Stock\Account;

/**
 * The context of a computation: the studio's settings, what is left on its shelf and in pots, and the time, under what the caller states.
 */
final readonly class StudioContext
{
    /** The settings by which figures of one's own are reckoned with. */
    public const SWITCHES = ['paces' => 'ownPace', 'drying' => 'ownDrying', 'amounts' => 'ownAmounts'];

    public function __construct(
        private StudioSettings $settings,
        private Ledger $ledger,
        private PotBook $pots,
        private ReadSettings $read,
        private OwnLog $log,
        private Hygrometer $hygrometer,
    ) {
    }

    /** The studio's own, with nothing else stated. */
    public function own(): Context
    {
        return $this->with(null)[0];
    }

    /**
     * For a piece that stands in a place: with the air there by day, as it was measured today where it was.
     *
     * @return array{Context, RawJson} the context, and the whole of it as a document
     */
    public function atPlace(?string $place): array
    {
        [$own, $whole] = $this->with(null);
        $context = $own->atPlace($place, $this->hygrometer->day($place, $own->now, $own));
        if ($context->climate === $own->climate) {
            return [$own, $whole];
        }
        $air = static fn (Climate $c): array => ['temperature' => $c->temperature, 'humidity' => $c->humidity, 'air' => $c->air];

        return [$context, new RawJson(Json::encode(array_merge((array) Json::decode($whole->text), [
            'climate' => $air($context->climate),
            'day' => array_map($air, $context->day()->hours),
        ])))];
    }

    /**
     * @param mixed $stated fields of the context, null for none
     *
     * @return array{Context, RawJson} the context, and the whole of it as a document
     *
     * @throws InvalidInput
     */
    public function with(mixed $stated, string $pointer = '/context'): array
    {
        $settings = Json::object($this->settings->get()->document);
        if (null !== $stated && !$stated instanceof \stdClass) {
            throw InvalidInput::at($pointer, 'Must be an object');
        }
        $stated = null === $stated ? [] : get_object_vars($stated);
        $zone = \is_string($settings->zone) ? $settings->zone : 'UTC';
        $json = array_merge(
            ['now' => (new \DateTimeImmutable('now', new \DateTimeZone($zone)))->format(\DATE_ATOM)],
            get_object_vars($settings),
            $stated,
        );
        $context = $this->read->read((object) $json, $pointer);
        [$context, $left] = $this->withLeft($context, $stated);
        [$context, $own] = isset($stated['own']) ? [$context, []] : $this->withOwn($context, $json);

        return [$context, new RawJson(Json::encode(array_merge($json, $left, $own)))];
    }

    /**
     * What this painter does otherwise than is typical, whether it is reckoned with or not.
     */
    public function learned(): Learned
    {
        return $this->log->learn($this->with((object) ['own' => new \stdClass()])[0]);
    }

    /**
     * With what this painter does otherwise than is typical, as far as it is switched on.
     *
     * @param array<mixed> $json
     *
     * @return array{Context, array{own?: array<string, object>}} and the same as a document
     */
    private function withOwn(Context $context, array $json): array
    {
        $used = array_keys(array_filter(self::SWITCHES, static fn (string $switch): bool => true === ($json[$switch] ?? null)));
        if ([] === $used) {
            return [$context, []];
        }
        $learned = $this->log->learn($context);
        $figures = array_fill_keys(['paces', 'drying', 'amounts'], []);
        foreach ($used as $of) {
            $figures[$of] = array_map(static fn (Factor $f): float => $f->factor, $learned->factors[$of]);
        }
        $written = array_map(static fn (array $f): object => (object) $f, array_intersect_key($figures, array_flip($used)));

        return [$context->withOwn(new PersonalFactors($figures['paces'], $figures['drying'], $figures['amounts'])), ['own' => $written]];
    }

    /**
     * With what is left on the shelf and in pots, straight from the store, however much that is.
     *
     * @param array<mixed> $stated
     *
     * @return array{Context, array{stock?: object, pots?: list<object>}} and the same as a document
     */
    private function withLeft(Context $context, array $stated): array
    {
        $balance = $this->ledger->onHand();
        $written = [];
        if (!\array_key_exists('stock', $stated) && [] !== $stock = $balance->all(Account::shelf())) {
            $context = $context->withStock(array_map(Quantity::grams(...), $stock));
            $written['stock'] = (object) array_map(
                static fn (BigRational $grams): array => ['amount' => ExactNumber::exact($grams), 'unit' => 'g'],
                $stock,
            );
        }
        if (!\array_key_exists('pots', $stated) && [] !== $pots = $this->pots->atHand($balance)) {
            $context = $context->withPots($pots);
            $written['pots'] = array_map(self::written(...), $pots);
        }

        return [$context, $written];
    }

    private static function written(PotAtHand $pot): object
    {
        $day = array_filter(['goodUntil' => $pot->lastDay()], is_string(...));

        return (object) ([
            'id' => $pot->id,
            'name' => $pot->name,
        ] + $day + ['holds' => (object) array_map(ExactNumber::exact(...), $pot->grams)]);
    }
}
