<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Lock;

/**
 * Whose tries are counted together.
 *
 * Immutable. `place` is a hash. `isKnown` for a device where the passphrase was entered before: nobody else's guesses make it wait.
 */
final readonly class Guesser
{
    /** Bytes of an IPv6 address that belong to one house, which has many addresses of its own. */
    private const HOUSE = 8;
    /** "FILTER_FLAG_NO_PRIV_RANGE" and the like know them: addresses within one network, each of which is one machine. */
    private const PUBLIC_ONLY = \FILTER_FLAG_NO_PRIV_RANGE | \FILTER_FLAG_NO_RES_RANGE;

    private function __construct(public string $place, public bool $isKnown)
    {
    }

    public static function device(#[\SensitiveParameter] string $secret): self
    {
        return new self(hash('sha256', 'device '.$secret), true);
    }

    /**
     * One machine is one place; beyond the own network the IPv6 addresses of a house (a /64) are one together.
     */
    public static function address(string $address): self
    {
        $packed = @inet_pton(preg_replace('/^::ffff:(?=\d+\.)|%.*$/i', '', $address) ?? $address);
        $isHouse = false !== $packed
            && 16 === \strlen($packed)
            && false !== filter_var(inet_ntop($packed), \FILTER_VALIDATE_IP, self::PUBLIC_ONLY);

        return new self(hash('sha256', match (true) {
            false === $packed => $address,
            $isHouse => substr($packed, 0, self::HOUSE),
            default => $packed,
        }), false);
    }
}
