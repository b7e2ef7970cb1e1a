<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Store\Booking;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/**
 * Gives controllers the key a booking was sent under (`Idempotency-Key`), if it has one.
 */
final class BookingResolver implements ValueResolverInterface
{
    public const HEADER = 'Idempotency-Key';

    /**
     * @return list<Booking>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $key = $request->headers->get(self::HEADER);
        if (Booking::class !== $argument->getType() || null === $key) {
            return [];
        }
        if (1 !== preg_match('/^[A-Za-z0-9-]{8,64}$/', $key)) {
            throw new Problem(400, 'no-key', 'An Idempotency-Key has 8 to 64 letters, digits and hyphens');
        }

        return [new Booking($key, hash('sha256', $request->getMethod().' '.$request->getPathInfo()."\n".$request->getContent()))];
    }
}
