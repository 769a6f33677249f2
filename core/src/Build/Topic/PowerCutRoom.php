<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\DrainDown;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** A power cut: what comes down, whether the sump takes it, and the numbers that would put it right (B-32). */
final class PowerCutRoom implements Topic
{
    public function keys(): array
    {
        return ['downL', 'spareL', 'marginPct', 'cloggedL'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);
        $display = DisplayTank::of($facts);
        $sump = SumpWater::of($facts);
        $area = $display->vessel->insideAreaM2();
        [$working, $clogged] = self::depths($facts, $weir);
        $down = self::down($facts, $area, $weir->headMm, $working, $sump);
        $worst = self::down($facts, $area, $weir->headMm, $clogged, $sump);
        $rows = [
            ['A', 'Inside area of the display', $area, Kind::Area], ['h', 'Water over the weir', $weir->headMm, Kind::Length],
        ];
        $others = OtherVessels::downL($facts);
        $pipes = [$facts->row('p', F::PipesL), ...($others > 0 ? [['v', 'Other vessels run down', $others, Kind::Volume]] : [])];
        $sum = $others > 0 ? 'A*(h + o) + p + v' : 'A*(h + o) + p';
        $figures = [
            Figure::number('downL', Quantity::of($down->downL, Kind::Volume), Sentence::of('outlet or break {depth} below the weir edge', ['depth' => Quantity::of($working, Kind::Length)]), $facts->basis(),
                Working::of('Power cut: comes down', $sum, [...$rows, ['o', 'Deepest open outlet or working break below the edge', $working, Kind::Length], ...$pipes], Quantity::of($down->downL, Kind::Volume), 'B-32')),
            Figure::number('spareL', Quantity::of($down->spareL, Kind::Volume), Sentence::of('between the running levels and the rim'), $facts->basis(),
                Working::of('Sump takes', 'A*(rim - level)', [['A', 'Area of all chambers', $sump->areaM2(), Kind::Area], ['rim', 'Rim, inside', $sump->rimMm, Kind::Length], ['level', 'Running level, mean over the chambers', $sump->meanLevelMm(), Kind::Length]], Quantity::of($down->spareL, Kind::Volume), 'B-32')),
            Figure::number('marginPct', Quantity::of($down->marginPct, Kind::Percent), Sentence::of('wanted: {wanted}', ['wanted' => Quantity::of(100 * DrainDown::MARGIN, Kind::Percent)]), $facts->basis(),
                Working::of('Room left over', '100*(spare - down)/spare', [['spare', 'Sump takes', $down->spareL, Kind::Volume], ['down', 'Comes down', $down->downL, Kind::Volume]], Quantity::of($down->marginPct, Kind::Percent), 'B-32')),
            Figure::number('cloggedL', Quantity::of($worst->downL, Kind::Volume), Sentence::of($worst->overflowL > 0 ? '{over} of it on the floor' : 'all of it fits', ['over' => Quantity::of($worst->overflowL, Kind::Volume)]), $facts->basis(),
                Working::of('Siphon break clogged: comes down', $sum, [...$rows, ['o', 'Outlet below the edge', $clogged, Kind::Length], ...$pipes], Quantity::of($worst->downL, Kind::Volume), 'B-32: a break counts working and clogged')),
        ];

        return new TopicAnswer($figures, [self::working($facts, $down, $sump, $area), ...self::clogged($facts, $working, $clogged, $worst, $area)]);
    }

    /**
     * Where the back-siphon stops below the weir edge, mm: with the break working, and with it clogged; 0 when above the edge.
     *
     * @return array{0: float, 1: float}
     */
    public static function depths(Facts $facts, Overflow $weir): array
    {
        $outlet = $facts->number(F::OutletBelowRimMm) - $weir->edgeBelowRimMm;
        $break = $facts->numberOrNone(F::BreakBelowRimMm);
        $working = $break === null ? $outlet : min($outlet, $break - $weir->edgeBelowRimMm);

        return [max(0.0, $working), max(0.0, $outlet)];
    }

