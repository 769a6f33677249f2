<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PanelStress;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Vessel\Filled;

/** The longest flat pane, filled to the rim (B-13). Acrylic, curved and long rimless panes are the maker's to judge. */
final class Panel implements Topic
{
    private const ACRYLIC_YEARS = 10.0;

    public function keys(): array
    {
        return ['panelFactor'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $vessel = DisplayTank::vessel($facts);
        $pane = $vessel->footprint->longestPaneMm();
        $height = $vessel->insideHeightMm();
        $braced = $facts->word(F::Bracing) === 'braced';
        $findings = self::stand($facts);
        if ($facts->word(F::Material) === 'acrylic') {
            return new TopicAnswer([Figure::words('panelFactor', 'ask the maker', Sentence::of('acrylic is not computed'), $facts->basis())], [
                self::askMaker('Acrylic panes are not computed here', 'Acrylic creeps and crazes with age, cold and point loads; no sum stands in for the maker.', Severity::Watch, $facts), ...self::acrylic($facts), ...self::stand($facts),
            ]);
        }
        if ($vessel->footprint instanceof Filled) {
            return new TopicAnswer([Figure::words('panelFactor', 'ask the maker', Sentence::of('its panes are not known'), $facts->basis())], [
                self::askMaker('The panes of a form measured by filling are not computed', 'Only its litres and the box round it are known.', Severity::Watch, $facts),
            ]);
        }
        if ($vessel->footprint->hasCurvedPane()) {
            $findings[] = self::askMaker('The curved pane is not computed here', 'The table of plates holds for flat glass only.', Severity::Watch, $facts);
        }
        if ($pane === null) {
            return new TopicAnswer([Figure::words('panelFactor', 'ask the maker', Sentence::of('curved panes are not computed'), $facts->basis())], $findings);
        }
        $thickness = $facts->given(F::WallMm);
        if (! $braced && $pane > PanelStress::LONGEST_FREE * $height) {
            $findings[] = self::askMaker('A rimless pane this long is beyond the table', 'A free top edge longer than two and a half times its height bends in a way the table does not hold.', Severity::Fix, $facts);

            return new TopicAnswer([Figure::words('panelFactor', 'ask the maker or an engineer', Sentence::of('rimless and longer than 2.5 times its height'), $facts->basis())], $findings);
        }
        $stress = PanelStress::of($pane, $height, $thickness, $braced);
        $factor = Quantity::of($stress->safetyFactor, Kind::Factor);
        $parts = [
            'factor' => $factor, 'stress' => Quantity::of($stress->stressMpa, Kind::Stress), 'thickness' => Quantity::of($thickness, Kind::Length),
            'wanted' => Quantity::of(ceil($thickness * sqrt(PanelStress::ASK_BELOW / $stress->safetyFactor)), Kind::Length),
            'length' => Quantity::of($pane, Kind::Length), 'height' => Quantity::of($height, Kind::Length),
            'ask' => Quantity::of(PanelStress::ASK_BELOW, Kind::Factor),
        ];
        $severity = match (true) {
            $stress->safetyFactor < PanelStress::STOP_BELOW => Severity::Stop,
            $stress->safetyFactor < PanelStress::ASK_BELOW => Severity::Fix,
            default => Severity::Fine,
        };
        $findings[] = Finding::of(
            $severity, 'B-13', 'panel',
            Sentence::of('Longest pane has a safety factor of {factor}', $parts),
            Sentence::of('Filled to the rim, {thickness} glass of {length} by {height} is stressed to {stress}.'.($facts->word(F::Bracing) === 'unknown' ? ' Bracing unknown: counted as rimless.' : ''), $parts),
            match ($severity) {
                Severity::Stop => Sentence::of('Do not fill it. {wanted} glass would pass {ask}; the maker or an engineer decides.', $parts),
                Severity::Fix => Sentence::of('Ask the maker in writing before filling; {wanted} glass would pass {ask}.', $parts),
                default => null,
            },
            $facts->basis(), 'panelFactor',
        );

        return new TopicAnswer([
            Figure::number('panelFactor', $factor, Sentence::of('{stress} in {thickness} glass, filled to the rim', $parts), $facts->basis(),
                Working::of('Longest pane, safety factor', '19.2/(b*1e-5*H**3/t**2)', [
                    ['b', 'β from the table, length over height', $stress->beta, Kind::Factor],
                    ['H', 'Inside height to the rim', $height, Kind::Length],
                    $facts->row('t', F::WallMm),
                ], $factor, 'B-13: simply supported plate under hydrostatic load (Roark), annealed float 19.2 MPa')),
        ], $findings);
    }

    /**
     * What is seen of acrylic without a sum (B-13).
     *
     * @return list<Finding>
     */
    private static function acrylic(Facts $facts): array
    {
        $found = [];
        if ($facts->brief->has(F::TankYears) && $facts->number(F::TankYears) > self::ACRYLIC_YEARS) {
            $found[] = self::askMaker('The acrylic is older than ten years', 'It has crept under its load for all of them, and its seams with it.', Severity::Watch, $facts);
        }
        if ($facts->brief->has(F::Crazing) && $facts->word(F::Crazing) === 'yes') {
            $found[] = self::askMaker('The acrylic is crazed', 'Fine cracks along edges and fittings are where it lets go; cold and point loads do the rest.', Severity::Fix, $facts);
        }

        return $found;
    }

    /**
     * A stand is looked over, not computed: a crack is a Stop (B-13).
     *
     * @return list<Finding>
     */
    private static function stand(Facts $facts): array
    {
        return match ($facts->brief->has(F::StandState) ? $facts->word(F::StandState) : '') {
            'cracked' => [Finding::of(Severity::Stop, 'B-13', 'panel', Sentence::of('The stand is cracked'), Sentence::of('What carries the tank has begun to give; the rest follows at once, and under load.'), Sentence::of('Another stand. No repair is judged from here.'), $facts->basis())],
            'weathered' => [Finding::of(Severity::Watch, 'B-13', 'panel', Sentence::of('The stand is old or weathered'), Sentence::of('Swollen board, rust under paint and loose joints show only under load.'), Sentence::of('Load it with water outdoors first, or replace it.'), $facts->basis())],
            default => [],
        };
    }

    private static function askMaker(string $what, string $why, Severity $severity, Facts $facts): Finding
    {
        return Finding::of($severity, 'B-13', 'panel', Sentence::of($what), Sentence::of($why), Sentence::of('Ask the maker for the pane’s figures in writing.'), $facts->basis());
    }
}
