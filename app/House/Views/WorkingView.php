<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Measure\WorkingInput;

/**
 * How a number came about. The formula holds in the core's metric units, so its inputs are shown in them, with full digits;
 * the result is repeated in the reader's.
 */
final readonly class WorkingView
{
    /** @param  list<WorkingInputView>  $inputs */
    private function __construct(
        public string $title,
        public string $formula,
        public array $inputs,
        public string $result,
        public string $shownResult,
        public string $source,
    ) {
    }

    public static function of(Working $working, Units $units): self
    {
        return new self(
            $working->title,
            $working->shown(),
            array_map(
                fn (WorkingInput $i): WorkingInputView => new WorkingInputView(
                    $i->symbol,
                    $i->label,
                    self::exact($i->quantity),
                    $i->basis->words(),
                    $i->basis === Basis::Assumed,
                ),
                $working->inputs,
            ),
            self::exact($working->result),
            $units->show($working->result),
            $working->source,
        );
    }

    private static function exact(Quantity $quantity): string
    {
        $value = $quantity->value;
        $digits = match (true) {
            $value === 0.0 => 0,
            abs($value) >= 1000 => 1,
            abs($value) >= 10 => 2,
            default => 4,
        };
        $number = rtrim(rtrim(number_format($value, $digits, '.', "\u{202F}"), '0'), '.');
        $number =
            $digits === 0 || ! str_contains(number_format($value, $digits), '.')
                ? number_format($value, 0, '.', "\u{202F}")
                : $number;
        $unit = match ($quantity->kind) {
            Kind::Area => 'm²',
            Kind::Temperature => '°C',
            Kind::Factor, Kind::Count, Kind::Ph => '',
            Kind::Density => 'kg/m³',
            Kind::Turnover => 'per hour',
            default => $quantity->kind->value,
        };

        return $unit === '' ? $number : $number."\u{00A0}".$unit;
    }
}
