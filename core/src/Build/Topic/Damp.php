<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Heat\RoomAir;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What evaporates goes into the room: how damp it becomes on a winter night, and where the damp settles (B-40, B-42). */
final class Damp implements Topic
{
    /** For long over this, mould grows on cold corners, %. */
    private const DAMP_PCT = 60.0;

    /** Over this everywhere. */
    private const WET_PCT = 70.0;

    public function keys(): array
    {
        return ['roomDampPct', 'dewPointC'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::RoomM2)) {
            return new TopicAnswer([]);
        }
        $facts->need(F::CeilingMm, F::WinterC);
        $roomC = $facts->number(F::WinterC);
        $litres = Warmth::heat($facts)->evaporation($facts->number(F::SetpointC), $roomC)->litresPerDay;
        $m3 = ($facts->number(F::RoomM2) * $facts->number(F::CeilingMm)) / 1000;
        $air = RoomAir::of($roomC, $facts->number(F::HumidityPct), $litres, $m3, $facts->number(F::AirChangesH));
        $parts = [
            'litres' => Quantity::of($litres, Kind::DailyVolume),
            'before' => Quantity::of($facts->number(F::HumidityPct), Kind::Percent),
            'after' => Quantity::of($air->humidityPct, Kind::Percent),
            'dew' => Quantity::of($air->dewPointC, Kind::Temperature),
            'room' => Quantity::of($roomC, Kind::Temperature),
            'damp' => Quantity::of(self::DAMP_PCT, Kind::Percent),
            'changes' => Quantity::of($air->changesFor(self::DAMP_PCT), Kind::Turnover),
        ];

        return new TopicAnswer(
            [
                Figure::number(
                    'roomDampPct',
                    $parts['after'],
                    Sentence::of(Phrase::OnAWinterNight, $parts),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['roomDampPct'],
                        'min(100, h + 100*e/24000/(n*V)*461.5*(T + 273.15)/(1000*0.61094*exp(17.625*T/(T + 243.04)))*1000)',
                        [
                            $facts->row('h', F::HumidityPct),
                            ['e', 'Evaporation, winter night', $litres, Kind::DailyVolume],
                            $facts->row('n', F::AirChangesH),
                            ['V', 'Air of the room, m³', $m3, Kind::Factor],
                            $facts->row('T', F::WinterC),
                        ],
                        $parts['after'],
                        'B-40: water into air that is changed; saturation by Alduchov & Eskridge',
                    ),
                ),
                Figure::number(
                    'dewPointC',
                    $parts['dew'],
                    Sentence::of(Phrase::ColderPanesAndCornersRun),
                    $facts->basis(),
                ),
            ],
            [
                match (true) {
                    $air->humidityPct > self::WET_PCT => Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-42',
                        about: 'heat',
                        what: Sentence::of(Phrase::TheRoomGoes, $parts),
                        why: Sentence::of(
                            Phrase::GoIntoItsAir,
                            $parts,
                        ),
                        remedy: Sentence::of(
                            Phrase::AirChangesAnHourWouldHold,
                            $parts,
                        ),
                        basis: $facts->basis(),
                        working: 'roomDampPct',
                    ),
                    $air->humidityPct > self::DAMP_PCT => Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-42',
                        about: 'heat',
                        what: Sentence::of(Phrase::TheRoomGoes, $parts),
                        why: Sentence::of(Phrase::GoIntoItsAirPanes, $parts),
                        remedy: Sentence::of(Phrase::AirChangesAnHourWouldHold2, $parts),
                        basis: $facts->basis(),
                        working: 'roomDampPct',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-42',
                        about: 'heat',
                        what: Sentence::of(Phrase::TheRoomStays, $parts),
                        why: Sentence::of(Phrase::GoIntoItsAir2, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'roomDampPct',
                    ),
                },
            ],
        );
    }
}
