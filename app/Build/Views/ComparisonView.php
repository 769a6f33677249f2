<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Plan;
use App\Build\PlanVersion;
use App\House\Views\CrumbView;
use App\House\Views\FindingView;
use App\Team\User;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\RowsDiffer;
use Velbrin\Core\Measure\Units;

/** Two versions side by side, only what differs. */
final readonly class ComparisonView
{
    /**
     * @param  list<CrumbView>  $crumbs
     * @param  list<DifferenceView>  $facts
     * @param  list<DifferenceView>  $tables
     * @param  list<DifferenceView>  $figures
     * @param  list<FindingView>  $gone
     * @param  list<FindingView>  $new
     */
    private function __construct(
        public string $planName,
        public int $planId,
        public int $a,
        public int $b,
        public array $crumbs,
        public array $facts,
        public array $tables,
        public array $figures,
        public array $gone,
        public array $new,
    ) {
    }

    public static function of(Plan $plan, PlanVersion $a, PlanVersion $b, Comparison $comparison, User $user): self
    {
        $units = $user->units();

        return new self(
            planName: $plan->name,
            planId: $plan->id,
            a: $a->number,
            b: $b->number,
            crumbs: [
                new CrumbView((string) $plan->site?->client?->name, "/clients/{$plan->site?->client_id}"),
                new CrumbView((string) $plan->site?->name, "/sites/{$plan->site_id}"),
                new CrumbView($plan->name, "/plans/{$plan->id}"),
            ],
            facts: array_map(
                fn (array $f): DifferenceView => new DifferenceView(
                    FactWords::label($f[0]),
                    FactWords::of($f[0], $f[1], $units),
                    FactWords::of($f[0], $f[2], $units),
                ),
                $comparison->facts,
            ),
            tables: array_map(
                fn (RowsDiffer $t): DifferenceView => new DifferenceView(
                    ucfirst($t->table->says),
                    (string) $t->before,
                    self::rows($t),
                ),
                $comparison->tables,
            ),
            figures: array_map(
                fn (array $f): DifferenceView => new DifferenceView(
                    ($f[1] ?? $f[0])->label ?? '',
                    self::figure($f[0], $units),
                    self::figure($f[1], $units),
                ),
                $comparison->figures,
            ),
            gone: FindingView::all($comparison->gone, $units),
            new: FindingView::all($comparison->new, $units),
        );
    }

    /** "3: new lamp 3, changed left lamp". */
    private static function rows(RowsDiffer $rows): string
    {
        $said = array_filter([
            'new' => implode(', ', $rows->new),
            'changed' => implode(', ', $rows->changed),
            'gone' => implode(', ', $rows->gone),
        ]);

        return "{$rows->after}: ".
            implode('; ', array_map(fn (string $what, string $names): string => "{$what} {$names}", array_keys($said), $said));
    }

    private static function figure(?Figure $figure, Units $units): string
    {
        return match (true) {
            $figure === null => '–',
            $figure->quantity !== null => $units->show($figure->quantity),
            default => $figure->word ?? 'waits for facts',
        };
    }
}
