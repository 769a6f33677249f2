<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Light\Hanging;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What hangs over water and people: each fixing must hold five times its worst share (B-53). */
final class Hung implements Topic
{
    public function keys(): array
    {
        return ['hangingKg'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::LampsKg);
        $mass = $facts->numberOrNone(F::LampsKg);
        if ($mass === null) {
            return new TopicAnswer([Figure::words('hangingKg', 'nothing hangs', null, $facts->basis())]);
        }
        $facts->need(F::Fixings, F::BreakingKg);
        $fixings = (int) round($facts->number(F::Fixings));
        $breaking = $facts->number(F::BreakingKg);
        $hanging = Hanging::of($mass, $fixings, $breaking, $facts->word(F::Equalised) === 'yes');
        $parts = ['needed' => Quantity::of($hanging->neededKgEach, Kind::Mass), 'breaking' => Quantity::of($breaking, Kind::Mass), 'mass' => Quantity::of($mass, Kind::Mass), 'n' => Quantity::of($fixings, Kind::Count), 'share' => Quantity::of(100 * $hanging->worstShare, Kind::Percent)];
        $figure = Figure::number('hangingKg', $parts['needed'], Sentence::of('five times the worst share of one; to be confirmed on site by a competent person'), $facts->basis(),
            Working::of(Topic::LABELS['hangingKg'], '5*m*s', [$facts->row('m', F::LampsKg), ['s', 'Worst share of one fixing', $hanging->worstShare, Kind::Factor]], $parts['needed'], 'B-53'));

        return new TopicAnswer([$figure], [...self::overSheaves($facts, $mass, $fixings), $hanging->ok
            ? Finding::of(Severity::Fine, 'B-53', 'light', Sentence::of('The entered fixings hold what hangs: {breaking} against {needed}', $parts), Sentence::of('Fixing and ceiling to be confirmed on site by a competent person; two people to hang it.'), null, $facts->basis(), 'hangingKg')
            : Finding::of(Severity::Stop, 'B-53', 'light', Sentence::of('Each fixing must hold {needed}, this one breaks at {breaking}', $parts), Sentence::of('{mass} hang from {n}; one may carry {share} of it, and over water and people five times that is asked.', $parts), Sentence::of('More or stronger fixings into what carries, less mass, or a stand for the lamps. A competent person confirms it on site.'), $facts->basis(), 'hangingKg')]);
    }

    /**
     * Cables led over sheaves pull harder than the lamp weighs, and a sheave’s fixing bears both ends of its cable (B-53, B-84).
     *
     * @return list<Finding>
     */
    private static function overSheaves(Facts $facts, float $mass, int $cables): array
    {
        $sheaves = $facts->brief->has(F::Sheaves) ? $facts->numberOrNone(F::Sheaves) : null;
        if ($sheaves === null) {
            return [];
        }
        $facts->need(F::SheaveTurnDeg, F::SheaveBreakingKg);
        $pull = Hanging::cableKg($mass, $cables, (int) $sheaves);
        $needed = Hanging::FACTOR * Hanging::sheaveKg($pull, $facts->number(F::SheaveTurnDeg));
        $parts = array_map(fn (float $kg): Quantity => Quantity::of($kg, Kind::Mass), ['pull' => $pull, 'needed' => $needed, 'breaking' => $facts->number(F::SheaveBreakingKg), 'all' => $pull * $cables]);
        $found = [$facts->number(F::SheaveBreakingKg) >= $needed
            ? Finding::of(Severity::Fine, 'B-84', 'light', Sentence::of('The sheaves’ fixings hold: {breaking} against {needed}', $parts), Sentence::of('Each cable pulls {pull}. Look at rope, pins and brake at every lamp service; mark work and use height on each run.', $parts), null, $facts->basis())
            : Finding::of(Severity::Stop, 'B-53', 'light', Sentence::of('A sheave’s fixing must hold {needed}, it breaks at {breaking}', $parts), Sentence::of('Each cable pulls {pull}, and the sheave that turns it bears both its ends; five times that is asked over water and people.', $parts), Sentence::of('A stronger fixing, more cables, or a smaller turn. A competent person confirms it on site.'), $facts->basis())];
        if ($facts->brief->has(F::WinchKg) && ($winch = $facts->numberOrNone(F::WinchKg)) !== null && $winch < $pull * $cables) {
            $found[] = Finding::of(Severity::Stop, 'B-53', 'light', Sentence::of('The winch is rated at {winch}, it pulls {all}', [...$parts, 'winch' => Quantity::of($winch, Kind::Mass)]), Sentence::of('Sheaves give on 96 % of the pull each: at the drum it is more than the lamps weigh.'), Sentence::of('A stronger winch with a brake of its own.'), $facts->basis());
        }

        return $found;
    }
}
