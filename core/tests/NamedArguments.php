<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ParametersAcceptor;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * A call with more than seven values names them: nobody counts to the twelfth. What takes any number of the same is a list, and
 * free.
 *
 * @implements Rule<CallLike>
 */
final class NamedArguments implements Rule
{
    private const MOST = 7;

    public function getNodeType(): string
    {
        return CallLike::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if ($node->isFirstClassCallable()) {
            return [];
        }
        $positional = array_filter($node->getArgs(), fn (Arg $a): bool => $a->name === null && ! $a->unpack);
        if (count($positional) <= self::MOST || self::called($node, $scope)?->isVariadic() !== false) {
            return [];
        }

        return [
            RuleErrorBuilder::message('A call with more than seven values names them.')
                ->identifier('velbrin.namedArguments')
                ->build(),
        ];
    }

    /** Null for what has no signature of its own: a closure in a variable. */
    private static function called(CallLike $node, Scope $scope): ?ParametersAcceptor
    {
        $method = match (true) {
            $node instanceof Node\Expr\New_ && $node->class instanceof Node\Name => $scope->getMethodReflection(
                $scope->resolveTypeByName($node->class),
                '__construct',
            ),
            $node instanceof Node\Expr\StaticCall &&
                $node->class instanceof Node\Name &&
                $node->name instanceof Node\Identifier => $scope->getMethodReflection(
                    $scope->resolveTypeByName($node->class),
                    $node->name->toString(),
                ),
            $node instanceof Node\Expr\MethodCall && $node->name instanceof Node\Identifier => $scope->getMethodReflection(
                $scope->getType($node->var),
                $node->name->toString(),
            ),
            default => null,
        };

        return $method?->getVariants()[0] ?? null;
    }
}
