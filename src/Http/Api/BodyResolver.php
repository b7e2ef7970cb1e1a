<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Json;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/**
 * Gives controllers the JSON body.
 */
final class BodyResolver implements ValueResolverInterface
{
    /**
     * @return list<Body>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (Body::class !== $argument->getType()) {
            return [];
        }
        try {
            return [new Body(Json::decode($request->getContent()))];
        } catch (\JsonException $error) {
            throw new Problem(400, 'not-json', 'This is not JSON: '.$error->getMessage().'.');
        }
    }
}
