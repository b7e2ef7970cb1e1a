<?php

declare(strict_types=1);

namespace Inlaid\Core\Stock;

/**
 * Where material comes from or goes to: the shop, the shelf, a pot, the work, the bin.
 *
 * Immutable. `key` is how it is written down: "bought", "shelf", "pot:" and its id, "used", "thrown".
 */
final readonly class Account
{
    private const POT = 'pot:';

    private function __construct(public string $key)
    {
    }

    public static function bought(): self
    {
        return new self('bought');
    }

    public static function shelf(): self
    {
        return new self('shelf');
    }

    public static function pot(string $id): self
    {
        return new self(self::POT.$id);
    }

    public static function used(): self
    {
        return new self('used');
    }

    /** Thrown away, or gone into the air. */
    public static function thrown(): self
    {
        return new self('thrown');
    }

    /**
     * @param string $key as it was written down
     */
    public static function written(string $key): self
    {
        return new self($key);
    }

    /** Is what is booked here still there to be taken? */
    public function isOnHand(): bool
    {
        return 'shelf' === $this->key || str_starts_with($this->key, self::POT);
    }
}
