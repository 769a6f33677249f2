<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Price;
use App\House\Money;
use App\House\Views\FigureView;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Quote;
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
     */
    private function __construct(public array $lines, public array $waits, public string $net, public string $tax, public string $total, public int $totalMinor, public int $unpriced, public string $taxPct, public ?string $roDays)
    {
    }

    public static function of(PlanBrief $brief, PlanAnswers $answers, Units $units): self
    {
        $take = TakeOff::of($brief, $answers);
        $prices = Price::list();
        $tax = config()->integer('velbrin.tax_basis_points');
        $quote = Quote::of($take->lines, $prices, $tax);
        $money = fn (?int $minor): ?string => $minor === null ? null : Money::shown($minor);
        $waits = [];
        foreach ($take->waits as $key => $fields) {
            $waits[TakeOff::KEYS[$key][0]] = implode(', ', array_map(fn (string $f): string => lcfirst(FigureView::fieldLabel($f)), $fields));
        }

        return new self(
            array_map(fn (TakeOffLine $l): array => [
                'key' => $l->key, 'label' => $l->label, 'quantity' => $units->show(in_array($l->quantity->kind, [Kind::Mass, Kind::Volume], true) ? $l->quantity->finer(1) : $l->quantity), 'note' => (string) $l->note?->in($units),
                'each' => isset($prices[$l->key]) ? Money::shown($prices[$l->key]).' a '.TakeOff::KEYS[$l->key][1] : null, 'price' => $money($quote->lineMinor[$l->key] ?? null),
            ], $take->lines),
            $waits, Money::shown($quote->netMinor), Money::shown($quote->taxMinor), Money::shown($quote->totalMinor), $quote->totalMinor, count($quote->unpriced()), rtrim(rtrim(number_format($tax / 100, 2, '.', ''), '0'), '.').' %',
            $take->roDays === null ? null : $units->show(Quantity::of($take->roDays, Kind::Days)),
        );
    }
}
