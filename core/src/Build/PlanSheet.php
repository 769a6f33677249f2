<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\Kind;

/** The facts in the order people know them: size, look, overflow, return, sump, power and room, stand and floor. */
final class PlanSheet
{
    public const GROUPS = [
        'display' => 'Display',
        'look' => 'Rock, sand, water',
        'overflow' => 'Overflow and drains',
        'return' => 'Return',
        'sump' => 'Sump and top-off',
        'light' => 'Light and its hanging',
        'heat' => 'Heat and room',
        'reach' => 'Clearances and reach',
        'power' => 'Circuits, board, upkeep',
        'floor' => 'Stand and floor',
    ];

    private const YES_NO = ['no' => 'no', 'yes' => 'yes'];

    /** @var array<string, FieldSpec>|null built once; the same on every machine */
    private static ?array $fields = null;

    /** @return array<string, FieldSpec> by field value, in order */
    public static function fields(): array
    {
        if (self::$fields === null) {
            self::$fields = [];
            foreach (
                [
                    ...self::display(),
                    ...self::look(),
                    ...self::overflow(),
                    ...self::return(),
                    ...self::sump(),
                    ...self::light(),
                    ...self::heat(),
                    ...self::reach(),
                    ...self::power(),
                    ...self::floor(),
                ] as $spec
            ) {
                self::$fields[$spec->field->value] = $spec;
            }
        }

        return self::$fields;
    }

    public static function spec(F $field): FieldSpec
    {
        return self::fields()[$field->value];
    }

    /** @return list<FieldSpec> */
    private static function display(): array
    {
        return [
            FieldSpec::choice(F::Shape, 'display', 'Shape', [
                'rectangular' => 'rectangular',
                'bow-front' => 'bow front; front to back is of its straight sides',
                'l-shape' => 'L-shape; front to back is of the part along the back',
                'cylinder' => 'cylinder',
                'half-cylinder' => 'half cylinder against a wall',
                'quarter-cylinder' => 'quarter cylinder in a corner; front to back is its radius',
                'filled' => 'another form, measured by filling it',
            ]),
            FieldSpec::number(F::LengthMm, 'display', 'Length, outside', Kind::Length, 150, 8000)->for(
                'rectangular',
                'bow-front',
                'l-shape',
                'filled',
            ),
            FieldSpec::number(F::WidthMm, 'display', 'Front to back, outside', Kind::Length, 150, 4000)->for(
                'rectangular',
                'quarter-cylinder',
                'bow-front',
                'l-shape',
                'filled',
            ),
            FieldSpec::number(F::DiameterMm, 'display', 'Diameter, outside', Kind::Length, 150, 5000)->for(
                'cylinder',
                'half-cylinder',
            ),
            FieldSpec::number(F::BowMm, 'display', 'Bow: its middle stands forward', Kind::Length, 10, 4000)->for(
                'bow-front',
            ),
            FieldSpec::number(
                F::LegLengthMm,
                'display',
                'Leg at the left, along the back',
                Kind::Length,
                100,
                4000,
            )->for('l-shape'),
            FieldSpec::number(F::LegWidthMm, 'display', 'Leg comes forward of the rest', Kind::Length, 50, 4000)->for(
                'l-shape',
            ),
            FieldSpec::number(
                F::FilledL,
                'display',
                'Litres to the rim, as filled',
                Kind::Volume,
                5,
                50000,
                'By a meter or counted cans, empty of rock and sand.',
            )->for('filled'),
            FieldSpec::number(
                F::HeightMm,
                'display',
                'Height, outside',
                Kind::Length,
                150,
                3000,
                'From under the floor pane to the rim.',
            ),
            FieldSpec::number(
                F::WallMm,
                'display',
                'Wall thickness',
                Kind::Length,
                3,
                120,
                'Measure it: the panel check needs a real figure.',
            ),
            FieldSpec::number(F::FloorMm, 'display', 'Floor thickness', Kind::Length, 3, 120),
            FieldSpec::choice(F::Material, 'display', 'Panes', ['glass' => 'glass', 'acrylic' => 'acrylic']),
            FieldSpec::choice(F::Bracing, 'display', 'Top edge', [
                'braced' => 'full brace all round',
                'rimless' => 'rimless',
                'unknown' => 'not known, counted as rimless',
            ]),
            FieldSpec::choice(F::Top, 'display', 'Top', ['open' => 'open', 'closed' => 'closed hood or lid']),
            FieldSpec::choice(F::Guard, 'display', 'Fish are kept in by', [
                'mesh' => 'clear mesh over the top',
                'grid' => 'an upright grid on the weir and a rim',
                'hood' => 'a closed hood and a comb',
                'lid' => 'a flat lid over the comb',
                'none' => 'nothing',
            ]),
            FieldSpec::choice(
                F::Toughened,
                'display',
                'Toughened panes',
                [
                    'none' => 'tried: none is',
                    'floor' => 'the floor pane is',
                    'all' => 'all are',
                    'unknown' => 'not tried yet',
                ],
                'Polarised light shows it. A toughened pane is never drilled.',
            ),
            FieldSpec::choice(F::Origin, 'display', 'The tank', [
                'new' => 'new',
                'marine' => 'was a marine tank',
                'freshwater' => 'was a freshwater tank',
            ]),
            FieldSpec::number(F::TankYears, 'display', 'Its age, years', Kind::Factor, 0, 80)->when(
                F::Origin,
                'marine',
                'freshwater',
            ),
            FieldSpec::choice(
                F::Crazing,
                'display',
                'Fine cracks in its acrylic',
                self::YES_NO,
                'Seen against the light, along edges and fittings.',
            )->when(F::Material, 'acrylic'),
            FieldSpec::choice(
                F::Copper,
                'display',
                'Copper was ever used in it',
                ['no' => 'no', 'yes' => 'yes', 'unknown' => 'nobody knows'],
                'Medicine against parasites and snails; silicone and stone keep it.',
            )->when(F::Origin, 'marine', 'freshwater'),
            FieldSpec::choice(F::Inhabitants, 'display', 'Who lives in it', [
                'none' => 'nobody',
                'rehomed' => 'a new home is found',
                'there' => 'animals without a new home yet',
            ])->when(F::Origin, 'marine', 'freshwater'),
            FieldSpec::number(
                F::LabelL,
                'display',
                'Litres on the label',
                Kind::Volume,
                10,
                50000,
                'What the maker or seller says, for the comparison.',
            )->orNone(),
        ];
    }

