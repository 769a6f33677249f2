<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\ThreeWays;

/** A fact on three sheets: only what the record moved since is asked about. */
final class ThreeWaysTest extends TestCase
{
    /** @return iterable<string, array{float|string|null, float|string|null, float|string|null, string|null}> base, plan, record */
    public static function sheets(): iterable
    {
        yield 'nobody moved it' => [40.0, 40.0, 40.0, null];
        yield 'the plan moved it: that is what it is for' => [40.0, 50.0, 40.0, null];
        yield 'the record moved it' => [40.0, 40.0, 45.0, 'moved'];
        yield 'both, apart' => [40.0, 50.0, 45.0, 'conflict'];
        yield 'both, to the same' => [40.0, 45.0, 45.0, null];
        yield 'the record lost it' => [40.0, 40.0, null, 'moved'];
        yield 'the record learned it' => [null, null, 45.0, 'moved'];
        yield 'both learned it, apart' => [null, 50.0, 45.0, 'conflict'];
        yield 'the plan took it out, the record moved it' => [40.0, null, 45.0, 'conflict'];
        yield 'as near as one' => [40.0, 40.0, 40.0 + 1e-9, null];
        yield 'no longer as near' => [40.0, 40.0, 40.0 + 1e-6, 'moved'];
    }

    #[Test]
    #[DataProvider('sheets')]
    public function what_the_record_moved_is_asked_about_and_nothing_else(
        float|string|null $base,
        float|string|null $plan,
        float|string|null $record,
        ?string $state,
    ): void {
        $sheet = fn (float|string|null $v): array => $v === null ? [] : ['rockKg' => $v];
        $open = ThreeWays::of($sheet($base), $sheet($plan), $sheet($record));
        self::assertSame($state === null ? [] : [$state], array_map(fn (ThreeWays $t): string => $t->state, $open));
    }

    #[Test]
    public function words_are_compared_as_words_and_what_the_sheet_does_not_know_is_left(): void
    {
        self::assertSame([], ThreeWays::of(['top' => 'open'], ['top' => 'open'], ['top' => 'open', 'colour' => 'red']));
        self::assertSame('top', ThreeWays::of(['top' => 'open'], ['top' => 'open'], ['top' => 'lids'])[0]->field);
    }
}
