<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Json;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/**
 * Gives controllers what their description says they take, made of the JSON body; or a {@see Body} to those that must first look whether
 * they may read it.
 */
final readonly class RequestResolver implements ValueResolverInterface
{
    public function __construct(private ReadRequest $read)
    {
    }

    /**
     * @return list<object>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $class = $argument->getType();
        if (null === $class || !class_exists($class) || (Body::class !== $class && Describe::of($request)?->takes !== $class)) {
            return [];
        }
        try {
            $body = new Body(Json::decode($request->getContent()), $this->read);
        } catch (\JsonException $error) {
            throw new Problem(400, 'not-json', 'This is not JSON: '.$error->getMessage().'.');
        }

        return [Body::class === $class ? $body : $body->as($class)];
    }
}