    /** @return list<FieldSpec> */
    private static function look(): array
    {
        return [
            FieldSpec::number(
                F::WaterGapMm,
                'look',
                'Water line below the rim',
                Kind::Length,
                0,
                500,
                'Used while no weir is given.',
            ),
            FieldSpec::number(F::RockKg, 'look', 'Rock, dry', Kind::Mass, 0, 5000),
            FieldSpec::number(F::SandDepthMm, 'look', 'Sand depth', Kind::Length, 0, 400),
            FieldSpec::number(F::Salinity, 'look', 'Salinity', Kind::Salinity, 20, 42),
            FieldSpec::number(F::SetpointC, 'look', 'Set point', Kind::Temperature, 19, 29),
            FieldSpec::number(
                F::MixGramsPerL,
                'look',
                'Salt mix, grams a litre at 35 g/kg',
                Kind::Factor,
                30,
                50,
                'From the mix’s record.',
            ),
            FieldSpec::choice(F::Livestock, 'look', 'Kept in it', [
                'soft' => 'soft corals and fish',
                'mixed' => 'mixed corals',
                'stony' => 'stony corals',
            ]),
            FieldSpec::number(
                F::StreamLh,
                'look',
                'Stream pumps in the tank, together',
                Kind::Flow,
                0,
                500000,
                'Without the return.',
            ),
            FieldSpec::number(
                F::GrainMm,
                'look',
                'Sand grain',
                Kind::Length,
                0.05,
                10,
                'The middle size; finer sand lifts sooner.',
            ),
            FieldSpec::number(
                F::NearBedMs,
                'look',
                'Fastest water over the sand',
                Kind::Speed,
                0,
                3,
                'Measured or entered, 50 mm above it.',
            ),
            FieldSpec::number(
                F::RoRatedLd,
                'look',
                'RO plant for the first fill, at 25 °C',
                Kind::DailyVolume,
                20,
                20000,
                'For the days it takes to make the water.',
            ),
            FieldSpec::number(F::RoFeedC, 'look', 'Its feed water', Kind::Temperature, 1, 35),
            FieldSpec::number(
                F::RoRatedKpa,
                'look',
                'The plant is rated at a pressure of',
                Kind::Pressure,
                50,
                1500,
                'From its papers; 350 kPa is usual.',
            ),
            FieldSpec::number(
                F::RoFeedKpa,
                'look',
                'Pressure of the tap',
                Kind::Pressure,
                50,
                1500,
                'At the plant, with water running; or behind its booster pump.',
            ),
        ];
    }

