<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Answered;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\Price;
use App\House\Money;
use App\House\Views\FigureView;
use App\House\Views\FindingView;
use App\Team\User;
use Illuminate\Support\Collection;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\Stages;
use Velbrin\Core\Build\TakeOff;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** Options line by line: only lines in which they differ; what stands against each; price and how much more than the first. */
final readonly class OptionsView
{
    /**
     * @param  list<array{id: int, name: string, total: string, more: string|null, unpriced: int, roDays: string|null, year: string,
     *     yearUnpriced: int, readyIn: string|null}>  $plans
     * @param  list<array{label: string, cells: list<string|null>}>  $lines
     * @param  list<list<FindingView>>  $against  Stops and Fixes of each
     */
    private function __construct(public array $plans, public array $lines, public array $against)
    {
    }

    /** @param  Collection<int, Plan>  $plans  loaded with room and site.passages */
    public static function of(Collection $plans, User $user): self
    {
        $units = $user->units();
        $heads = $against = $columns = [];
        $first = null;
        $prices = Price::list();
        foreach ($plans as $plan) {
            $answered = Answered::today(PlanBrief::read(PlanReader::raw($plan)), $prices);
            $answers = $answered->answers();
            $quote = QuoteView::of($answered, $units);
            $year = QuoteView::year($answered, $units);
            $first ??= $quote->totalMinor;
            $difference = $quote->totalMinor - $first;
            $heads[] = [
                'id' => $plan->id,
                'name' => $plan->name,
                'total' => $quote->total,
                'more' => $difference === 0 ? null : ($difference > 0 ? '+ ' : '− ').Money::shown(abs($difference)),
                'unpriced' => $quote->unpriced,
                'roDays' => $quote->roDays,
                'year' => $year->total,
                'yearUnpriced' => $year->unpriced,
                'readyIn' => self::readyIn($answered->whole()->stages),
            ];
            $column = [];
            foreach ($answers->figures as $key => $figure) {
                $column[$key] = FigureView::of($figure, $units)->text;
            }
            foreach ($quote->lines as $line) {
                $column['take-'.$line['key']] =
                    $line['quantity'].($line['price'] === null ? '' : ", {$line['price']}");
            }
            foreach ($year->lines as $line) {
                $column['year-'.$line['key']] =
                    $line['quantity'].($line['price'] === null ? '' : ", {$line['price']}");
            }
            $columns[] = $column;
            $against[] = FindingView::all(
                array_values(
                    array_filter(
                        $answers->findings,
                        fn (Finding $f): bool => in_array($f->severity, [Severity::Stop, Severity::Fix], true),
                    ),
                ),
                $units,
            );
        }

        return new self($heads, self::differing($columns), $against);
    }

    /**
     * Days until everything of its course could stand; null while the plan cannot say.
     *
     * @param  list<Stage>  $stages
     */
    private static function readyIn(array $stages): ?string
    {
        if ($stages === []) {
            return null;
        }
        $course = Stages::course($stages);

        return (int) ceil(max([0.0, ...array_column($course, 1)])).' days';
    }

    /**
     * @param  list<array<string, string|null>>  $columns
     * @return list<array{label: string, cells: list<string|null>}>
     */
    private static function differing(array $columns): array
    {
        $labels = Topic::LABELS;
        foreach (TakeOff::KEYS as $key => [$label]) {
            $labels["take-{$key}"] = $label;
        }
        foreach (Price::keys() as $key => [$label]) {
            $labels["year-{$key}"] = "{$label}, a year";
        }
        $lines = [];
        foreach ($labels as $key => $label) {
            $cells = array_map(fn (array $c): ?string => $c[$key] ?? null, $columns);
            if (count(array_unique($cells)) > 1) {
                $lines[] = ['label' => $label, 'cells' => $cells];
            }
        }

        return $lines;
    }
}
