<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Money;
use App\Risk\Views\MeasureView;
use App\Risk\Views\SchoolView;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Measures\BestSet;
use Velbrin\Core\Risk\Measures\Chosen;
use Velbrin\Core\Risk\Measures\Judged;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Measures\Option;
use Velbrin\Core\Risk\Measures\School;

/** What could be done for one system: each measure by itself, the best set under a budget, what more money buys. */
final class MeasureDesk
{
    private readonly Judged $judged;

    /** @var array<string, int> */
    private readonly array $prices;

    /** @var array<string, list<Hazard>> by measure */
    private array $touched = [];

    /** @var list<MeasureKind> */
    private readonly array $fitting;

    private readonly bool $isMoney;

    public function __construct(Known $known)
    {
        $this->judged = new Judged($known->standing, $known->moments, RiskRate::rates());
        $this->prices = MeasurePrice::list();
        $this->fitting = $this->judged->fitting();
        $this->isMoney = $known->standing->animalsWorth !== null && $known->standing->floorWorth !== null;
        foreach ($this->fitting as $kind) {
            $this->touched[$kind->value] = $this->judged->touched($kind);
        }
    }

    /** Nobody has said what is at stake: then harms a year are counted in place of money. */
    public function isMoney(): bool
    {
        return $this->isMoney;
    }

    /**
     * A year with its controller, and without (R-33); null: none drives it.
     *
     * @return array{with: float, without: float}|null
     *
     * @throws OutOfRange
     */
    public function controller(): ?array
    {
        $without = $this->judged->withoutController();

        return $without === null
            ? null
            : ['with' => $this->judged->year($this->isMoney), 'without' => $without->year($this->isMoney)];
    }

    /**
     * Two ways of keeping it beside what stands (R-32).
     *
     * @return list<SchoolView>
     *
     * @throws OutOfRange
     */
    public function schools(): array
    {
        return array_map(
            fn (School $s): SchoolView => SchoolView::of($s, $this->prices),
            $this->judged->schools($this->isMoney),
        );
    }

    /** @throws OutOfRange */
    public function best(int $budgetMinor): Chosen
    {
        return BestSet::of($this->hazards(), $this->options(), $budgetMinor, $this->lossOf(...));
    }

    /**
     * @return list<Chosen>
     *
     * @throws OutOfRange
     */
    public function curve(): array
    {
        return BestSet::curve($this->hazards(), $this->options(), $this->lossOf(...));
    }

    /**
     * @param  list<string>  $chosen
     * @return list<MeasureView> what saves most first; what costs more than it saves last
     */
    public function views(array $chosen): array
    {
        $views = array_map(fn (MeasureKind $k): MeasureView => $this->view($k, in_array($k->value, $chosen, true)), $this->fitting);
        usort($views, fn (MeasureView $a, MeasureView $b): int => $b->saves <=> $a->saves);

        return $views;
    }

    /** @param  list<string>  $ids */
    public function lossOf(string $hazard, array $ids): float
    {
        $kinds = array_map(MeasureKind::from(...), $ids);
        $of = Hazard::from($hazard);

        return $this->isMoney ? $this->judged->loss($of, $kinds) : $this->judged->harms($of, $kinds);
    }

    private function view(MeasureKind $kind, bool $chosen): MeasureView
    {
        $changes = [];
        $saves = 0.0;
        foreach ($this->touched[$kind->value] as $hazard) {
            $before = $this->lossOf($hazard->value, []);
            $after = $this->lossOf($hazard->value, [$kind->value]);
            $saves += $before - $after;
            $changes[] = ['hazard' => $hazard->label(), 'before' => $before, 'after' => $after];
        }
        $saves -= $this->yearly($kind);
        $price = $this->prices[$kind->value] ?? null;

        return new MeasureView(
            kind: $kind->value,
            label: $kind->label(),
            priceMinor: $price,
            price: $price === null ? null : Money::shown($price),
            upkeepMin: $kind->upkeepMin(),
            devices: $kind->addsDevices(),
            saves: $saves,
            savesShown: $this->isMoney ? Money::about($saves) : null,
            changes: $changes,
            chosen: $chosen,
        );
    }

    /** @return list<Option> */
    private function options(): array
    {
        return array_map(
            fn (MeasureKind $k): Option => new Option(
                id: $k->value,
                priceMinor: $this->prices[$k->value] ?? null,
                touches: array_map(fn (Hazard $h): string => $h->value, $this->touched[$k->value]),
                yearly: $this->yearly($k),
            ),
            $this->fitting,
        );
    }

    /** @return list<string> */
    private function hazards(): array
    {
        return array_map(fn (Hazard $h): string => $h->value, Hazard::cases());
    }

    /** Minutes and devices at the company's own prices; nothing until it has said them. */
    private function yearly(MeasureKind $kind): float
    {
        if (! $this->isMoney) {
            return 0.0;
        }
        $minute = ($this->prices[MeasurePrice::MINUTE] ?? 0) / 100;
        $device = ($this->prices[MeasurePrice::DEVICE] ?? 0) / 100;

        return $kind->upkeepMin() * $minute + $kind->addsDevices() * $device;
    }
}
