<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\CustomParameter;
use Velbrin\Core\Chemistry\HiddenInput;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Phrase;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;

/** A value as it is typed: refused, asked for once more, or believed (C-2, X-4); and what works against a system (X-35). */
final class DoubtTest extends TestCase
{
    #[Test]
    public function what_cannot_be_is_refused_and_what_just_can_be_is_taken(): void
    {
        foreach (Parameter::cases() as $parameter) {
            [$least, $most] = $parameter->plausible();
            ReadingCheck::plausible($parameter, $least);
            ReadingCheck::plausible($parameter, $most);
            foreach ([$least - 0.01, $most + 0.01, NAN, INF] as $value) {
                try {
                    ReadingCheck::plausible($parameter, $value);
                    self::fail("{$parameter->value} took {$value}");
                } catch (OutOfRange $e) {
                    self::assertSame('value', $e->field);
                }
            }
            self::assertGreaterThan(0, $parameter->resolution());
            self::assertLessThan($most - $least, $parameter->resolution());
        }
        self::assertSame([0.1, 0.2, 0.05, 0.1, 5.0, 15.0, 0.5], array_map(
            fn (Parameter $p): float => $p->resolution(),
            [
                Parameter::Temperature,
                Parameter::Salinity,
                Parameter::Ph,
                Parameter::Alkalinity,
                Parameter::Calcium,
                Parameter::Magnesium,
                Parameter::Nitrate,
            ],
        ));
        $own = CustomParameter::of('iodine', 'Iodine', 'µg/L', 0, 200, 5);
        ReadingCheck::plausible($own, 200);
        self::assertSame(['Iodine, µg/L', Kind::Custom, 5.0], [$own->label(), $own->kind(), $own->resolution()]);
        $this->expectException(OutOfRange::class);
        ReadingCheck::plausible($own, 200.1);
    }

    /** @return iterable<string, array{0: float, 1: Phrase|null}> */
    public static function alkalinities(): iterable
    {
        // Fine from 7 to 9 dKH, asks to act below 6 and above 10.
        yield 'inside' => [8.0, null];
        yield 'just outside' => [9.5, null];
        yield 'it asks to act' => [10.5, Phrase::IsReadItOnceMore];
        yield 'it asks to act below' => [5.9, Phrase::IsReadItOnceMore];
        yield 'a slip upwards' => [80.0, Phrase::IsTenTimesOff];
        yield 'a slip downwards' => [0.8, Phrase::IsTenTimesOff];
        yield 'ten times off and still outside' => [200.0, Phrase::IsReadItOnceMore];
    }

    #[Test]
    #[DataProvider('alkalinities')]
    public function a_slip_of_ten_is_told_before_all_else(float $value, ?Phrase $says): void
    {
        $band = Band::of(7.5, 8.5, 7, 9, 6, 10);
        $doubt = ReadingCheck::doubt(Parameter::Alkalinity, $value, $band, null);

        self::assertSame($says === null ? null : Phrase::room().'.'.$says->value, $doubt?->code);
    }

    #[Test]
    public function a_value_far_from_its_line_is_asked_for_again(): void
    {
        $band = Band::of(7.5, 8.5, 7, 9, 4, 14);
        $readings = [];
        foreach ([8.0, 8.1, 7.9, 8.0, 8.1, 7.9, 8.0, 8.1] as $day => $value) {
            $readings[] = Reading::at($day, $value);
        }
        $before = Judgement::of($readings, $band, 0.1, 8);
        $doubt = fn (float $value): ?string => ReadingCheck::doubt(Parameter::Alkalinity, $value, $band, $before)?->code;
        self::assertNull($doubt(8.1));
        self::assertSame(Phrase::room().'.'.Phrase::IsOverTheLine->value, $doubt(9.0));
        self::assertSame(Phrase::room().'.'.Phrase::IsUnderTheLine->value, $doubt(7.0));
        self::assertNull(ReadingCheck::doubt(Parameter::Alkalinity, 9.0, $band, null), 'nothing stands before it');
        self::assertNull(ReadingCheck::doubt(Parameter::Alkalinity, 80.0, null, null), 'no band says what is usual');
    }

    /** @return iterable<string, array{0: bool, 1: Standing, 2: float, 3: bool, 4: float|null, 5: bool}> */
    public static function inputs(): iterable
    {
        yield 'raises what is high' => [true, Standing::High, 0.0, true, null, true];
        yield 'raises what is far too high' => [true, Standing::ActHigh, 0.0, true, null, true];
        yield 'raises what is low' => [true, Standing::Low, 0.0, true, null, false];
        yield 'lowers what is low' => [false, Standing::Low, 0.0, true, null, true];
        yield 'lowers what is far too low' => [false, Standing::ActLow, 0.0, true, null, true];
        yield 'lowers what is high' => [false, Standing::High, 0.0, true, null, false];
        yield 'raises what rises out in a fortnight' => [true, Standing::Aim, 0.1, false, 14.0, true];
        yield 'raises what rises out later' => [true, Standing::Aim, 0.1, false, 14.1, false];
        yield 'raises what falls' => [true, Standing::Aim, -0.1, false, 5.0, false];
        yield 'lowers what falls' => [false, Standing::Aim, -0.1, false, 5.0, true];
        yield 'raises what stands still' => [true, Standing::Aim, 0.1, true, 5.0, false];
        yield 'nobody knows when it leaves' => [true, Standing::Aim, 0.1, false, null, false];
    }

    #[Test]
    #[DataProvider('inputs')]
    public function a_product_that_works_against_the_system_is_told(
        bool $raises,
        Standing $standing,
        float $slope,
        bool $steady,
        ?float $days,
        bool $isTold,
    ): void {
        $finding = (new HiddenInput('Frozen food', Parameter::Phosphate, $raises))->against($standing, $slope, $steady, $days);

        self::assertSame($isTold ? Severity::Watch : null, $finding?->severity);
        if ($finding !== null) {
            self::assertSame(
                Phrase::room().'.'.($raises ? Phrase::AddsTo : Phrase::TakesFrom)->value,
                $finding->what->code,
            );
        }
    }
}