    /** @return list<FieldSpec> */
    private static function overflow(): array
    {
        return [
            FieldSpec::number(
                F::FlowLh,
                'overflow',
                'Planned return flow',
                Kind::Flow,
                50,
                100000,
                'What really comes through the line, not the pump’s label.',
            ),
            FieldSpec::choice(F::WeirForm, 'overflow', 'The water leaves over', [
                'edge' => 'an edge, plain or with teeth',
                'standpipe' => 'the rim of a standpipe',
            ]),
            FieldSpec::number(
                F::WeirBelowRimMm,
                'overflow',
                'Weir edge below the rim',
                Kind::Length,
                5,
                500,
                'At its middle; of a standpipe its rim.',
            ),
            FieldSpec::number(F::WeirLengthMm, 'overflow', 'Weir edge, length', Kind::Length, 20, 5000)->when(
                F::WeirForm,
                'edge',
            ),
            FieldSpec::number(
                F::WeirGapsMm,
                'overflow',
                'Teeth: all gaps together',
                Kind::Length,
                10,
                5000,
                'None for a plain edge.',
            )
                ->when(F::WeirForm, 'edge')
                ->orNone(),
            FieldSpec::number(
                F::WeirTiltMmM,
                'overflow',
                'Edge out of level, each metre',
                Kind::Length,
                0,
                60,
                'The display runs down to its lower end.',
            )->when(F::WeirForm, 'edge'),
            FieldSpec::number(F::StandpipeMm, 'overflow', 'Standpipe, bore', Kind::Length, 12, 300)->when(
                F::WeirForm,
                'standpipe',
            ),
            FieldSpec::choice(F::Drains, 'overflow', 'Drains', [
                'open' => 'one open pipe with air',
                'open-emergency' => 'open pipe and emergency',
                'siphon' => 'full siphon alone',
                'siphon-emergency' => 'full siphon and emergency',
                'siphon-channel-emergency' => 'full siphon, open channel and emergency',
            ]),
            FieldSpec::number(
                F::DrainCount,
                'overflow',
                'Main drains, all alike',
                Kind::Count,
                1,
                8,
                'Without channel and emergency.',
            ),
            FieldSpec::choice(F::DrainValves, 'overflow', 'Valves that can be shut', [
                'some' => 'not on every drain',
                'all' => 'on every drain',
            ]),
            FieldSpec::choice(F::Strainer, 'overflow', 'A strainer stands on it', self::YES_NO)->when(
                F::Drains,
                'open',
            ),
            FieldSpec::number(
                F::DrainBoreMm,
                'overflow',
                'Main drain, bore',
                Kind::Length,
                8,
                200,
                'Inside, not the size printed on it.',
            ),
            FieldSpec::number(F::DrainLengthM, 'overflow', 'Main drain, length', Kind::Height, 0.1, 50),
            FieldSpec::number(
                F::DrainSumK,
                'overflow',
                'Main drain, sum of fittings K',
                Kind::Factor,
                0,
                60,
                'Elbow 0.75, tee branch 1.0, inlet 0.5; the exit is added.',
            ),
            FieldSpec::number(
                F::ChannelBoreMm,
                'overflow',
                'Open channel, bore',
                Kind::Length,
                8,
                200,
                'For the school with three pipes.',
            )->when(F::Drains, 'siphon-channel-emergency'),
            FieldSpec::number(
                F::ChannelBelowRimMm,
                'overflow',
                'Open channel’s inlet below the rim',
                Kind::Length,
                1,
                500,
            )->when(F::Drains, 'siphon-channel-emergency'),
            FieldSpec::number(F::EmergencyBoreMm, 'overflow', 'Emergency drain, bore', Kind::Length, 8, 200)->when(
                F::Drains,
                'open-emergency',
                'siphon-emergency',
                'siphon-channel-emergency',
            ),
            FieldSpec::number(
                F::EmergencyBelowRimMm,
                'overflow',
                'Emergency inlet below the rim',
                Kind::Length,
                1,
                500,
            )->when(F::Drains, 'open-emergency', 'siphon-emergency', 'siphon-channel-emergency'),
        ];
    }

