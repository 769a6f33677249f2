<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Band;
use App\Systems\Judge;
use App\Systems\Reading;
use App\Systems\StoredJudgement;
use App\Team\User;
use Illuminate\Support\Collection;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\TrendLine;
use Velbrin\Core\Measure\Quantity;

/** One parameter's readings to plot, in the reader's unit, with the band and the line. */
final readonly class SeriesView
{
    /**
     * @param  list<ReadingView>  $readings  newest first
     * @param  array<string, float|null>  $band  limits in the reader's unit
     * @param  list<array{0: string, 1: float}>  $line  two ends of the trend
     */
    private function __construct(
        public string $parameter,
        public string $label,
        public string $unit,
        public int $digits,
        public array $readings,
        public array $band,
        public array $line,
        public ?string $reason,
    ) {
    }

    /** @param  Collection<int, Reading>  $readings newest first, loaded with user */
    public static function of(
        Measured $parameter,
        Collection $readings,
        ?Band $band,
        ?StoredJudgement $judgement,
        User $user,
    ): self {
        $units = $user->units();
        $display = $units->display($parameter->kind());
        $shown = fn (?float $v): ?float => $v === null ? null : round($display->shown($v), 5);
        $line = [];
        if ($judgement?->slope_per_day !== null && $judgement->line_now !== null) {
            $from = max(
                Judge::day($judgement->judged_at) - Judgement::WINDOW_DAYS,
                Judge::day(
                    $readings->where('marked_at', null)->take(Judgement::READINGS)->last()->taken_at ??
                        $judgement->judged_at,
                ),
            );
            $trend = TrendLine::from(
                $judgement->slope_per_day,
                Judge::day($judgement->judged_at),
                $judgement->line_now,
            );
            foreach ([$from, Judge::day(now()) + 7] as $day) {
                $line[] = [Judge::moment($day)->toIso8601ZuluString(), (float) $shown($trend->at($day))];
            }
        }

        return new self(
            parameter: $parameter->key(),
            label: $parameter->label(),
            unit: $display->label,
            digits: max(1, $display->digits),
            readings: array_values(
                $readings
                    ->map(
                        fn (Reading $r): ReadingView => new ReadingView(
                            id: $r->id,
                            at: $r->taken_at->toIso8601ZuluString(),
                            value: (float) $shown($r->value),
                            text: $units->show(Quantity::of($r->value, $parameter->kind())),
                            typed: rtrim(rtrim(number_format($r->given_value, 4, $user->decimal_mark, ''), '0'), '.,').
                                ' '.
                                $r->given_unit,
                            method: $r->method,
                            instrument: $r->instrument,
                            by: $r->user->name ?? 'a probe',
                            doubtful: $r->doubtful,
                            marked: $r->marked_reason,
                        ),
                    )
                    ->all(),
            ),
            band: $band === null
                ? []
                : [
                    'aimLow' => $shown($band->aim_low),
                    'aimHigh' => $shown($band->aim_high),
                    'fineLow' => $shown($band->fine_low),
                    'fineHigh' => $shown($band->fine_high),
                    'actLow' => $shown($band->act_low),
                    'actHigh' => $shown($band->act_high),
                ],
            line: $line,
            reason: $band?->reason,
        );
    }
}
