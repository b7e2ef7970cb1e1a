<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Document\Refused;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Bench\Factor;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Preview\Context;
use Inlaid\Core\Stock\Account;

/**
 * The context of a computation: the studio's settings, what is left on its shelf and in pots, and the time, under what the caller states.
 */
final readonly class StudioContext
{
    /** The settings by which figures of one's own are reckoned with. */
    public const SWITCHES = ['paces' => 'ownPace', 'drying' => 'ownDrying', 'amounts' => 'ownAmounts'];

    public function __construct(private StudioSettings $settings, private Ledger $ledger, private PotBook $pots, private ReadSettings $read, private OwnLog $log)
    {
    }

    /** The studio's own, with nothing else stated. */
    public function own(): Context
    {
        return $this->with(null)[0];
    }

    /**
     * @param mixed $stated fields of the context, null for none
     *
     * @return array{Context, RawJson} the context, and the whole of it as a document
     *
     * @throws Refused
     */
    public function with(mixed $stated, string $pointer = '/context'): array
    {
        $settings = Json::decode($this->settings->get()->document);
        \assert($settings instanceof \stdClass);
        if (null !== $stated && !$stated instanceof \stdClass) {
            throw Refused::at($pointer, 'This must be an object.');
        }
        $zone = \is_string($settings->zone) ? $settings->zone : 'UTC';
        $whole = ['now' => (new \DateTimeImmutable('now', new \DateTimeZone($zone)))->format(\DATE_ATOM)] + get_object_vars($settings) + $this->left();
        $json = (object) array_merge($whole, null === $stated ? [] : get_object_vars($stated));
        $own = isset($json->own) ? [] : $this->ownFigures($json, $pointer);
        if ([] !== $own) {
            $json->own = (object) $own;
        }

        return [$this->read->read($json, $pointer), new RawJson(Json::encode($json))];
    }

    /**
     * What this painter does otherwise than is typical, whether it is reckoned with or not.
     *
     * @return array{paces: array<string, Factor>, drying: array<string, Factor>, amounts: array<string, Factor>}
     */
    public function learned(): array
    {
        return $this->log->learn($this->with((object) ['own' => new \stdClass()])[0]);
    }

    /**
     * @return array<string, \stdClass> figures by what they are of, those that are switched on
     */
    private function ownFigures(\stdClass $json, string $pointer): array
    {
        $used = array_filter(self::SWITCHES, static fn (string $switch): bool => true === ($json->{$switch} ?? null));
        if ([] === $used) {
            return [];
        }
        $learned = $this->log->learn($this->read->read($json, $pointer));

        $figures = [];
        foreach (array_keys($used) as $of) {
            $figures[$of] = (object) array_map(static fn (Factor $f): float => $f->factor, $learned[$of]);
        }

        return $figures;
    }

    /**
     * @return array{stock?: \stdClass, pots?: list<\stdClass>}
     */
    private function left(): array
    {
        $balance = $this->ledger->onHand();
        $stock = array_map(static fn (BigRational $grams): \stdClass => (object) ['amount' => ExactNumber::exact($grams), 'unit' => 'g'], $balance->all(Account::shelf()));
        $pots = $this->pots->atHand($balance);

        return ([] === $stock ? [] : ['stock' => (object) $stock]) + ([] === $pots ? [] : ['pots' => $pots]);
    }
}