    /** @return list<FieldSpec> */
    private static function return(): array
    {
        return [
            FieldSpec::choice(
                F::Returns,
                'return',
                'Return pumps',
                [
                    'one' => 'one',
                    'two-lines' => 'two alike, each with its own line',
                    'one-line' => 'two alike into one line',
                ],
                'Figures of the pump and of the line are of one.',
            ),
            FieldSpec::choice(
                F::NonReturn,
                'return',
                'Each pump has its own non-return valve',
                self::YES_NO,
                'It helps against back-flow of a stopped pump; against a power cut it never counts.',
            ),
            FieldSpec::number(
                F::PumpMaxHeadM,
                'return',
                'Return pump, highest head',
                Kind::Height,
                0.1,
                50,
                'From its curve: no flow at that height.',
            ),
            FieldSpec::number(
                F::PumpMaxFlowLh,
                'return',
                'Return pump, flow without height',
                Kind::Flow,
                50,
                200000,
                'From its curve, not through your line.',
            ),
            FieldSpec::number(
                F::OutletBelowRimMm,
                'return',
                'Deepest return outlet below the rim',
                Kind::Length,
                0,
                3000,
                'Its upper lip.',
            ),
            FieldSpec::number(
                F::BreakBelowRimMm,
                'return',
                'Siphon break below the rim',
                Kind::Length,
                0,
                500,
                'A hole that lets air in. A non-return valve never counts.',
            )->orNone(),
            FieldSpec::number(F::ReturnBoreMm, 'return', 'Return line, bore', Kind::Length, 6, 200),
            FieldSpec::number(F::ReturnLengthM, 'return', 'Return line, length', Kind::Height, 0.1, 100),
            FieldSpec::number(F::ReturnSumK, 'return', 'Return line, sum of fittings K', Kind::Factor, 0, 80),
            FieldSpec::number(
                F::PipesL,
                'return',
                'Water in pipes and overflow box that runs down',
                Kind::Volume,
                0,
                500,
                'Box water above the drain inlet counts.',
            ),
        ];
    }

    /** @return list<FieldSpec> */
    private static function sump(): array
    {
        return [
            FieldSpec::number(F::SumpLengthMm, 'sump', 'Sump length, outside', Kind::Length, 150, 6000),
            FieldSpec::number(F::SumpWidthMm, 'sump', 'Sump front to back, outside', Kind::Length, 100, 3000),
            FieldSpec::number(F::SumpHeightMm, 'sump', 'Sump height, outside', Kind::Length, 100, 1500),
            FieldSpec::number(
                F::SumpCutLengthMm,
                'sump',
                'Corner cut out of it, along',
                Kind::Length,
                20,
                5000,
                'An L-shaped sump: length and width are those of the box round it.',
            ),
            FieldSpec::number(F::SumpCutDepthMm, 'sump', 'Corner cut out of it, front to back', Kind::Length, 20, 2500),
            FieldSpec::choice(
                F::SumpCutAt,
                'sump',
                'Which corner is cut out',
                [
                    'front-right' => 'front right',
                    'front-left' => 'front left',
                    'back-right' => 'back right',
                    'back-left' => 'back left',
                ],
                'Seen from above, its water coming in at the left.',
            ),
            FieldSpec::number(F::SumpWallMm, 'sump', 'Sump wall', Kind::Length, 3, 40),
            FieldSpec::number(F::SumpFloorMm, 'sump', 'Sump floor', Kind::Length, 3, 40),
            FieldSpec::number(F::SumpBaseMm, 'sump', 'Sump stands above the room’s floor', Kind::Length, 0, 2000),
            FieldSpec::number(
                F::SumpBelowMm,
                'sump',
                'Its floor lies below the display’s by',
                Kind::Length,
                0,
                20000,
                '0 on the same floor; a storey below: floor to floor.',
            ),
            FieldSpec::number(
                F::SumpAllowanceKpa,
                'sump',
                'Allowed load of that floor',
                Kind::Pressure,
                0.5,
                100,
                'Where the sump stands a storey below. From the building’s papers; local code decides.',
            ),
            FieldSpec::number(F::BaffleMm, 'sump', 'Baffle thickness', Kind::Length, 2, 25),
            FieldSpec::number(
                F::ReturnLevelMm,
                'sump',
                'Running level in the return chamber',
                Kind::Length,
                20,
                1400,
                'Above the sump’s inside floor; the top-off holds it.',
            ),
            FieldSpec::number(
                F::PumpMinLevelMm,
                'sump',
                'Lowest level for the return pump',
                Kind::Length,
                10,
                1000,
                'Below it the pump draws air.',
            ),
            FieldSpec::number(F::TrapGapMm, 'sump', 'Bubble trap, narrowest gap', Kind::Length, 5, 300)->orNone(),
            FieldSpec::choice(F::TopoffFed, 'sump', 'Top-off comes from', [
                'reservoir' => 'a reservoir',
                'mains' => 'the mains, through the RO plant',
                'hand' => 'somebody’s hand',
            ]),
            FieldSpec::number(
                F::ReservoirL,
                'sump',
                'Top-off reservoir',
                Kind::Volume,
                0,
                2000,
                'None when it is filled by hand.',
            )->orNone(),
            FieldSpec::choice(F::ReservoirIn, 'sump', 'The reservoir', [
                'own' => 'stands by itself',
                'sump' => 'is built into the sump, behind a divider',
            ])->when(F::TopoffFed, 'reservoir'),
            FieldSpec::number(F::RefillDays, 'sump', 'Somebody refills it every', Kind::Days, 1, 120)->when(
                F::TopoffFed,
                'reservoir',
            ),
            FieldSpec::choice(F::RefillBy, 'sump', 'By', [
                'household' => 'somebody of the household',
                'us' => 'us, at a visit',
                'staff' => 'somebody who works there',
                'nobody' => 'nobody is named',
            ])->when(F::TopoffFed, 'reservoir'),
            FieldSpec::number(F::FeedLh, 'sump', 'The line brings', Kind::Flow, 0.1, 500)->when(F::TopoffFed, 'mains'),
            FieldSpec::number(
                F::FeedRunMin,
                'sump',
                'It is stopped after',
                Kind::Minutes,
                1,
                1440,
                'The longest it runs before its timer ends it, even if every switch fails.',
            )->when(F::TopoffFed, 'mains'),
            FieldSpec::number(
                F::FeedStops,
                'sump',
                'Stops of different kinds in it',
                Kind::Count,
                0,
                8,
                'Float valve, timer, level switch with valve, drain: two of one kind are one.',
            )->when(F::TopoffFed, 'mains'),
            FieldSpec::number(
                F::RefillLh,
                'sump',
                'A water change is refilled at',
                Kind::Flow,
                10,
                50000,
                'Into the sump, with the return on.',
            ),
            FieldSpec::number(
                F::SkimmerChamber,
                'sump',
                'Skimmer stands in chamber',
                Kind::Count,
                1,
                6,
                'Its number from the intake.',
            )->orNone(),
            FieldSpec::number(F::SkimmerLeastMm, 'sump', 'Its maker asks a depth from', Kind::Length, 20, 1000),
            FieldSpec::number(F::SkimmerMostMm, 'sump', 'To', Kind::Length, 20, 1000),
            FieldSpec::number(F::SkimmerL, 'sump', 'Skimmer is rated for', Kind::Volume, 10, 100000)->orNone(),
            FieldSpec::number(F::UvLh, 'sump', 'Flow through the UV lamp', Kind::Flow, 1, 100000)->orNone(),
            FieldSpec::number(F::UvMostLh, 'sump', 'Its maker allows, for the wanted dose', Kind::Flow, 1, 100000),
        ];
    }

