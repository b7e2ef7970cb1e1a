<?php

declare(strict_types=1);

namespace Inlaid\Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\MethodCall;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ExtendedMethodReflection;
use PHPStan\Reflection\ReflectionProvider;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * Who hands over more than three things says which is which, where the called is the project's own. `vendor/bin/phpstan analyse --fix`
 * writes the names.
 *
 * @implements Rule<CallLike>
 */
final readonly class NamedArguments implements Rule
{
    private const MOST = 3;

    public function __construct(private ReflectionProvider $classes)
    {
    }

    public function getNodeType(): string
    {
        return CallLike::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if ($node->isFirstClassCallable()) {
            return [];
        }
        $arguments = $node->getArgs();
        $bare = array_filter($arguments, static fn (Arg $a): bool => null === $a->name);
        if (\count($bare) <= self::MOST || [] !== array_filter($arguments, static fn (Arg $a): bool => $a->unpack)) {
            return [];
        }
        $called = $this->called($node, $scope);
        if (null === $called || !str_starts_with($called->getDeclaringClass()->getName(), 'Inlaid\\')) {
            return [];
        }
        $parameters = $called->getOnlyVariant()->getParameters();
        $names = [];
        foreach (array_keys($bare) as $i) {
            if (!isset($parameters[$i]) || $parameters[$i]->isVariadic()) {
                return [];
            }
            $names[$i] = $parameters[$i]->getName();
        }

        return [
            RuleErrorBuilder::message(\sprintf(
                '%s() is handed %d things; name them: %s',
                $called->getName(),
                \count($arguments),
                implode(', ', $names),
            ))
                ->identifier('inlaid.namedArguments')
                ->fixNode($node, static function (CallLike $call) use ($names): CallLike {
                    foreach ($names as $i => $name) {
                        $call->getArgs()[$i]->name = new Identifier($name);
                    }

                    return $call;
                })
                ->build(),
        ];
    }

    private function called(Node $node, Scope $scope): ?ExtendedMethodReflection
    {
        if ($node instanceof New_ && $node->class instanceof Name) {
            $class = $scope->resolveName($node->class);

            return $this->classes->hasClass($class) && $this->classes->getClass($class)->hasConstructor()
                ? $this->classes->getClass($class)->getConstructor()
                : null;
        }
        if ($node instanceof StaticCall && $node->class instanceof Name && $node->name instanceof Identifier) {
            return $scope->getMethodReflection($scope->resolveTypeByName($node->class), $node->name->toString());
        }

        return $node instanceof MethodCall && $node->name instanceof Identifier
            ? $scope->getMethodReflection($scope->getType($node->var), $node->name->toString())
            : null;
    }
}
