<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\ColumnSpec as C;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Power\LoadKind;

/** Every table a plan knows: the one place that says what may stand in it. */
final class PlanTables
{
    /** @var array<string, TableSpec>|null built once; the same on every machine */
    private static ?array $tables = null;

    /** @return array<string, TableSpec> by key */
    public static function all(): array
    {
        if (self::$tables === null) {
            self::$tables = [];
            foreach ([...self::place(), ...self::water(), ...self::above(), ...self::below()] as $table) {
                self::$tables[$table->key] = $table;
            }
        }

        return self::$tables;
    }

    /** @return list<TableSpec> */
    private static function place(): array
    {
        return [
            new TableSpec('chambers', 'chamber', 'sump chambers in flow order, the return chamber last', 6, [
                C::number('lengthMm', 'Clear length', 'clear length', Kind::Length, 1, 20000)->or('the rest'),
                C::number('baffleMm', 'Baffle', 'edge its water leaves over', Kind::Length, 1, 20000)->or('none'),
            ]),
            new TableSpec('passages', 'passage', 'the way in', 12, [
                C::number('widthMm', 'Width', 'clear width', Kind::Length, 1, 20000),
                C::number('heightMm', 'Height', 'clear height', Kind::Length, 1, 20000),
                C::number('corridorAMm', 'Corridor', 'first corridor, width', Kind::Length, 1, 20000)->or('no turn'),
                C::number('corridorBMm', 'Second corridor', 'second corridor, width', Kind::Length, 1, 20000)->or(
                    'no turn',
                ),
                C::number('outWidthMm', 'Width out', 'width once all is finished', Kind::Length, 1, 20000)->or(
                    'as it is',
                ),
                C::number('outHeightMm', 'Height out', 'height once all is finished', Kind::Length, 1, 20000)->or(
                    'as it is',
                ),
                C::number('carDepthMm', 'Lift, deep', 'depth of the lift car inside', Kind::Length, 100, 10000)->or(
                    'no lift',
                ),
            ]),
            new TableSpec('vessels', 'vessel', 'further vessels on the same water', 4, [
                C::choice('shape', 'Shape', 'outline; a round one’s length is its diameter, a quarter’s its radius', [
                    'rectangular' => 'rectangular',
                    'cylinder' => 'cylinder',
                    'half-cylinder' => 'half cylinder',
                    'quarter-cylinder' => 'quarter cylinder',
                ])->or('rectangular'),
                C::number('lengthMm', 'Length', 'length, outside', Kind::Length, 100, 8000),
                C::number('widthMm', 'Depth', 'front to back, outside', Kind::Length, 100, 4000),
                C::number('heightMm', 'Height', 'height, outside', Kind::Length, 100, 3000),
                C::number('wallMm', 'Panes', 'thickness of its panes', Kind::Length, 2, 60)->or('as usual'),
                C::number('waterMm', 'Water', 'water in it, deep', Kind::Length, 0, 3000),
                C::number('bottomMm', 'Stands at', 'underside above its floor', Kind::Length, 0, 4000)->or(
                    'on the floor',
                ),
                C::number('downMm', 'Runs down', 'runs down when its pump stops', Kind::Length, 0, 3000)->or('nothing'),
                C::flag('ownPump', 'Own pump', 'fed by a pump of its own'),
                C::flag('reversed', 'Lit at night', 'lit while the display is dark'),
                C::text('room', 'Room', 'the room it stands in', 120)->or('the display’s'),
                C::number('winterC', 'Its winter night', 'coldest night of that room', Kind::Temperature, -10, 35)->or(
                    'as the display’s',
                ),
                C::number('summerC', 'Its summer day', 'hottest day of that room', Kind::Temperature, -10, 45)->or(
                    'as the display’s',
                ),
            ]),
        ];
    }