    /** @return list<FieldSpec> */
    private static function light(): array
    {
        return [
            FieldSpec::number(
                F::AttenuationPerM,
                'light',
                'Water takes of the light, a metre',
                Kind::Factor,
                0,
                3,
                'Clear tank water 0.15 to 0.4.',
            ),
            FieldSpec::number(F::LightHours, 'light', 'Light on, hours a day', Kind::Hours, 1, 24),
            FieldSpec::number(F::LightRampH, 'light', 'Rising, and falling, hours each', Kind::Hours, 0, 12),
            FieldSpec::number(F::LightTopPct, 'light', 'Brightest, of full power', Kind::Percent, 1, 100),
            FieldSpec::number(
                F::MapDepthMm,
                'light',
                'A map of the light at, under the surface',
                Kind::Length,
                0,
                3000,
                'Beside the five that are always drawn: where a coral will stand.',
            ),
            FieldSpec::number(
                F::DarkDays,
                'light',
                'Dark after filling, days',
                Kind::Days,
                0,
                120,
                'A dark start: no light while bacteria settle. Empty: light from the first day.',
            ),
            FieldSpec::number(F::RampWeeks, 'light', 'New light rises over, weeks', Kind::Factor, 1, 26),
            FieldSpec::number(F::RampStartPct, 'light', 'And begins at, of its aim', Kind::Percent, 1, 100),
            FieldSpec::number(
                F::LampsKg,
                'light',
                'Lamps and their rack, hung',
                Kind::Mass,
                0,
                500,
                'None when they stand on the tank.',
            )->orNone(),
            FieldSpec::number(F::Fixings, 'light', 'Fixings they hang from', Kind::Count, 1, 20),
            FieldSpec::number(
                F::BreakingKg,
                'light',
                'One fixing breaks at, in this ceiling',
                Kind::Mass,
                0,
                5000,
                'The breaking load in the actual ceiling, not a maker’s reduced working load.',
            ),
            FieldSpec::choice(F::Equalised, 'light', 'Hangers share the load', [
                'no' => 'rigid hangers',
                'yes' => 'evened out over all',
            ]),
            FieldSpec::number(
                F::Sheaves,
                'light',
                'Sheaves each cable turns over',
                Kind::Count,
                1,
                6,
                'None when it hangs straight.',
            )->orNone(),
            FieldSpec::number(
                F::SheaveTurnDeg,
                'light',
                'One turns its cable by, degrees',
                Kind::Factor,
                1,
                180,
                '90 from straight up to straight along, 180 back down.',
            ),
            FieldSpec::number(
                F::SheaveBreakingKg,
                'light',
                'A sheave’s fixing breaks at',
                Kind::Mass,
                0,
                5000,
                'In this ceiling, pulled that way.',
            ),
            FieldSpec::number(
                F::CablesPerSheave,
                'light',
                'Cables over one block',
                Kind::Count,
                1,
                12,
                'Several sheaves on one fixing: all their cables.',
            ),
            FieldSpec::number(
                F::TravelMm,
                'light',
                'Lamps are raised for work by',
                Kind::Length,
                10,
                4000,
                'None when they stay where they hang.',
            )->orNone(),
            FieldSpec::number(F::LeadSlackMm, 'light', 'Their leads give', Kind::Length, 0, 10000),
            FieldSpec::number(F::RopeM, 'light', 'Each lifting cable is long', Kind::Height, 0.2, 100),
            FieldSpec::number(
                F::RopeRunM,
                'light',
                'Longest run, lamp to winch, lamp at its lowest',
                Kind::Height,
                0.2,
                100,
            ),
            FieldSpec::number(
                F::WinchKg,
                'light',
                'Winch is rated at',
                Kind::Mass,
                1,
                5000,
                'None when it is not wound.',
            )->orNone(),
        ];
    }

