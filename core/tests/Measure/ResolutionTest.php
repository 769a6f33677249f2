<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingFinding;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** No verdict hides behind rounding (C-61). */
final class ResolutionTest extends TestCase
{
    #[Test]
    public function a_value_is_told_from_its_limit_on_both_sides(): void
    {
        $shown = fn (float $value, Kind $kind, float ...$limits): string => Units::metric()->number(
            Quantity::of($value, $kind)->apartFrom(...$limits),
        );
        self::assertSame('399.9', $shown(399.9, Kind::Concentration, 400));
        self::assertSame('400.1', $shown(400.1, Kind::Concentration, 400));
        self::assertSame('400', $shown(400, Kind::Concentration, 400), 'at the limit it is the limit');
        self::assertSame('7.96', $shown(7.96, Kind::Alkalinity, 8));
        self::assertSame('8.1', $shown(8.1, Kind::Alkalinity, 8));
        self::assertSame('0.0499', $shown(0.0499, Kind::Concentration, 0.02, 0.05));
        // Six digits more than usual and no further: what is left is of the arithmetic.
        self::assertSame(6, Quantity::of(8 + 1e-12, Kind::Alkalinity)->apartFrom(8)->moreDigits);
        self::assertSame(4, Quantity::of(8.00001, Kind::Alkalinity)->apartFrom(8)->moreDigits);
    }

    #[Test]
    public function a_reading_just_outside_says_a_number_that_is_outside(): void
    {
        $finding = ReadingFinding::of(
            parameter: Parameter::Alkalinity,
            latest: 7.96,
            standing: Standing::Low,
            slopePerDay: null,
            steady: true,
            daysToLeave: 0.0,
            ratePerDay: null,
            band: Band::around(8, 9.5),
        );
        self::assertStringContainsString('7.96', (string) $finding?->what->in(Units::metric()));
    }

    #[Test]
    public function what_was_answered_to_a_finding_hangs_on_a_key_that_never_changes(): void
    {
        $finding = fn (?string $subject): Finding => Finding::of(
            severity: Severity::Watch,
            rule: 'B-2',
            about: 'access',
            what: Sentence::of(Phrase::PassesWithToSpare, ['piece' => 'tank', 'name' => 'door', 'slack' => 'little']),
            why: Sentence::of(Phrase::PassesWithToSpare, ['piece' => 'tank', 'name' => 'door', 'slack' => 'little']),
            remedy: null,
            basis: Basis::Measured,
            subject: $subject,
        )->answering('access-narrow');
        // Stored beside waivers and answers: another key would ask again what somebody has answered.
        self::assertSame('access-narrow', $finding(null)->key());
        self::assertSame('access-narrow:1c69db4ab50c', $finding('passage-7')->key());
    }
}
