<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Moves\Brief\HoldingProof;
use Velbrin\Core\Moves\Phrase;
use Velbrin\Core\Tests\Turns;

/** What was read in a holding, on both sides of what proves it. */
final class HoldingProofTest extends TestCase
{
    use Turns;

    private const OLD = ['temperature' => 25.5, 'salinity' => 35.0, 'ph' => 8.1];

    private const READ = ['tempC' => 25.5, 'salinity' => 35.0, 'ph' => 8.1, 'ammoniaMgL' => 0.0, 'warmH' => 12.0];

    /** @return iterable<string, array{array<string, float|null>, Phrase|null}> */
    public static function readings(): iterable
    {
        yield 'as it should be' => [[], null];
        $both = [['tempC', 25.5, Phrase::TheTemperatureTheyComeFrom], ['salinity', 35.0, Phrase::TheSalinityTheyComeFrom]];
        foreach ($both as [$key, $old, $lacks]) {
            yield "{$key} a step lower" => [[$key => $old - 1], null];
            yield "{$key} a step higher" => [[$key => $old + 1], null];
            yield "{$key} too low" => [[$key => $old - 1.01], $lacks];
            yield "{$key} too high" => [[$key => $old + 1.01], $lacks];
        }
        yield 'warm for too short a time' => [['warmH' => 11.9], Phrase::TwelveHoursOfHeat];
        yield 'nobody read its warmth' => [['tempC' => null, 'ammoniaMgL' => null], Phrase::ItsTemperatureRead];
        yield 'nobody read its salt' => [['salinity' => null, 'ammoniaMgL' => null], Phrase::ItsSalinityRead];
        yield 'nobody read its ammonia' => [['ammoniaMgL' => null], Phrase::ItsAmmoniaAndPhRead];
    }

    /** @param  array<string, float|null>  $read */
    #[Test]
    #[DataProvider('readings')]
    public function it_is_proved_or_says_what_it_lacks(array $read, ?Phrase $lacks): void
    {
        self::assertSame($lacks, (new HoldingProof(...[...self::READ, ...$read]))->lacks(self::OLD)[0] ?? null);
    }

    #[Test]
    public function what_nobody_knows_of_the_old_water_is_held_against_what_boxes_keep(): void
    {
        $lacks = fn (float $c): bool => (new HoldingProof(...[...self::READ, 'tempC' => $c]))->lacks([]) === [];
        self::assertSame([false, true, true, false], array_map($lacks, [21.9, 22.0, 28.0, 28.1]));
    }

    #[Test]
    public function its_ammonia_counts_at_the_higher_ph_of_both_waters(): void
    {
        foreach ([[8.1, 8.1], [8.4, 8.1], [8.1, 8.4]] as [$ph, $oldPh]) {
            $mgL = self::turning(fn (float $mgL): bool => (new HoldingProof(...[...self::READ, 'ph' => $ph, 'ammoniaMgL' => $mgL]))
                ->lacks([...self::OLD, 'ph' => $oldPh]) === [], 0.0, 2.0);
            self::assertEqualsWithDelta(0.02, FreeAmmonia::mgL($mgL, max($ph, $oldPh), 25.5, 35), 1e-5);
        }
    }
}