    /** @return list<FieldSpec> */
    private static function heat(): array
    {
        return [
            FieldSpec::number(F::PumpsW, 'heat', 'Pumps, together', Kind::Power, 0, 5000),
            FieldSpec::number(F::LightsW, 'heat', 'Lights, together', Kind::Power, 0, 5000),
            FieldSpec::number(
                F::LightSharePct,
                'heat',
                'Share of the light that warms the water',
                Kind::Percent,
                0,
                100,
                'Usually 30 to 60 %.',
            ),
            FieldSpec::number(F::WinterC, 'heat', 'Room, coldest winter night', Kind::Temperature, -10, 35),
            FieldSpec::number(F::SummerC, 'heat', 'Room, hottest summer day', Kind::Temperature, 5, 45),
            FieldSpec::number(
                F::UpperHarmC,
                'heat',
                'Animals are lost above',
                Kind::Temperature,
                20,
                35,
                'Lower for seahorses and other cool-water animals.',
            ),
            FieldSpec::number(F::HumidityPct, 'heat', 'Room humidity', Kind::Percent, 5, 100),
            FieldSpec::number(
                F::RoomM2,
                'heat',
                'Room, floor area',
                Kind::Area,
                1,
                5000,
                'For the damp: what evaporates goes into its air.',
            ),
            FieldSpec::number(
                F::AirChangesH,
                'heat',
                'Its air is changed, times an hour',
                Kind::Turnover,
                0.05,
                20,
                'A tight room 0.3, a usual one 0.5, with ventilation 1 and more.',
            ),
            FieldSpec::number(F::ChillerW, 'heat', 'Chiller carries off', Kind::Power, 10, 20000)->orNone(),
            FieldSpec::number(
                F::MeasuredUaWK,
                'heat',
                'Heat loss, measured',
                Kind::Conductance,
                0.1,
                500,
                'From a steady day; it counts instead of the model. Without evaporation.',
            )->orNone(),
        ];
    }

