<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Answered;
use App\Build\Price;
use App\House\Money;
use App\House\Views\FigureView;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Quote;
use Velbrin\Core\Build\QuoteByStage;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\TakeOff;
use Velbrin\Core\Build\TakeOffLine;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** What a plan takes and what it costs, exact to the minor unit. */
final readonly class QuoteView
{
    /**
     * @param  list<array{key: string, label: string, quantity: string, note: string, each: string|null, price: string|null}>  $lines
     * @param  array<string, string>  $waits  what is missing, by line
     * @param  list<array{label: string, hours: string, things: string, money: string}>  $stages  the same by stage; empty for a year
     */
    private function __construct(
        public array $lines,
        public array $waits,
        public string $net,
        public string $tax,
        public string $total,
        public int $totalMinor,
        public int $unpriced,
        public string $taxPct,
        public ?string $roDays,
        public array $stages = [],
    ) {
    }

    public static function of(Answered $answered, Units $units): self
    {
        $take = $answered->whole()->takeOff;
        [$prices, $tax] = [$answered->prices, $answered->taxBasisPoints];
        $quote = Quote::of($take->lines, $prices, $tax);
        $waits = [];
        foreach ($take->waits as $key => $fields) {
            $waits[TakeOff::KEYS[$key][0]] = implode(
                ', ',
                array_map(fn (string $f): string => lcfirst(FigureView::fieldLabel($f)), $fields),
            );
        }

        return new self(
            lines: self::lines($take->lines, $prices, $quote, $units),
            waits: $waits,
            net: Money::shown($quote->netMinor),
            tax: Money::shown($quote->taxMinor),
            total: Money::shown($quote->totalMinor),
            totalMinor: $quote->totalMinor,
            unpriced: count($quote->unpriced()),
            taxPct: self::percent($tax),
            roDays: $take->roDays === null ? null : $units->show(Quantity::of($take->roDays, Kind::Days)),
            stages: self::stages($answered->whole()->stages, $take->lines, $quote, $units),
        );
    }

    /** A year of running. */
    public static function year(Answered $answered, Units $units): self
    {
        $year = $answered->whole()->year;
        [$prices, $tax] = [$answered->prices, $answered->taxBasisPoints];
        $quote = Quote::of($year->lines, $prices, $tax);
        $waits = [];
        foreach ($year->waits as $key => $fields) {
            $waits[Price::keys()[$key][0]] = implode(
                ', ',
                array_map(fn (string $f): string => lcfirst(FigureView::fieldLabel($f)), $fields),
            );
        }

        return new self(
            lines: self::lines($year->lines, $prices, $quote, $units),
            waits: $waits,
            net: Money::shown($quote->netMinor),
            tax: Money::shown($quote->taxMinor),
            total: Money::shown($quote->totalMinor),
            totalMinor: $quote->totalMinor,
            unpriced: count($quote->unpriced()),
            taxPct: self::percent($tax),
            roDays: null,
        );
    }

    /**
     * @param  list<TakeOffLine>  $lines
     * @param  array<string, int>  $prices
     * @return list<array{key: string, label: string, quantity: string, note: string, each: string|null, price: string|null}>
     */
    private static function lines(array $lines, array $prices, Quote $quote, Units $units): array
    {
        return array_map(
            fn (TakeOffLine $l): array => [
                'key' => $l->key,
                'label' => $l->label,
                'quantity' => $units->show(
                    in_array($l->quantity->kind, [Kind::Mass, Kind::Volume], true)
                        ? $l->quantity->finer(1)
                        : $l->quantity,
                ),
                'note' => (string) $l->note?->in($units),
                'each' => isset($prices[$l->key])
                    ? Money::shown($prices[$l->key]).' a '.Price::keys()[$l->key][1]
                    : null,
                'price' => isset($quote->lineMinor[$l->key]) ? Money::shown($quote->lineMinor[$l->key]) : null,
            ],
            $lines,
        );
    }

    /**
     * @param  list<Stage>  $stages
     * @param  list<TakeOffLine>  $lines
     * @return list<array{label: string, hours: string, things: string, money: string}>
     */
    private static function stages(array $stages, array $lines, Quote $quote, Units $units): array
    {
        return array_map(
            fn (array $row): array => [
                'label' => $row['label'],
                'hours' => $units->show(Quantity::of($row['personHours'], Kind::Hours)),
                'money' => Money::shown($row['minor']),
                'things' => implode(
                    '; ',
                    array_map(
                        fn (TakeOffLine $l): string => $l->label.' '.$units->show($l->quantity),
                        $row['lines'],
                    ),
                ),
            ],
            QuoteByStage::of($stages, $lines, $quote),
        );
    }

    private static function percent(int $basisPoints): string
    {
        return rtrim(rtrim(number_format($basisPoints / 100, 2, '.', ''), '0'), '.').' %';
    }
}
