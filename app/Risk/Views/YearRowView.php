<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\House\Money;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Standing\HazardRow;

/** One hazard over a year: how often it begins, how often it harms, what it costs, where it is weakest. */
final readonly class YearRowView
{
    /**
     * @param  list<BeginningView>  $beginnings  the one that costs most first
     * @param  list<string>  $narrows
     */
    private function __construct(
        public string $hazard,
        public string $label,
        public string $rule,
        public string $rate,
        public string $harms,
        public ?string $loss,
        public ?string $lossRange,
        public float $weight,
        public array $beginnings,
        public string $weakest,
        public array $narrows,
    ) {
    }

    public static function of(HazardRow $row, Units $units): self
    {
        return new self(
            hazard: $row->hazard->value,
            label: $row->hazard->label(),
            rule: $row->hazard->rule(),
            rate: self::often($row->rate->likely),
            harms: self::often($row->harms->likely).self::upTo($row->harms),
            loss: $row->loss === null ? null : Money::about($row->loss->likely),
            lossRange: $row->loss === null || $row->loss->isSure()
                ? null
                : Money::about($row->loss->low).' to '.Money::about($row->loss->high),
            weight: $row->loss->likely ?? $row->harms->likely,
            beginnings: array_map(BeginningView::of(...), $row->beginnings),
            weakest: $row->weakest->in($units),
            narrows: $row->narrows,
        );
    }

    /** "once in 14 years", "3 times a year", "never". */
    public static function often(float $yearly): string
    {
        return match (true) {
            $yearly <= 0 => 'never',
            $yearly >= 1.5 => sprintf('%.0f times a year', $yearly),
            $yearly >= 0.75 => 'once a year',
            $yearly < 1 / 5000 => 'rarer than once in 5000 years',
            default => 'once in '.self::years(1 / $yearly).' years',
        };
    }

    private static function years(float $years): string
    {
        return $years < 10 ? rtrim(rtrim(sprintf('%.1f', $years), '0'), '.') : (string) (int) round($years, $years < 100 ? 0 : -1);
    }

    private static function upTo(Span $harms): string
    {
        return $harms->high > 1.5 * max($harms->likely, 1e-9) ? ', at worst '.self::often($harms->high) : '';
    }
}