    /** @return list<FieldSpec> */
    private static function reach(): array
    {
        return [
            FieldSpec::number(
                F::SmallestMm,
                'reach',
                'Smallest animal, across its body',
                Kind::Length,
                1,
                300,
                'What the teeth of the overflow must hold back.',
            ),
            FieldSpec::number(F::ToothGapMm, 'reach', 'One gap between the teeth', Kind::Length, 1, 100)->when(
                F::WeirForm,
                'edge',
            ),
            FieldSpec::number(F::BoxInsideMm, 'reach', 'Overflow box, inside front to back', Kind::Length, 15, 1000),
            FieldSpec::number(F::NutMm, 'reach', 'Largest nut or elbow in it, across', Kind::Length, 8, 300),
            FieldSpec::number(F::HandMm, 'reach', 'Room a hand needs', Kind::Length, 40, 200),
            FieldSpec::number(F::GapBehindMm, 'reach', 'Gap behind the tank', Kind::Length, 0, 4000),
            FieldSpec::number(
                F::BoxBehindMm,
                'reach',
                'Box behind it stands off',
                Kind::Length,
                10,
                500,
                'None without a box outside.',
            )->orNone(),
            FieldSpec::number(F::ElbowMm, 'reach', 'Elbow behind it stands off', Kind::Length, 0, 400),
            FieldSpec::number(F::RockToPaneMm, 'reach', 'Rock, nearest to a pane', Kind::Length, 0, 2000),
            FieldSpec::number(F::RockToDrainMm, 'reach', 'Rock, nearest to a drain or pump', Kind::Length, 0, 2000),
            FieldSpec::choice(F::RockBase, 'reach', 'Rock stands on', [
                'base' => 'the floor pane or its mat',
                'sand' => 'the sand',
            ]),
            FieldSpec::number(
                F::StandingMm,
                'reach',
                'One stands this high to reach in',
                Kind::Length,
                0,
                1500,
                'Step or platform; 0 is the floor.',
            ),
            FieldSpec::number(F::ShoulderMm, 'reach', 'Shoulder above it', Kind::Length, 900, 1800),
            FieldSpec::number(F::ArmMm, 'reach', 'Arm, shoulder to fingers', Kind::Length, 400, 1000),
            FieldSpec::number(F::ToolMm, 'reach', 'Longest tool', Kind::Length, 0, 3000),
            FieldSpec::number(F::OpeningMm, 'reach', 'Narrowest opening at the top', Kind::Length, 30, 4000),
        ];
    }

    /** @return list<FieldSpec> */
    private static function power(): array
    {
        return [
            FieldSpec::number(
                F::OtherW,
                'power',
                'Other gear that runs all day',
                Kind::Power,
                0,
                2000,
                'Skimmer, controller, dosing pumps.',
            ),
            FieldSpec::number(F::MainsV, 'power', 'Mains, volts', Kind::Factor, 90, 260),
            FieldSpec::number(F::CircuitA, 'power', 'One circuit is rated at', Kind::Current, 1, 63),
            FieldSpec::number(F::Circuits, 'power', 'Circuits it is spread over', Kind::Count, 1, 20),
            FieldSpec::number(F::StripA, 'power', 'One power strip is rated at', Kind::Current, 1, 63),
            FieldSpec::choice(F::Residual, 'power', 'Residual-current protection on all wet gear', [
                'yes' => 'yes, tried',
                'no' => 'no',
                'unknown' => 'nobody has tried it',
            ]),
            FieldSpec::number(F::OutletsFree, 'power', 'Outlets there are, each switched', Kind::Count, 0, 100),
            FieldSpec::number(F::PortsFree, 'power', 'Controller ports there are', Kind::Count, 0, 200),
            FieldSpec::number(F::BoardWidthMm, 'power', 'Equipment board, wide', Kind::Length, 100, 4000),
            FieldSpec::number(F::BoardHeightMm, 'power', 'Equipment board, high', Kind::Length, 100, 3000),
            FieldSpec::number(F::ChangePct, 'power', 'Water changed in a month', Kind::Percent, 0, 200),
            FieldSpec::number(F::WastePerL, 'power', 'Waste water for each litre of RO', Kind::Factor, 0, 10),
            FieldSpec::number(F::VisitsMonth, 'power', 'Visits in a month', Kind::Factor, 0, 31),
            FieldSpec::number(F::CareMin, 'power', 'Care of the equipment at each visit', Kind::Minutes, 0, 600),
        ];
    }