    /** @return list<TableSpec> */
    private static function water(): array
    {
        return [
            new TableSpec('curve', 'point', 'the return pump’s curve, read from its sheet', 20, [
                C::number('flowLh', 'Flow', 'flow', Kind::Flow, 0, 200000),
                C::number('headM', 'Head', 'head at that flow', Kind::Height, 0, 60),
            ]),
            new TableSpec('outlets', 'outlet', 'branches of the return line at the display', 6, [
                C::number('boreMm', 'Bore', 'bore of the branch', Kind::Length, 4, 200),
                C::number('lengthM', 'Length', 'length of the branch', Kind::Height, 0, 50),
                C::number('sumK', 'Sum of K', 'its fittings, without the exit', Kind::Factor, 0, 60),
            ]),
            new TableSpec('draws', 'draw', 'what the return pump feeds besides, back into the sump', 8, [
                C::number('flowLh', 'Flow', 'flow its valve lets through', Kind::Flow, 1, 50000),
            ]),
            new TableSpec(
                'layers',
                'layer',
                'what stops the top-off, or catches its water, in the order the water meets it',
                10,
                [
                    C::choice(
                        'kind',
                        'Is',
                        'what it is',
                        array_combine(
                            array_column(FeedLayer::cases(), 'value'),
                            array_map(fn (FeedLayer $l): string => $l->label(), FeedLayer::cases()),
                        ),
                    ),
                    C::flag('closes', 'Closes without power', 'closes when its power goes'),
                ],
            ),
            new TableSpec('streams', 'stream pump', 'pumps that move the water in the display, each by itself', 12, [
                C::number('flowLh', 'Moves', 'flow as its maker says', Kind::Flow, 10, 100000),
                C::choice('end', 'At', 'the end it stands at', [
                    'left' => 'left',
                    'right' => 'right',
                    'back' => 'back',
                    'front' => 'front',
                ]),
                C::choice('aim', 'Aims', 'where it aims', [
                    'surface' => 'along the surface',
                    'middle' => 'through the middle',
                    'bottom' => 'along the bottom',
                ]),
                C::choice('motor', 'Dry part', 'where its dry part stands', [
                    'none' => 'has none',
                    'dry' => 'in a dry place',
                    'damp' => 'where water comes',
                ]),
            ]),
            new TableSpec('joints', 'joint', 'joints of the plumbing', 40, [
                C::choice('kind', 'Made', 'how it is made', [
                    'glued' => 'glued',
                    'threaded' => 'threaded',
                    'union' => 'union',
                    'bulkhead' => 'bulkhead',
                    'hose' => 'hose and clamp',
                ]),
                C::flag('hidden', 'Hidden', 'out of sight once all stands'),
            ]),
            new TableSpec('holes', 'hole', 'seen from outside, mm from the left and the lower edge', 16, [
                C::choice(
                    'pane',
                    'Pane',
                    'which pane',
                    array_combine(array_column(Pane::cases(), 'value'), array_column(Pane::cases(), 'value')),
                ),
                C::number('xMm', 'From left', 'from the left', Kind::Length, 0, 20000),
                C::number('yMm', 'Up', 'up from the lower edge', Kind::Length, 0, 20000),
                C::number('diameterMm', 'Hole', 'diameter of the hole', Kind::Length, 8, 250),
                C::choice('serves', 'For', 'what passes it', [
                    'main' => 'a main drain',
                    'channel' => 'the open channel',
                    'emergency' => 'the emergency',
                    'return' => 'a return',
                    'other' => 'something else',
                ])->or('not said'),
            ]),
        ];
    }

    /** @return list<TableSpec> */
    private static function above(): array
    {
        return [
            new TableSpec('lamps', 'lamp', 'seen from above, mm from the left and the back of the inside', 24, [
                C::number('xMm', 'From left', 'from the left', Kind::Length, 0, 20000),
                C::number('yMm', 'From back', 'from the back', Kind::Length, 0, 20000),
                C::number('aboveRimMm', 'Above rim', 'above the rim', Kind::Length, 1, 20000)->or('as all'),
                C::number('ppf', 'µmol/s', 'micromoles a second', Kind::Factor, 0, 5000),
                C::number('halfAngleDeg', 'Half angle, °', 'half angle', Kind::Factor, 1, 89),
                C::number('watts', 'Takes', 'takes from the mains', Kind::Power, 1, 5000)->or('–'),
                C::number('kg', 'Weighs', 'weighs', Kind::Mass, 0.1, 500)->or('–'),
                C::number('leastMm', 'Lowest', 'lowest its maker allows above the rim', Kind::Length, 0, 5000)->or('–'),
                C::number('mostMm', 'Highest', 'highest its maker allows above the rim', Kind::Length, 0, 5000)->or(
                    '–',
                ),
                C::number(
                    'through',
                    'Passes',
                    'share that passes its diffuser or comes with its reflector',
                    Kind::Percent,
                    5,
                    200,
                )->or('all'),
                C::number('over', 'Over vessel', 'number of the further vessel it hangs over', Kind::Count, 1, 4)->or(
                    'display',
                ),
                C::text('grid', 'Measured', 'measured grid: distance / step: rows', 12000)->or('no'),
            ]),
            new TableSpec(
                'channels',
                'channel',
                'each channel of the lamps by its own day; their shares make the whole',
                8,
                [
                    C::number('sharePct', 'Of the light', 'share of the light at full power', Kind::Percent, 0.1, 100),
                    C::number('fromH', 'From', 'hour it begins to rise', Kind::Hours, 0, 23.99),
                    C::number('hours', 'Lasts', 'lit from first to last', Kind::Hours, 0.25, 24),
                    C::number('rampH', 'Ramp', 'rising, and falling, each', Kind::Hours, 0, 12),
                    C::number('topPct', 'Brightest', 'of full power', Kind::Percent, 0, 100),
                ],
            ),
            new TableSpec('points', 'point', 'read with a light meter at full power', 40, [
                C::number('xMm', 'From left', 'from the left', Kind::Length, 0, 20000),
                C::number('yMm', 'From back', 'from the back', Kind::Length, 0, 20000),
                C::number('depthMm', 'Deep', 'under the surface', Kind::Length, 0, 3000),
                C::number('par', 'Read', 'read with the meter', Kind::Par, 0, 5000),
                C::number('setting', 'Lamps at', 'setting of the lamps while it was read', Kind::Percent, 1, 100)->or(
                    '100',
                ),
                C::text('meter', 'Meter', 'which meter', 60)->or('the one'),
                C::text('day', 'On', 'the day it was read, year-month-day', 10)->or('–'),
            ]),
        ];
    }

