<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\StaticCall;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\Constant\ConstantArrayType;
use PHPStan\Type\Constant\ConstantStringType;
use PHPStan\Type\Type;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Saying;
use Velbrin\Core\Measure\Sentence;

/**
 * Whoever says something gives each part its words speak of, and none they do not: a part without its number would be read as
 * "{litres}", a number without a place is never read.
 *
 * @implements Rule<StaticCall>
 */
final class SaidInFull implements Rule
{
    /** What a call adds by itself, and where its parts stand. */
    private const CALLS = [
        Sentence::class.'::of' => [1, []],
        OutOfRange::class.'::field' => [3, ['field', 'allowed']],
        OutOfRange::class.'::number' => [3, ['field', 'got', 'allowed']],
    ];

    /** Codes a call may choose from; more is a code handed in from elsewhere, and its words are not known here. */
    private const MOST = 12;

    public function getNodeType(): string
    {
        return StaticCall::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (! $node->class instanceof Node\Name || ! $node->name instanceof Node\Identifier || $node->isFirstClassCallable()) {
            return [];
        }
        $call = self::CALLS[$scope->resolveName($node->class).'::'.$node->name->toString()] ?? null;
        if ($call === null) {
            return [];
        }
        [$place, $own] = $call;
        $given = self::given($node->getArgs(), $place, $scope);
        $words = self::words($node->getArgs(), $scope);
        if ($given === null || $words === []) {
            return [];
        }
        $errors = [];
        foreach ($words as $case => $placeholders) {
            foreach (array_diff($placeholders, $given['known'], $own) as $name) {
                $errors[] = RuleErrorBuilder::message("{$case} speaks of {{$name}}, which is not given.")
                    ->identifier('velbrin.saidInFull')
                    ->build();
            }
        }
        foreach (array_diff($given['written'], array_merge(...array_values($words))) as $name) {
            $errors[] = RuleErrorBuilder::message("{{$name}} is given, and ".implode(', ', array_keys($words)).' does not speak of it.')
                ->identifier('velbrin.saidInFull')
                ->build();
        }

        return $errors;
    }

    /**
     * A part that is only there with its number counts as given.
     *
     * @param  list<Arg>  $args
     * @return array{known: list<string>, written: list<string>}|null null where only running it would tell
     */
    private static function given(array $args, int $place, Scope $scope): ?array
    {
        $parts = null;
        foreach ($args as $i => $arg) {
            if ($arg->name?->toString() === 'parts' || ($arg->name === null && $i === $place)) {
                $parts = $arg->value;
            }
        }
        if ($parts === null) {
            return ['known' => [], 'written' => []];
        }
        $arrays = $scope->getType($parts)->getConstantArrays();
        if ($arrays === []) {
            return null;
        }
        $keys = array_merge(...array_map(fn (ConstantArrayType $array): array => $array->getKeyTypes(), $arrays));
        $names = array_filter($keys, fn (Type $key): bool => $key instanceof ConstantStringType);

        return [
            'known' => array_values(array_map(fn (ConstantStringType $key): string => $key->getValue(), $names)),
            'written' => $parts instanceof Node\Expr\Array_ ? self::written($parts) : [],
        ];
    }

    /**
     * Of what is written out in the call; what is spread into it may serve several.
     *
     * @return list<string>
     */
    private static function written(Node\Expr\Array_ $parts): array
    {
        $names = [];
        foreach ($parts->items as $item) {
            if ($item->key instanceof Node\Scalar\String_) {
                $names[] = $item->key->value;
            }
        }

        return $names;
    }

    /**
     * Placeholders by each code the call may say.
     *
     * @param  list<Arg>  $args
     * @return array<string, list<string>>
     */
    private static function words(array $args, Scope $scope): array
    {
        $words = [];
        foreach ($args as $arg) {
            $cases = $scope->getType($arg->value)->getEnumCases();
            if (count($cases) > self::MOST) {
                return [];
            }
            foreach ($cases as $case) {
                $saying = constant($case->getClassName().'::'.$case->getEnumCaseName());
                if (! $saying instanceof Saying) {
                    continue;
                }
                /** @var array<string, string> $english */
                $english = require $saying::folder().'/en.php';
                // What stands in braces after "one" or "other" is a wording for that number, no name.
                preg_match_all('/(?<!\bone |\bother )\{(\w+)[},]/', $english[$saying->value] ?? '', $found);
                $words[$case->getEnumCaseName()] = array_values(array_unique($found[1]));
            }
        }

        return $words;
    }
}