    /**
     * What comes down with the siphon break working, L.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function downL(Facts $facts): float
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);

        return self::down($facts, DisplayTank::of($facts)->vessel->insideAreaM2(), $weir->headMm, self::depths($facts, $weir)[0], SumpWater::of($facts))->downL;
    }

    private static function down(Facts $facts, float $area, float $head, float $depth, SumpWater $sump): DrainDown
    {
        return DrainDown::of($area, $head, $depth, OtherVessels::withPipesL($facts), $sump->areaM2(), $sump->rimMm, $sump->meanLevelMm());
    }

    private static function working(Facts $facts, DrainDown $down, SumpWater $sump, float $area): Finding
    {
        $tooMuch = $down->downL - (1 - DrainDown::MARGIN) * $down->spareL;
        $parts = [
            'down' => Quantity::of($down->downL, Kind::Volume), 'spare' => Quantity::of($down->spareL, Kind::Volume), 'margin' => Quantity::of(abs($down->marginPct), Kind::Percent),
            'wanted' => Quantity::of(100 * DrainDown::MARGIN, Kind::Percent), 'over' => Quantity::of($down->overflowL, Kind::Volume),
            'left' => Quantity::of(($down->spareL - $down->downL) / $sump->areaM2(), Kind::Length),
            'raise' => Quantity::of(ceil(max(0.0, $tooMuch) / $area), Kind::Length),
            'lower' => Quantity::of(ceil(max(0.0, $tooMuch) / (1 - DrainDown::MARGIN) / $sump->returnChamber()->areaM2), Kind::Length),
        ];
        if ($tooMuch <= 0) {
            return Finding::of(Severity::Fine, 'B-32', 'sump', Sentence::of('Power cut leaves {left} to the rim, {margin} spare', $parts), Sentence::of('{down} come down, the sump takes {spare}.', $parts), null, $facts->basis(), 'marginPct');
        }
        [$depth] = self::depths($facts, Overflow::of($facts));
        $canRaise = $depth * $area >= $tooMuch;
        $lowest = $sump->returnChamber()->levelMm - $sump->pumpMinMm;
        $canLower = $tooMuch / (1 - DrainDown::MARGIN) / $sump->returnChamber()->areaM2 < $lowest;
        $remedy = match (true) {
            $canRaise && $canLower => 'Raise the outlet or its break by {raise}, or run the return chamber {lower} lower.',
            $canRaise => 'Raise the outlet or its break by {raise}.',
            $canLower => 'Run the return chamber {lower} lower.',
            default => 'Neither outlet nor level alone is enough: a larger sump, a shorter weir head or a smaller flow.',
        };

        return Finding::of(
            Severity::Stop, 'B-32', 'sump',
            Sentence::of($down->overflowL > 0 ? 'Power cut puts {over} on the floor' : 'Power cut leaves {left} to the rim, {margin} spare', $parts),
            Sentence::of('{down} come down, the sump takes {spare}. Wanted: {wanted} spare.', $parts), Sentence::of($remedy, $parts), $facts->basis(), 'marginPct',
        );
    }

    /** @return list<Finding> */
    private static function clogged(Facts $facts, float $working, float $clogged, DrainDown $worst, float $area): array
    {
        if ($clogged <= $working) {
            return [];
        }
        $parts = [
            'down' => Quantity::of($worst->downL, Kind::Volume), 'over' => Quantity::of($worst->overflowL, Kind::Volume), 'margin' => Quantity::of($worst->marginPct, Kind::Percent),
            'raise' => Quantity::of(ceil($worst->overflowL / $area), Kind::Length),
        ];

        return [match (true) {
            $worst->overflowL > 0 => Finding::of(Severity::Stop, 'B-32', 'return', Sentence::of('With the siphon break clogged, {over} go on the floor', $parts), Sentence::of('Algae and salt close small holes. {down} would come down.', $parts), Sentence::of('Raise the outlet by {raise}, so that a clogged break costs nothing.', $parts), $facts->basis(), 'cloggedL'),
            $worst->marginPct < 100 * DrainDown::MARGIN => Finding::of(Severity::Watch, 'B-32', 'return', Sentence::of('With the siphon break clogged, {margin} are spare', $parts), Sentence::of('{down} would come down, and still fit.', $parts), Sentence::of('Clean the break at each visit.'), $facts->basis(), 'cloggedL'),
            default => Finding::of(Severity::Fine, 'B-32', 'return', Sentence::of('A clogged siphon break still leaves {margin} spare', $parts), Sentence::of('{down} would come down, and fit.', $parts), null, $facts->basis(), 'cloggedL'),
        }];
    }
}
