<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Emergency\ReadyDesk;
use App\Stores\Part;
use App\Stores\Stock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** What is asked for in litres is there in litres (E-1, W-59). */
final class MeasuredStockTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: string, 2: string, 3: bool}> ready for, kept in, asked for, counts */
    public static function kept(): iterable
    {
        yield 'mixed water' => ['water', 'L', 'water', true];
        yield 'salt that was put down as water' => ['water', 'kg', 'water', false];
        yield 'canisters nobody has measured' => ['water', 'piece', 'water', false];
        yield 'salt' => ['salt', 'kg', 'salt', true];
        yield 'salt by the bucket' => ['salt', 'piece', 'salt', false];
        yield 'RO is no salt water' => ['ro', 'L', 'water', false];
        yield 'pumps in pieces' => ['air', 'piece', 'air', true];
    }

    #[Test]
    #[DataProvider('kept')]
    public function kilograms_of_salt_are_no_litres_of_water(string $for, string $unit, string $asked, bool $counts): void
    {
        $stock = (new Stock())->setRelation('part', new Part(['ready_for' => $for, 'unit' => $unit]));
        self::assertSame($counts, ReadyDesk::isFor($stock, $asked));
    }
}
