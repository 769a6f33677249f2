<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** The same quote stage by stage: what must be there when a stage begins, its hours, and their money. No unit is lost on the way. */
final class QuoteByStage
{
    /** The stage a line is needed at. */
    private const AT = [
        'display-glass' => 'fabricated',
        'sump-glass' => 'fabricated',
        'vessel-glass' => 'fabricated',
        'bulkhead' => 'fabricated',
        'stand' => 'set',
        'drain-pipe' => 'plumbed',
        'return-pipe' => 'plumbed',
        'return-pump' => 'plumbed',
        'union' => 'plumbed',
        'gate-valve' => 'plumbed',
        'heater' => 'electrics',
        'stream-pump' => 'electrics',
        'controller' => 'electrics',
        'thermostat' => 'electrics',
        'timer' => 'electrics',
        'level-switch' => 'electrics',
        'strip' => 'electrics',
        'driver' => 'electrics',
        'doser' => 'electrics',
        'cable' => 'electrics',
        'label' => 'electrics',
        'lamp' => 'lights',
        'fixing' => 'lights',
        'salt' => 'filled',
        'ro-water' => 'filled',
        'rock' => 'scape',
        'sand' => 'scape',
        'reagents' => 'cycle',
        'guard' => 'animals',
    ];

    /**
     * @param  list<Stage>  $stages
     * @param  list<TakeOffLine>  $lines
     * @return list<array{key: string, label: string, personHours: float, labourMinor: int|null, lines: list<TakeOffLine>,
     *     minor: int}> stages that take nothing are left out
     */
    public static function of(array $stages, array $lines, Quote $quote): array
    {
        $labour = $quote->lineMinor['labour'] ?? null;
        $shares =
            $labour === null ? [] : self::shared($labour, array_map(fn (Stage $s): float => $s->personHours(), $stages));
        $rows = [];
        foreach ($stages as $i => $stage) {
            $here = array_values(
                array_filter($lines, fn (TakeOffLine $l): bool => (self::AT[$l->key] ?? null) === $stage->key),
            );
            $minor =
                ($shares[$i] ?? 0) +
                array_sum(array_map(fn (TakeOffLine $l): int => $quote->lineMinor[$l->key] ?? 0, $here));
            if ($here !== [] || $stage->personHours() > 0) {
                $rows[] = [
                    'key' => $stage->key,
                    'label' => $stage->label,
                    'personHours' => $stage->personHours(),
                    'labourMinor' => $shares[$i] ?? null,
                    'lines' => $here,
                    'minor' => $minor,
                ];
            }
        }

        return $rows;
    }

    /**
     * Whole units by weight; what rounding leaves goes to those it took most from.
     *
     * @param  list<float>  $weights
     * @return list<int>
     */
    private static function shared(int $minor, array $weights): array
    {
        $all = array_sum($weights);
        if ($all <= 0) {
            return array_map(fn (): int => 0, $weights);
        }
        $exact = array_map(fn (float $w): float => ($minor * $w) / $all, $weights);
        $whole = array_map(fn (float $e): int => (int) floor($e), $exact);
        $rest = array_map(fn (float $e, int $w): float => $e - $w, $exact, $whole);
        arsort($rest);
        foreach (array_slice(array_keys($rest), 0, $minor - array_sum($whole)) as $i) {
            $whole[$i]++;
        }

        return array_values($whole);
    }
}