    /** @return list<TableSpec> */
    private static function below(): array
    {
        return [
            new TableSpec('gear', 'thing', 'what is to stand in the cabinet beside the sump', 20, [
                C::number('widthMm', 'Wide', 'wide', Kind::Length, 10, 3000),
                C::number('depthMm', 'Deep', 'deep', Kind::Length, 10, 3000),
                C::number('heightMm', 'High', 'high', Kind::Length, 10, 3000),
                C::number('liftMm', 'Room over it', 'room over it for service', Kind::Length, 0, 2000)->or('none'),
                C::number('chamber', 'In the sump', 'chamber of the sump it stands in, from the left', Kind::Count, 1, 6)->or(
                    'no',
                ),
                C::number('shelf', 'On shelf', 'row of the shelf it belongs on', Kind::Count, 1, 8)->or('floor first'),
                C::number('in', 'Compartment', 'compartment it belongs in; 1 holds the sump', Kind::Count, 1, 5)->or(
                    'any',
                ),
                C::flag('needsAir', 'Room air', 'takes its air from the room'),
                C::flag('staysDry', 'Stays dry', 'must not be splashed'),
                C::number('heatW', 'Warms by', 'heat it gives off', Kind::Power, 0, 2000)->or('–'),
                C::number('massKg', 'Filled', 'filled, as it stands there', Kind::Mass, 0, 500)->or('–'),
                C::number('xMm', 'From left', 'its place from the left', Kind::Length, 0, 8000)->or('proposed'),
                C::number('yMm', 'From back', 'its place from the back', Kind::Length, 0, 3000)->or('proposed'),
                C::flag('turned', 'Turned', 'its width runs front to back there'),
            ]),
            new TableSpec('ledges', 'frame or shelf', 'frames and shelves built into the cabinet, at their heights', 8, [
                C::choice('kind', 'Is', 'what it is', ['frame' => 'frame', 'shelf' => 'shelf']),
                C::number('bottomMm', 'Underside', 'its underside above the cabinet’s floor', Kind::Length, 0, 2500),
                C::number('thickMm', 'Thick', 'its own height, top to underside', Kind::Length, 1, 2500),
                C::number('xMm', 'From left', 'where it begins from the left', Kind::Length, 0, 8000)->or('the wall'),
                C::number('yMm', 'From back', 'where it begins from the back', Kind::Length, 0, 3000)->or('the wall'),
                C::number('lengthMm', 'Long', 'its length along the cabinet', Kind::Length, 5, 8000)->or('all of it'),
                C::number('depthMm', 'Deep', 'front to back', Kind::Length, 5, 3000)->or('all of it'),
                C::number('bearsKg', 'Bears', 'what it may carry', Kind::Mass, 0, 1000)->or('not known'),
                C::number('in', 'Compartment', 'compartment it is in; 1 holds the sump', Kind::Count, 1, 5)->or('1'),
            ]),
            new TableSpec(
                'compartments',
                'compartment',
                'of the cabinet, besides the one with the sump, which is 1',
                4,
                [
                    C::number('lengthMm', 'Length', 'inside, length', Kind::Length, 50, 8000),
                    C::number('depthMm', 'Depth', 'inside, front to back', Kind::Length, 50, 3000),
                    C::number('heightMm', 'Height', 'clear height inside', Kind::Length, 50, 2500),
                    C::number('doorWidthMm', 'Opening', 'its opening, width', Kind::Length, 50, 8000),
                    C::number('doorHeightMm', 'High', 'its opening, height', Kind::Length, 50, 2500),
                ],
            ),
            new TableSpec('loads', 'device', 'every plug: what it takes and where it hangs', 40, [
                C::choice(
                    'kind',
                    'Is',
                    'what it is',
                    array_combine(
                        array_column(LoadKind::cases(), 'value'),
                        array_map(fn (LoadKind $k): string => $k->label(), LoadKind::cases()),
                    ),
                ),
                C::number('watts', 'Takes', 'takes all day', Kind::Power, 0, 6000),
                C::number('startW', 'At the start', 'takes for a moment at the start', Kind::Power, 0, 20000)->or(
                    'as its kind',
                ),
                C::number('circuit', 'Circuit', 'number of its circuit', Kind::Count, 1, 20),
                C::number('strip', 'Strip', 'number of its power strip', Kind::Count, 1, 40)->or('one a circuit'),
                C::flag(
                    'dry',
                    'Plug dry',
                    'its plug stands above the water and outside splash, its lead with a drip loop',
                ),
                C::choice('outage', 'Without mains', 'what becomes of it without mains', [
                    'essential' => 'kept',
                    'deferrable' => 'waits',
                    'must-stop' => 'must stop',
                ])->or('as its kind'),
            ]),
            new TableSpec('board', 'device', 'what is mounted on the equipment board', 20, [
                C::choice('kind', 'Is', 'what it is', [
                    'strip' => 'power strip',
                    'controller' => 'controller',
                    'driver' => 'pump driver',
                    'doser' => 'dosing pump',
                    'thermostat' => 'thermostat',
                    'timer' => 'timer',
                    'switch' => 'level switch',
                    'other' => 'something else',
                ]),
                C::number('widthMm', 'Wide', 'wide', Kind::Length, 20, 2000),
                C::number('heightMm', 'High', 'high', Kind::Length, 20, 2000),
            ]),
            new TableSpec('ways', 'cable way', 'holes that cables pass, and their bundles', 12, [
                C::number('holeMm', 'Hole', 'hole across', Kind::Length, 8, 200),
                C::number('plugMm', 'Largest plug', 'largest plug across', Kind::Length, 1, 200),
                C::number('cables', 'Cables', 'cables through it', Kind::Count, 1, 40),
                C::number('cableMm', 'One is', 'one cable across', Kind::Length, 1, 40),
                C::number('runMm', 'Way', 'way from device to plug', Kind::Length, 0, 20000),
                C::number('leadMm', 'Shortest lead', 'shortest lead', Kind::Length, 0, 20000),
                C::flag('bushed', 'Edge bushed', 'its edge is bushed'),
            ]),
            new TableSpec(
                'penetrations',
                'penetration',
                'what passes through pane, cabinet, wall, floor or ceiling, ticked before it is cut',
                30,
                [
                    C::choice('through', 'Through', 'what it passes through', [
                        'cabinet' => 'cabinet',
                        'pane' => 'pane',
                        'wall' => 'wall',
                        'floor' => 'floor',
                        'ceiling' => 'ceiling',
                    ]),
                    C::choice('purpose', 'For', 'what passes', [
                        'pipe' => 'pipe',
                        'duct' => 'air duct',
                        'cable' => 'cable',
                        'tube' => 'dosing tube',
                        'probe' => 'probe',
                        'pulley' => 'rope or pulley',
                    ]),
                    C::number('diameterMm', 'Across', 'diameter', Kind::Length, 2, 600),
                    C::flag('ticked', 'Ticked', 'looked at on the spot, and right'),
                ],
            ),
            new TableSpec('phases', 'purchase', 'what is bought, and in which phase', 24, [
                C::number('phase', 'Phase', 'phase it is bought in', Kind::Count, 1, 6),
                C::number('until', 'Useless from', 'later phase that makes it useless', Kind::Count, 2, 6)->or('never'),
                C::number('price', 'Price', 'price in the company’s currency', Kind::Factor, 0, 1000000)->or('none'),
                C::number('outlets', 'Outlets', 'outlets it takes', Kind::Count, 0, 12)->or('0'),
                C::number('ports', 'Ports', 'controller ports it takes', Kind::Count, 0, 24)->or('0'),
                C::number('holes', 'Holes', 'holes in pane or cabinet it takes', Kind::Count, 0, 12)->or('0'),
                C::number('widthMm', 'Wide', 'wide, where it stands in the cabinet', Kind::Length, 10, 3000)->or('–'),
                C::number('depthMm', 'Deep', 'deep', Kind::Length, 10, 3000)->or('–'),
                C::number('heightMm', 'High', 'high', Kind::Length, 10, 3000)->or('–'),
            ]),
        ];
    }
}