    /** @return list<FieldSpec> */
    private static function floor(): array
    {
        return [
            FieldSpec::number(F::StandHeightMm, 'floor', 'Stand height', Kind::Length, 0, 2500),
            FieldSpec::number(
                F::StandInsideMm,
                'floor',
                'Clear height inside the stand',
                Kind::Length,
                100,
                2500,
                'From the sump’s base to the lowest brace above it.',
            ),
            FieldSpec::number(
                F::CabinetLengthMm,
                'floor',
                'Cabinet inside, length',
                Kind::Length,
                200,
                8000,
                'Between what stands in the way: hinges, posts.',
            ),
            FieldSpec::number(F::CabinetDepthMm, 'floor', 'Cabinet inside, front to back', Kind::Length, 150, 3000),
            FieldSpec::number(
                F::DoorWidthMm,
                'floor',
                'Its opening, width',
                Kind::Length,
                100,
                8000,
                'With the doors off, if they come off.',
            ),
            FieldSpec::number(F::DoorHeightMm, 'floor', 'Its opening, height', Kind::Length, 100, 2500),
            FieldSpec::choice(
                F::CabinetAir,
                'floor',
                'Air of the cabinet',
                ['closed' => 'closed', 'openings' => 'openings low and high', 'fan' => 'a fan changes it'],
                'For the warmth of what stands in it.',
            ),
            FieldSpec::number(
                F::DoorFromLeftMm,
                'floor',
                'Its opening, from the left',
                Kind::Length,
                0,
                8000,
            )->orNone(),
            FieldSpec::number(
                F::CabinetTolMm,
                'floor',
                'Cabinet measured to within',
                Kind::Length,
                0,
                50,
                'What the tape, a bowed board or a hinge may take off any clear size.',
            ),
            FieldSpec::number(F::LampAboveRimMm, 'floor', 'Lamp above the rim', Kind::Length, 0, 2000),
            FieldSpec::number(
                F::LampHeightMm,
                'floor',
                'Lamp and its hanging, height',
                Kind::Length,
                10,
                2000,
                'Lamp, hook, sheave and chain, up to the fixing.',
            )->orNone(),
            FieldSpec::number(F::CeilingMm, 'floor', 'Clear height of the room', Kind::Length, 1500, 12000),
            FieldSpec::number(F::StandKg, 'floor', 'Stand', Kind::Mass, 0, 2000),
            FieldSpec::choice(
                F::StandState,
                'floor',
                'Stand looked over',
                [
                    'new' => 'new, or sound',
                    'weathered' => 'old or weathered',
                    'cracked' => 'cracked, split or rusted through',
                ],
                'Joints, welds, feet; from below too.',
            ),
            FieldSpec::number(F::EquipmentKg, 'floor', 'Equipment', Kind::Mass, 0, 1000),
            FieldSpec::choice(F::FloorType, 'floor', 'Floor', [
                'slab' => 'slab on the ground',
                'concrete' => 'concrete, room below',
                'timber' => 'timber joists',
                'unknown' => 'not known',
            ]),
            FieldSpec::number(F::Storey, 'floor', 'Storey', Kind::Count, -3, 60, '0 is the ground floor.'),
            FieldSpec::choice(F::Joists, 'floor', 'Joists run', [
                'parallel' => 'along the stand’s long side',
                'across' => 'across it',
                'none' => 'no joists',
            ]),
            FieldSpec::number(
                F::SpanMm,
                'floor',
                'Floor span',
                Kind::Length,
                500,
                20000,
                'Bearing to bearing, the way the joists run.',
            ),
            FieldSpec::number(
                F::FromSupportMm,
                'floor',
                'Stand’s middle to the nearer bearing',
                Kind::Length,
                50,
                10000,
            ),
            FieldSpec::number(
                F::AllowanceKpa,
                'floor',
                'Allowed load of the floor',
                Kind::Pressure,
                0.5,
                100,
                'From the building’s papers; local code decides.',
            ),
            FieldSpec::choice(F::WallOpening, 'floor', 'A wall is opened for it', self::YES_NO),
            FieldSpec::choice(F::Props, 'floor', 'Temporary props while it is open', [
                'unknown' => 'not asked yet',
                'planned' => 'planned by the engineer',
                'none' => 'the engineer wants none',
            ])->when(F::WallOpening, 'yes'),
            FieldSpec::choice(F::HiddenCables, 'floor', 'The wall was searched for cables and pipes', [
                'unknown' => 'not yet',
                'searched' => 'yes, and marked',
            ])->when(F::WallOpening, 'yes'),
            FieldSpec::number(F::LintelGapMm, 'floor', 'Gap between lintel and tank', Kind::Length, 0, 500)->when(
                F::WallOpening,
                'yes',
            ),
            FieldSpec::choice(F::Balcony, 'floor', 'On a balcony', self::YES_NO),
            FieldSpec::number(F::OutOfLevelMmM, 'floor', 'Floor out of level, each metre', Kind::Length, 0, 50),
        ];
    }
}
