<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

/** The lines of a sheet for another trade, each with what it was on the sheet before (B-74). */
final class TradeSheet
{
    /**
     * What is asked and not known stands as null: still to be settled. Facts of another shape are left out.
     *
     * @return array<string, array{label: string, value: Quantity|string|null}> by key
     */
    public static function lines(Trade $trade, PlanBrief $brief, PlanAnswers $answers): array
    {
        $facts = Facts::of($brief);
        $lines = [];
        foreach ($trade->wants() as $want) {
            if ($want instanceof PlanField) {
                $spec = PlanSheet::spec($want);
                if ($spec->isAsked($facts)) {
                    $lines[$want->value] = ['label' => $spec->label, 'value' => self::fact($facts, $spec)];
                }

                continue;
            }
            $figure = $answers->figure($want);
            $lines["figure-{$want}"] = [
                'label' => Topic::LABELS[$want],
                'value' => $figure->quantity ?? $figure?->word,
            ];
        }

        return match ($trade) {
            Trade::Electrician => $lines + self::plugs($brief),
            Trade::Carpenter => $lines + self::ledges($brief),
            default => $lines,
        };
    }

    /**
     * Every plug with what it takes and where it is to hang.
     *
     * @return array<string, array{label: string, value: Quantity|string|null}>
     */
    private static function plugs(PlanBrief $brief): array
    {
        $plugs = [];
        foreach ($brief->rows('loads') as $row) {
            $strip = $row->numberOr('strip');
            $plugs["plug-{$row->row}"] = [
                'label' => 'Plug, '.
                    $row->called('device').
                    ': circuit '.
                    (int) $row->number('circuit').
                    ($strip === null ? '' : ', strip '.(int) $strip),
                'value' => Quantity::of($row->number('watts'), Kind::Power),
            ];
        }

        return $plugs;
    }

    /**
     * Every frame and shelf with the height of its underside.
     *
     * @return array<string, array{label: string, value: Quantity|string|null}>
     */
    private static function ledges(PlanBrief $brief): array
    {
        $ledges = [];
        foreach ($brief->rows('ledges') as $row) {
            $ledges["ledge-{$row->row}"] = [
                'label' => "{$row->called($row->word('kind'))}: its underside above the cabinet’s floor",
                'value' => Quantity::of($row->number('bottomMm'), Kind::Length),
            ];
        }

        return $ledges;
    }

    private static function fact(Facts $facts, FieldSpec $spec): Quantity|string|null
    {
        if (! $facts->knows($spec->field)) {
            return null;
        }
        if ($spec->kind === null) {
            return $spec->choices[$facts->word($spec->field)] ?? null;
        }
        $number = $spec->mayBeNone ? $facts->numberOrNone($spec->field) : $facts->number($spec->field);

        return $number === null ? 'none' : Quantity::of($number, $spec->kind);
    }
}
