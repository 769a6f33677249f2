<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PanelStress;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\Vessel;

/**
 * The longest flat pane, filled to the rim, and the stand under it (B-13). Acrylic, curved and long rimless panes are the maker's
 * to judge.
 */
final class Panel implements Asks, Topic
{
    private const ACRYLIC_YEARS = 10.0;

    public function keys(): array
    {
        return ['panelFactor'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-13.panes', 'panel', 'Do the panes hold the water, filled to the rim?', self::panes(...)),
            Check::safety('B-13.stand', 'panel', 'Is the stand sound?', self::stand(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $vessel = DisplayTank::vessel($facts);
        $asksMaker = match (true) {
            self::isAcrylic($facts) => ['ask the maker', 'acrylic is not computed'],
            $vessel->footprint instanceof Filled => ['ask the maker', 'its panes are not known'],
            $vessel->footprint->longestPaneMm() === null => ['ask the maker', 'curved panes are not computed'],
            default => null,
        };
        if ($asksMaker !== null) {
            return new TopicAnswer([
                Figure::words('panelFactor', $asksMaker[0], Sentence::of($asksMaker[1]), $facts->basis()),
            ]);
        }
        $facts->given(F::WallMm);
        if (self::isBeyondTheTable($facts, $vessel)) {
            $note = Sentence::of('rimless and longer than 2.5 times its height');

            return new TopicAnswer([
                Figure::words('panelFactor', 'ask the maker or an engineer', $note, $facts->basis()),
            ]);
        }

        return new TopicAnswer([self::figure($facts, $vessel)]);
    }

    private static function figure(Facts $facts, Vessel $vessel): Figure
    {
        $stress = self::stress($facts, $vessel);
        $factor = $stress->factor();
        $parts = [
            'stress' => Quantity::of($stress->stressMpa, Kind::Stress),
            'thickness' => Quantity::of($facts->number(F::WallMm), Kind::Length),
        ];
        $working = Working::of(
            'Longest pane, safety factor',
            '19.2/(b*1e-5*H**3/t**2)',
            [
                ['b', 'β from the table, length over height', $stress->beta, Kind::Factor],
                ['H', 'Inside height to the rim', $vessel->insideHeightMm(), Kind::Length],
                $facts->row('t', F::WallMm),
            ],
            $factor,
            'B-13: simply supported plate under hydrostatic load (Roark), annealed float 19.2 MPa',
        );

        return Figure::number(
            'panelFactor',
            $factor,
            Sentence::of('{stress} in {thickness} glass, filled to the rim', $parts),
            $facts->basis(),
            $working,
        );
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function panes(Facts $facts): array
    {
        $vessel = DisplayTank::vessel($facts);
        if (self::isAcrylic($facts)) {
            $why = 'Acrylic creeps and crazes with age, cold and point loads; no sum stands in for the maker.';

            return [
                self::askMaker('acrylic', 'Acrylic panes are not computed here', $why, Severity::Watch, $facts),
                ...self::acrylic($facts),
            ];
        }
        if ($vessel->footprint instanceof Filled) {
            $what = 'The panes of a form measured by filling are not computed';

            $why = 'Only its litres and the box round it are known.';

            return [self::askMaker('filled', $what, $why, Severity::Watch, $facts)];
        }
        $findings = $vessel->footprint->hasCurvedPane()
            ? [
                self::askMaker(
                    'curved',
                    'The curved pane is not computed here',
                    'The table of plates holds for flat glass only.',
                    Severity::Watch,
                    $facts,
                ),
            ]
            : [];
        if ($vessel->footprint->longestPaneMm() === null) {
            return $findings;
        }
        $facts->given(F::WallMm);
        if (self::isBeyondTheTable($facts, $vessel)) {
            $why =
                'A free top edge longer than two and a half times its height bends in a way the table does not hold.';

            return [
                ...$findings,
                self::askMaker('long', 'A rimless pane this long is beyond the table', $why, Severity::Fix, $facts),
            ];
        }

        return [...$findings, self::judged($facts, $vessel)];
    }

    private static function judged(Facts $facts, Vessel $vessel): Finding
    {
        $stress = self::stress($facts, $vessel);
        $thickness = $facts->number(F::WallMm);
        $severity = $stress->severity();
        $wanted = ceil($thickness * sqrt(PanelStress::ASK_BELOW / $stress->safetyFactor));
        $parts = [
            'factor' => $stress->factor(),
            'stress' => Quantity::of($stress->stressMpa, Kind::Stress),
            'thickness' => Quantity::of($thickness, Kind::Length),
            'wanted' => Quantity::of($wanted, Kind::Length),
            'length' => Quantity::of((float) $vessel->footprint->longestPaneMm(), Kind::Length),
            'height' => Quantity::of($vessel->insideHeightMm(), Kind::Length),
            'ask' => Quantity::of(PanelStress::ASK_BELOW, Kind::Factor),
        ];
        $bracing = $facts->word(F::Bracing) === 'unknown' ? ' Bracing unknown: counted as rimless.' : '';
        $remedy = match ($severity) {
            Severity::Stop => 'Do not fill it. {wanted} glass would pass {ask}; the maker or an engineer decides.',
            Severity::Fix => 'Ask the maker in writing before filling; {wanted} glass would pass {ask}.',
            default => null,
        };

        return Finding::of(
            severity: $severity,
            rule: 'B-13',
            about: 'panel',
            what: Sentence::of('Longest pane has a safety factor of {factor}', $parts),
            why: Sentence::of(
                'Filled to the rim, {thickness} glass of {length} by {height} is stressed to {stress}.'.$bracing,
                $parts,
            ),
            remedy: $remedy === null ? null : Sentence::of($remedy, $parts),
            basis: $facts->basis(),
            working: 'panelFactor',
        );
    }

    private static function stress(Facts $facts, Vessel $vessel): PanelStress
    {
        $pane = (float) $vessel->footprint->longestPaneMm();
        $isBraced = $facts->word(F::Bracing) === 'braced';

        return PanelStress::of($pane, $vessel->insideHeightMm(), $facts->given(F::WallMm), $isBraced);
    }

    private static function isAcrylic(Facts $facts): bool
    {
        return $facts->word(F::Material) === 'acrylic';
    }

    private static function isBeyondTheTable(Facts $facts, Vessel $vessel): bool
    {
        $isFree = $facts->word(F::Bracing) !== 'braced';

        return $isFree && $vessel->footprint->longestPaneMm() > PanelStress::LONGEST_FREE * $vessel->insideHeightMm();
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
            $why = 'It has crept under its load for all of them, and its seams with it.';
            $found[] = self::askMaker('older', 'The acrylic is older than ten years', $why, Severity::Watch, $facts);
        }
        if ($facts->brief->has(F::Crazing) && $facts->word(F::Crazing) === 'yes') {
            $why = 'Fine cracks along edges and fittings are where it lets go; cold and point loads do the rest.';
            $found[] = self::askMaker('crazed', 'The acrylic is crazed', $why, Severity::Fix, $facts);
        }

        return $found;
    }

    /**
     * A stand is looked over, not computed: a crack is a Stop (B-13).
     *
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function stand(Facts $facts): array
    {
        [$severity, $what, $why, $remedy] = match ($facts->word(F::StandState)) {
            'cracked' => [
                Severity::Stop,
                'The stand is cracked',
                'What carries the tank has begun to give; the rest follows at once, and under load.',
                'Another stand. No repair is judged from here.',
            ],
            'weathered' => [
                Severity::Watch,
                'The stand is old or weathered',
                'Swollen board, rust under paint and loose joints show only under load.',
                'Load it with water outdoors first, or replace it.',
            ],
            default => [
                Severity::Fine,
                'The stand is new, or was looked over and is sound',
                'Joints, welds and feet, from below too.',
                null,
            ],
        };

        return [
            Finding::of(
                $severity,
                'B-13',
                'panel',
                Sentence::of($what),
                Sentence::of($why),
                $remedy === null ? null : Sentence::of($remedy),
                $facts->basis(),
            ),
        ];
    }

    private static function askMaker(
        string $subject,
        string $what,
        string $why,
        Severity $severity,
        Facts $facts,
    ): Finding {
        $remedy = Sentence::of('Ask the maker for the pane’s figures in writing.');

        return Finding::of(
            $severity,
            'B-13',
            'panel',
            Sentence::of($what),
            Sentence::of($why),
            $remedy,
            $facts->basis(),
            subject: $subject,
        );
    }
}
