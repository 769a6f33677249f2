<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\RowWays;

/** A row of a table on three sheets: only what the record moved since is asked about. */
final class RowWaysTest extends TestCase
{
    /** @return array<string, float|string|bool|null>|null */
    private static function row(?float $mm, ?string $id = 'a'): ?array
    {
        return $mm === null ? null : ['name' => 'sump refuge', 'waterMm' => $mm, 'reversed' => false] + ($id === null ? [] : ['id' => $id]);
    }

    /** @return iterable<string, array{?float, ?float, ?float, ?string}> base, plan, record */
    public static function sheets(): iterable
    {
        yield 'nobody moved it' => [40.0, 40.0, 40.0, null];
        yield 'the plan moved it' => [40.0, 50.0, 40.0, null];
        yield 'the plan took it out' => [40.0, null, 40.0, null];
        yield 'the plan brings it' => [null, 40.0, null, null];
        yield 'the record moved it' => [40.0, 40.0, 45.0, 'moved'];
        yield 'the record took it out' => [40.0, 40.0, null, 'moved'];
        yield 'the record has a new one' => [null, null, 45.0, 'moved'];
        yield 'both, apart' => [40.0, 50.0, 45.0, 'conflict'];
        yield 'both, to the same' => [40.0, 45.0, 45.0, null];
        yield 'both took it out' => [40.0, null, null, null];
        yield 'the plan took out what the record moved' => [40.0, null, 45.0, 'conflict'];
        yield 'the record took out what the plan moved' => [40.0, 50.0, null, 'conflict'];
        yield 'as near as one' => [40.0, 40.0, 40.0 + 1e-9, null];
        yield 'no longer as near' => [40.0, 40.0, 40.0 + 1e-6, 'moved'];
    }

    #[Test]
    #[DataProvider('sheets')]
    public function what_the_record_moved_is_asked_about_and_nothing_else(?float $base, ?float $plan, ?float $record, ?string $state): void
    {
        foreach (['a', null] as $id) {
            $sheet = fn (?float $mm, ?string $of): array => ['vessels' => array_values(array_filter([self::row($mm, $of)]))];
            $open = RowWays::of($sheet($base, 'a'), $sheet($plan, 'a'), $sheet($record, $base === null ? 'a' : $id));
            self::assertSame($state === null ? [] : [$state], array_map(fn (RowWays $r): string => $r->state, $open));
        }
    }

    #[Test]
    public function a_row_says_in_what_it_differs_and_how_it_is_chosen(): void
    {
        $base = ['vessels' => [self::row(40.0)]];
        $record = ['vessels' => [['name' => 'sump refuge', 'waterMm' => 45.0, 'reversed' => true]]];
        [$row] = RowWays::of($base, $base, $record);
        self::assertSame('row:vessels:a', $row->field());
        self::assertSame('sump refuge', $row->name);
        self::assertSame(['waterMm', 'reversed'], $row->moved($row->record ?? []));
        self::assertSame([], $row->moved($row->plan ?? []));
    }

    #[Test]
    public function nothing_an_empty_word_and_a_flag_that_is_not_set_are_one_and_another_table_is_another(): void
    {
        $base = ['vessels' => [['id' => 'a', 'name' => 'x', 'note' => '', 'reversed' => false, 'waterMm' => null]]];
        $record = ['vessels' => [['id' => 'a', 'name' => 'x']]];
        self::assertSame([], RowWays::of($base, $base, $record));
        $more = $record + ['chambers' => [['name' => 'first', 'waterMm' => 3.0]]];
        self::assertSame(['row:chambers:first'], array_map(fn (RowWays $r): string => $r->field(), RowWays::of($base, $base, $more)));
    }
}
