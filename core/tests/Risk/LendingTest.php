<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Lending\Loans;
use Velbrin\Core\Risk\Lending\Part;

/** What can stand in for what, and who may lend (R-40, X-13). */
final class LendingTest extends TestCase
{
    /** @return iterable<string, array{0: Part, 1: float|null, 2: list<string>}> */
    public static function parts(): iterable
    {
        yield 'as large as needed' => [new Part(Job::Heater, 200, 'plug', 230.0, 'own'), 200, []];
        yield 'a little smaller' => [new Part(Job::Heater, 199.9, 'plug', 230.0, 'own'), 200, ['capacity']];
        yield 'nobody said how large' => [new Part(Job::Heater, null), 200, ['capacity-unsaid']];
        yield 'another job' => [new Part(Job::Chiller, 200), 200, ['job']];
        yield 'other volts' => [new Part(Job::Heater, 200, 'plug', 24.0), 200, ['volts']];
        yield 'another connection' => [new Part(Job::Heater, 200, 'wired'), 200, ['connection']];
        yield 'otherwise controlled' => [new Part(Job::Heater, 200, control: '0-10 V'), 200, ['control']];
        yield 'out of quarantine' => [new Part(Job::Heater, 200, fromQuarantine: true), null, ['quarantine']];
    }

    /** @param  list<string>  $against */
    #[Test]
    #[DataProvider('parts')]
    public function it_stands_in_only_where_it_fits(Part $part, ?float $needed, array $against): void
    {
        $for = new Part(Job::Heater, 150, 'plug', 230.0, 'own');
        self::assertSame($against, $part->againstStandingIn($for, $needed));
        foreach ($against as $code) {
            self::assertNotSame('', Part::words($code));
        }
    }

    #[Test]
    public function debts_never_close_a_circle(): void
    {
        $open = [['a', 'b'], ['b', 'c']];
        self::assertTrue(Loans::wouldCircle($open, 'c', 'a'), 'c owes b, b owes a');
        self::assertTrue(Loans::wouldCircle($open, 'b', 'a'));
        self::assertFalse(Loans::wouldCircle($open, 'a', 'c'));
        self::assertFalse(Loans::wouldCircle($open, 'd', 'a'));
        self::assertTrue(Loans::wouldCircle([], 'a', 'a'), 'nobody lends to itself');
        self::assertFalse(Loans::wouldCircle([], 'b', 'a'));
    }
}
