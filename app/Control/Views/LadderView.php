<?php

declare(strict_types=1);

namespace App\Control\Views;

use Velbrin\Core\Control\Programme\Rungs;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** All limits of one quantity on one line, with the usual day behind them. */
final readonly class LadderView
{
    /** @param  list<array{at: float, kind: string, words: string}>  $rungs  at: share of the line, 0 to 1 */
    private function __construct(
        public string $quantity,
        public string $label,
        public array $rungs,
        public ?float $usualFrom,
        public ?float $usualTo,
        public ?string $usual,
    ) {
    }

    /** The line is a little longer than what lies on it. */
    private const BEYOND = 0.06;

    public static function of(Rungs $rungs, string $label, Units $units): ?self
    {
        if ($rungs->rungs === []) {
            return null;
        }
        $values = array_column($rungs->rungs, 'value');
        array_push($values, ...array_filter([$rungs->usualLow, $rungs->usualHigh], fn (?float $v): bool => $v !== null));
        $span = max(1e-6, max($values) - min($values));
        $from = min($values) - self::BEYOND * $span;
        $wide = $span * (1 + 2 * self::BEYOND);
        $at = fn (float $value): float => ($value - $from) / $wide;
        $says = fn (float $value): string => $rungs->quantity === 'temperature'
            ? $units->show(Quantity::of($value, Kind::Temperature))
            : rtrim(rtrim(number_format($value, 2, $units->decimalMark, ''), '0'), $units->decimalMark);

        return new self(
            quantity: $rungs->quantity,
            label: $label,
            rungs: array_map(fn (array $r): array => [
                'at' => $at($r['value']),
                'kind' => $r['kind'],
                'words' => $says($r['value']).' '.match ($r['kind']) {
                    'harm' => 'harm',
                    'alarm' => "alarm: {$r['of']}",
                    'guard' => "guard: {$r['of']}",
                    'start' => "{$r['of']} on",
                    default => "{$r['of']} off",
                },
            ], $rungs->rungs),
            usualFrom: $rungs->usualLow === null ? null : $at($rungs->usualLow),
            usualTo: $rungs->usualHigh === null ? null : $at($rungs->usualHigh),
            usual: $rungs->usualLow === null || $rungs->usualHigh === null
                ? null
                : "{$says($rungs->usualLow)} to {$says($rungs->usualHigh)}",
        );
    }
}
