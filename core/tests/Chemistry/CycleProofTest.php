<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\CycleProof;
use Velbrin\Core\Chemistry\Reading;

/** A cycle is proved by two doses seen to clear within a day, with nitrite at nothing (C-31). */
final class CycleProofTest extends TestCase
{
    private const NOTHING = [[10.9, 0.0], [13.9, 0.0]];

    #[Test]
    public function two_doses_cleared_within_a_day_prove_it(): void
    {
        $proof = self::proof([[10, 2.0], [10.9, 0.05], [13, 1.0], [13.9, 0.1]], self::NOTHING);
        self::assertSame([true, 2, null], [$proof->isProved, $proof->cleared, $proof->lacks()]);
    }

    #[Test]
    public function one_is_not_enough_and_says_so(): void
    {
        $proof = self::proof([[10, 2.0], [10.9, 0.05]], self::NOTHING);
        self::assertFalse($proof->isProved);
        self::assertStringContainsString('One dose', (string) $proof->lacks());
        self::assertStringContainsString('No dose', (string) self::proof([], [])->lacks());
    }

    #[Test]
    public function a_day_and_a_little_more_does_not_count(): void
    {
        self::assertSame(1, self::proof([[10, 2.0], [11.0, 0.05]], [[11.0, 0.0]])->cleared);
        self::assertSame(0, self::proof([[10, 2.0], [11.05, 0.05]], [[11.05, 0.0]])->cleared);
        // Counted from the first reading that showed the dose.
        self::assertSame(0, self::proof([[9.5, 2.0], [10, 1.5], [10.9, 0.05]], self::NOTHING)->cleared);
    }

    #[Test]
    public function neither_a_rest_of_ammonia_nor_nitrite_counts_as_nothing(): void
    {
        self::assertSame(1, self::proof([[10, 2.0], [10.9, 0.1]], self::NOTHING)->cleared);
        self::assertSame(0, self::proof([[10, 2.0], [10.9, 0.101]], self::NOTHING)->cleared);
        self::assertSame(0, self::proof([[10, 2.0], [10.9, 0.05]], [[10.9, 0.051]])->cleared);
        self::assertSame(1, self::proof([[10, 2.0], [10.9, 0.05]], [[10.9, 0.05]])->cleared);
        self::assertSame(0, self::proof([[10, 2.0], [10.9, 0.05]], [])->cleared, 'nitrite nobody read is not nothing');
        self::assertSame(0, self::proof([[10, 0.9], [10.9, 0.05]], self::NOTHING)->cleared, 'too little to be a dose');
    }

    #[Test]
    public function an_overdose_is_diluted_by_a_computed_part(): void
    {
        $stalled = self::proof([[10, 8.0]], []);
        self::assertEqualsWithDelta(0.75, $stalled->dilute, 1e-9);
        self::assertStringContainsString('75 %', (string) $stalled->lacks());
        self::assertNull(self::proof([[10, 5.0]], [])->dilute);
        self::assertEqualsWithDelta(1 - 2 / 5.01, self::proof([[10, 5.01]], [])->dilute, 1e-9);
    }

    #[Test]
    public function both_are_read_within_six_hours(): void
    {
        self::assertSame(1, self::proof([[10, 2.0], [10.5, 0.05]], [[10.75, 0.0]])->cleared);
        self::assertSame(0, self::proof([[10, 2.0], [10.5, 0.05]], [[10.76, 0.0]])->cleared);
    }

    #[Test]
    public function a_marked_reading_proves_nothing(): void
    {
        $read = [
            Reading::at(10, 2.0),
            Reading::at(10.9, 0.0, marked: true),
            Reading::at(13, 2.0),
            Reading::at(13.9, 0.0),
        ];
        self::assertSame(
            0,
            CycleProof::of($read, [Reading::at(13.9, 0.0)])->cleared,
            'the dose then stood for four days',
        );
    }

    /**
     * @param  list<array{0: float|int, 1: float}>  $ammonia
     * @param  list<array{0: float|int, 1: float}>  $nitrite
     */
    private static function proof(array $ammonia, array $nitrite): CycleProof
    {
        $read = fn (array $r): Reading => Reading::at((float) $r[0], $r[1]);

        return CycleProof::of(array_map($read, $ammonia), array_map($read, $nitrite));
    }
}
