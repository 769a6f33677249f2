<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Layer\Defence;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Corner;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;

/**
 * A year of one system: each hazard over every kind of moment, weighted by its share of the year (R-25, R-55): Σ share · rate ·
 * P(everything fails | moment) · loss.
 */
final readonly class Year
{
    /**
     * @param  list<Moment>  $moments  shares sum to 1
     * @param  array<string, float>  $dead  chance that a part is dead already
     */
    private function __construct(
        private Standing $standing,
        private array $moments,
        private Rates $rates,
        private array $dead,
    ) {
    }

    /**
     * @param  list<Moment>  $moments
     * @param  array<string, float>  $dead
     * @return list<HazardRow> what costs most first; where nobody said what is at stake, what harms most often
     *
     * @throws OutOfRange
     */
    public static function of(Standing $standing, array $moments, Rates $rates, array $dead = []): array
    {
        $year = new self($standing, $moments, $rates, $dead);
        $rows = [];
        foreach (Hazard::cases() as $hazard) {
            $row = $year->row($hazard);
            if ($row !== null) {
                $rows[] = $row;
            }
        }
        usort($rows, fn (HazardRow $a, HazardRow $b): int => self::weight($b) <=> self::weight($a));

        return $rows;
    }

    /** @return array{0: float, 1: float} */
    private static function weight(HazardRow $row): array
    {
        return [$row->loss->likely ?? 0.0, $row->harms->likely];
    }

    /**
     * One hazard by itself; null where it cannot happen.
     *
     * @param  list<Moment>  $moments
     * @param  array<string, float>  $dead
     *
     * @throws OutOfRange
     */
    public static function hazard(
        Hazard $hazard,
        Standing $standing,
        array $moments,
        Rates $rates,
        array $dead = [],
    ): ?HazardRow {
        return (new self($standing, $moments, $rates, $dead))->row($hazard);
    }

    private function row(Hazard $hazard): ?HazardRow
    {
        $year = null;
        foreach ($this->moments as $moment) {
            $here = $this->during($hazard, $moment);
            $milder = $here === null ? null : $moment->milder();
            if ($milder !== null) {
                $here = $here->orAsLittleAs($this->during($hazard, $milder));
            }
            $year = $here === null ? $year : $here->after($year);
        }
        if ($year === null) {
            return null;
        }
        $scenes = $year->scenes();
        $first = $scenes[0] ?? null;
        $beginnings = array_map(fn (Scene $s): Beginning => new Beginning($s->fault->name, $s->harm, $this->credits($s)), $scenes);
        $credits = $beginnings[0]->credits ?? [];

        return new HazardRow(
            hazard: $hazard,
            rate: $year->rate,
            harms: $year->harms,
            loss: $year->loss,
            beginnings: $beginnings,
            weakest: Weakest::of($credits, $first?->harm),
            narrows: [
                ...$first->harm->needs ?? [],
                ...$year->hangsOnRoom ? ['how warm the room usually is'] : [],
            ],
        );
    }

    /** What one kind of moment adds; null: it cannot happen then. */
    private function during(Hazard $hazard, Moment $moment): ?Share
    {
        $sum = null;
        $share = $this->shareOf($hazard, $moment);
        foreach (Scenes::of($hazard, $this->standing, $moment, $this->rates) as $scene) {
            $harms = $loss = Span::sure(0.0);
            if ($scene->harm?->hours !== null) {
                $harms = $this->product($scene->rate, $this->fails($scene))->times($share);
                $worth = $this->worth($hazard, $scene->harm);
                $loss = $worth === null ? null : $harms->times($worth);
            }
            $sum = Share::of($scene->rate->times($share), $harms, $loss, $scene)->after($sum);
        }

        return $sum;
    }

    /** A cold season comes once, however short its nights are. */
    private function shareOf(Hazard $hazard, Moment $moment): float
    {
        if ($hazard !== Hazard::TooCold) {
            return $moment->share;
        }
        $cold = array_filter(
            $this->moments,
            fn (Moment $m): bool => (Scenes::of($hazard, $this->standing, $m, $this->rates)[0]->harm->hours ?? null) !== null,
        );
        $shares = array_sum(array_map(fn (Moment $m): float => $m->share, $cold));

        return $shares > 0 && in_array($moment, $cold, true) ? $moment->share / $shares : 0.0;
    }

    private function fails(Scene $scene): Span
    {
        $at = fn (Corner $corner): float => $this->defence($scene, $corner)->fails;
        $low = $at(Corner::Low);
        $likely = max($low, $at(Corner::Likely));

        return Span::of($low, $likely, max($likely, $at(Corner::High)));
    }

    private function defence(Scene $scene, Corner $corner): Defence
    {
        $harm = $scene->harm;
        // At its bad end the harm comes soonest; at its good end latest.
        $hours = match ($corner) {
            Corner::High => $harm?->hours,
            Corner::Likely => $harm->likelyH ?? $harm?->hours,
            Corner::Low => $harm->latestH ?? $harm->likelyH ?? $harm?->hours,
        };

        return Defence::of($scene->fault, $scene->layers, $hours, $this->dead, $this->rates, $corner);
    }

    /** @return list<Credit> */
    private function credits(Scene $scene): array
    {
        return $this->defence($scene, Corner::High)->credits;
    }

    private function product(Span $rate, Span $fails): Span
    {
        return Span::of(
            $rate->low * $fails->low,
            $rate->likely * $fails->likely,
            $rate->high * $fails->high,
        );
    }

    /** What is lost; a tray or a floor's drain leaves a part of it (they lower the loss, not the chance). */
    private function worth(Hazard $hazard, Harm $harm): ?float
    {
        if (! $harm->spills) {
            return $this->standing->animalsWorth;
        }
        $catches = array_filter(
            $this->standing->feedLayers,
            fn (FeedLayer $l): bool => in_array($l, [FeedLayer::Tray, FeedLayer::DrainedFloor, FeedLayer::Overflow], true),
        );
        $left = $catches === [] ? 1.0 : $this->rates->of(Assumed::TrayLeaves);

        return $this->standing->floorWorth === null ? null : $this->standing->floorWorth * $left;
    }
}
