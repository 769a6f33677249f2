<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/**
 * The system cut through its length, to scale: mm, x from the display's left side, y downwards from above the lamps.
 * What has no size yet (the overflow box's width, the reservoir's outline) is drawn at a usual one.
 */
final readonly class Section
{
    private const ABOVE_MM = 220.0;

    private const SIDE_MM = 90.0;

    /** Of the overflow box along the tank. */
    public const BOX_MM = 110.0;

    /** From the inner wall to the return's down pipe. */
    public const RETURN_MM = 45.0;

    private const LAMP_MM = 26.0;

    /** A placed lamp is drawn so wide; only its middle is known. */
    private const LAMP_WIDE_MM = 180.0;

    /** Between further vessels, drawn beside each other wherever they stand. */
    private const APART_MM = 130.0;

    private const RESERVOIR_WIDTH_MM = 240.0;

    private const RESERVOIR_DEPTH_MM = 300.0;

    /** Rock as it lies, kg a litre, pores and gaps counted. */
    private const ROCK_HEAP_KG_L = 1.1;

    /** Outline of a heap of unit width and height; its area is 0.55. */
    private const HEAP = [
        [0, 0],
        [0.06, 0.32],
        [0.17, 0.41],
        [0.25, 0.78],
        [0.36, 1],
        [0.47, 0.86],
        [0.55, 0.52],
        [0.66, 0.63],
        [0.76, 0.88],
        [0.86, 0.57],
        [0.94, 0.3],
        [1, 0],
    ];

    private const HEAP_AREA = 0.593;

    /**
     * @param  list<Shape>  $shapes  back to front
     * @param  list<Mark>  $marks
     * @param  list<Handle>  $handles
     */
    private function __construct(
        public float $minXMm,
        public float $widthMm,
        public float $heightMm,
        public array $shapes,
        public array $marks,
        public array $handles,
        private float $edgeY,
        private float $sumpFloorY,
    ) {
    }

    /**
     * @param  list<PowerCutFrame>  $frames  the power cut, for its last level; empty while it cannot be computed
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts, array $frames = []): self
    {
        $display = DisplayTank::of($facts);
        $levels = Levels::of($facts);
        $length = $display->vessel->footprint->boxLengthMm();
        // In steps, so that a lamp taken hold of moves and the rest stands.
        $heights = array_column(self::lamps($facts), 'aboveRimMm');
        $lamps = $heights === [] ? 0 : max($heights) + self::LAMP_MM + 20;
        $zero = $levels->rimMm + max(self::ABOVE_MM, 100 * ceil($lamps / 100));
        $y = fn (float $z): float => $zero - $z;
        $overflow = self::overflow($facts);
        $sump = SumpWater::isDescribed($facts) ? SumpWater::of($facts) : null;
        $sumpX = $sump === null ? 0.0 : ($length - $sump->vessel->footprint->boxLengthMm()) / 2;
        $reservoir = $facts->knows(F::ReservoirL) ? $facts->numberOrNone(F::ReservoirL) ?? 0.0 : 0.0;

        $parts = [
            self::ground($facts, $levels, $length, $y, $reservoir),
            self::display($facts, $display, $levels, $y, $overflow),
        ];
        if ($sump !== null) {
            $parts[] = self::sump($sump, $sumpX, $levels->sumpInsideFloorMm, $y);
            $parts[] = self::pipes($facts, $display, $levels, $sump, $sumpX, $y, $overflow);
        }
        if ($sump !== null && $frames !== []) {
            $parts[] = self::cutLevel($frames[count($frames) - 1], $sump, $sumpX, $levels->sumpInsideFloorMm, $y);
        }
        $shapes = $marks = [];
        foreach ($parts as [$drawn, $written]) {
            array_push($shapes, ...$drawn);
            array_push($marks, ...$written);
        }
        $right =
            $reservoir > 0
                ? max($length, $sumpX + ($sump?->vessel->footprint->boxLengthMm() ?? 0)) + 90 + self::RESERVOIR_WIDTH_MM
                : max($length, $length - $sumpX);
        foreach ($facts->brief->vessels as $i => $vessel) {
            [$drawn, $written] = self::other($vessel, $i, $right + self::APART_MM, $y);
            array_push($shapes, ...$drawn);
            array_push($marks, ...$written);
            $right += self::APART_MM + $vessel->lengthMm;
        }
        $left = min(0.0, $sumpX);

        return new self(
            minXMm: $left - self::SIDE_MM,
            widthMm: $right - $left + 2 * self::SIDE_MM,
            heightMm: $zero + 40 + Storeys::belowMm($facts),
            shapes: $shapes,
            marks: $marks,
            handles: Handles::of($facts, $display, $levels, $sump, $sumpX, $y),
            edgeY: $y($levels->rimMm - ($overflow->edgeBelowRimMm ?? $display->runningBelowRimMm)),
            sumpFloorY: $y($levels->sumpInsideFloorMm),
        );
    }

    /**
     * Where the surfaces stand in a frame.
     *
     * @return array<string, float> y by water key
     */
    public function surfaces(PowerCutFrame $frame): array
    {
        $tops = ['display' => $this->edgeY - $frame->displayMm];
        foreach ($frame->sumpLevelsMm as $i => $level) {
            $tops["chamber-{$i}"] = $this->sumpFloorY - $level;
        }

        return $tops;
    }

    private static function overflow(Facts $facts): ?Overflow
    {
        return Overflow::isDescribed($facts) ? Overflow::of($facts) : null;
    }

    /**
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function ground(Facts $facts, Levels $levels, float $length, callable $y, float $reservoir): array
    {
        $shapes = [
            Shape::line('floor', [
                [-self::SIDE_MM * 3, $y(0)],
                [
                    $length +
                    self::SIDE_MM * 7 +
                    array_sum(
                        array_map(fn (OtherVessel $v): float => $v->lengthMm + self::APART_MM, $facts->brief->vessels),
                    ),
                    $y(0),
                ],
            ]),
            Shape::rect('stand', 0, $y($levels->displayBottomMm), $length, $levels->displayBottomMm),
        ];
        $marks = [];
        $below = Storeys::belowMm($facts);
        if ($below > 0) {
            $wide = [-self::SIDE_MM * 3, $length + self::SIDE_MM * 7];
            $shapes[] = Shape::line('floor', [[$wide[0], $y(-$below)], [$wide[1], $y(-$below)]]);
            $said = [
                Sentence::of(Phrase::ToTheFloorBelow, ['below' => Quantity::of($below / 1000, Kind::Height)]),
            ];
            $marks[] = new Mark(
                x: $length / 2,
                y: $y(-$below / 2),
                side: 'in',
                role: 'label',
                lines: $said,
                about: 'floor',
                roomWidthMm: $length,
                roomHeightMm: $below / 2,
            );
        }
        if ($reservoir > 0) {
            $height = ($reservoir * 1e6) / (self::RESERVOIR_WIDTH_MM * self::RESERVOIR_DEPTH_MM);
            $x = self::reservoirX($facts, $length);
            $shapes[] = Shape::rect('fresh', $x, $y($height), self::RESERVOIR_WIDTH_MM, $height);
            $shapes[] = Shape::line('reservoir', [
                [$x, $y($height + 60)],
                [$x, $y(0)],
                [$x + self::RESERVOIR_WIDTH_MM, $y(0)],
                [$x + self::RESERVOIR_WIDTH_MM, $y($height + 60)],
            ]);
            $marks[] = new Mark(
                x: $x + self::RESERVOIR_WIDTH_MM / 2,
                y: $y($height / 2),
                side: 'in',
                role: 'label',
                lines: [
                    Sentence::of(Phrase::Litres, ['litres' => Quantity::of($reservoir, Kind::Volume)]),
                    Sentence::of(Phrase::TopOff),
                ],
                about: 'topoff',
                roomWidthMm: self::RESERVOIR_WIDTH_MM,
                roomHeightMm: $height,
            );
        }

        return [$shapes, $marks];
    }

    private static function reservoirX(Facts $facts, float $length): float
    {
        $sump = SumpWater::isDescribed($facts) ? SumpWater::of($facts)->vessel->footprint->boxLengthMm() : 0.0;

        return max($length, ($length + $sump) / 2) + 90;
    }

    /**
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function display(
        Facts $facts,
        DisplayTank $display,
        Levels $levels,
        callable $y,
        ?Overflow $overflow,
    ): array {
        $vessel = $display->vessel;
        $length = $vessel->footprint->boxLengthMm();
        $wall = $vessel->wallMm;
        $inside = $length - 2 * $wall;
        $floorZ = $levels->displayBottomMm + $vessel->floorMm;
        $waterZ = $levels->rimMm - $display->runningBelowRimMm;
        $sand = $facts->number(F::SandDepthMm);
        $shapes = [
            Shape::rect('water', $wall, $y($waterZ), $inside, $waterZ - $floorZ, 'display'),
            Shape::rect('sand', $wall, $y($floorZ + $sand), $inside, $sand),
            ...self::rock(
                facts: $facts,
                display: $display,
                wall: $wall,
                inside: $inside,
                sandZ: $floorZ + $sand,
                waterZ: $waterZ,
                box: $overflow !== null,
                y: $y,
            ),
            Shape::rect('glass', 0, $y($levels->rimMm), $wall, $vessel->heightMm),
            Shape::rect('glass', $length - $wall, $y($levels->rimMm), $wall, $vessel->heightMm),
            Shape::rect('glass', 0, $y($floorZ), $length, $vessel->floorMm),
        ];
        if ($facts->word(F::Bracing) === 'braced') {
            foreach ([$wall, $length - $wall - 60] as $x) {
                $shapes[] = Shape::rect('glass', $x, $y($levels->rimMm), 60, $wall);
            }
        }
        if ($facts->word(F::Top) === 'closed') {
            $shapes[] = Shape::rect('hood', 0, $y($levels->rimMm + 18), $length, 14);
        }
        foreach (self::lamps($facts) as $lamp) {
            $shapes[] = Shape::rect(
                'light',
                $lamp['x'] - $lamp['wide'] / 2,
                $y($levels->rimMm + $lamp['aboveRimMm']) - self::LAMP_MM,
                $lamp['wide'],
                self::LAMP_MM,
            );
        }
        $volume = $display->volume($facts);
        $marks = [
            new Mark(
                $length * 0.5,
                $y($waterZ - ($waterZ - $floorZ) * 0.2),
                'in',
                'figure',
                [
                    Sentence::of(Phrase::Litres, ['litres' => Quantity::of($volume->netL, Kind::Volume)]),
                    Sentence::of(Phrase::NetRock, ['rock' => Quantity::of($facts->number(F::RockKg), Kind::Mass)]),
                ],
                'display',
            ),
            new Mark(
                0,
                $y($waterZ),
                'left',
                'label',
                [
                    Sentence::of(Phrase::RunningLevel),
                    Sentence::of(Phrase::AboveTheFloor, ['height' => Quantity::of($waterZ, Kind::Length)]),
                ],
                'weir',
            ),
            new Mark(
                $length,
                $y($floorZ + $sand / 2),
                'right',
                'label',
                [Sentence::of(Phrase::SandDepth, ['depth' => Quantity::of($sand, Kind::Length)])],
                'display',
            ),
        ];
        if ($overflow !== null) {
            $edge = $levels->rimMm - $overflow->edgeBelowRimMm;
            $x = $length - $wall - self::BOX_MM;
            $boxWater = $edge - min(45.0, ($edge - $floorZ) / 3);
            $shapes[] = Shape::rect('paper', $x, $y($waterZ), self::BOX_MM, $waterZ - $boxWater);
            $shapes[] = Shape::rect('weir', $x - 5, $y($edge), 5, $edge - $floorZ);
            $marks[] = new Mark(
                $length,
                $y($edge),
                'right',
                'label',
                [
                    Sentence::of(Phrase::WeirOverIt, ['head' => Quantity::of($overflow->headMm, Kind::Length)]),
                    Sentence::of(Phrase::Flow, ['flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow)]),
                ],
                'weir',
            );
        }

        return [$shapes, $marks];
    }

    /**
     * A further vessel at its own height, on its own stand.
     *
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function other(OtherVessel $vessel, int $i, float $x, callable $y): array
    {
        $wall = $vessel->vessel->wallMm;
        $floor = $vessel->bottomMm + $vessel->vessel->floorMm;
        $top = $vessel->bottomMm + $vessel->vessel->heightMm;
        $shapes = [
            Shape::rect('stand', $x, $y($vessel->bottomMm), $vessel->lengthMm, $vessel->bottomMm),
            Shape::rect(
                'water',
                $x + $wall,
                $y($floor + $vessel->waterMm),
                $vessel->lengthMm - 2 * $wall,
                $vessel->waterMm,
                "other-{$i}",
            ),
            Shape::rect('glass', $x, $y($top), $wall, $vessel->vessel->heightMm),
            Shape::rect('glass', $x + $vessel->lengthMm - $wall, $y($top), $wall, $vessel->vessel->heightMm),
            Shape::rect('glass', $x, $y($floor), $vessel->lengthMm, $vessel->vessel->floorMm),
        ];
        $mark = new Mark(
            x: $x + $vessel->lengthMm / 2,
            y: $y($floor + $vessel->waterMm / 2),
            side: 'in',
            role: 'figure',
            lines: [
                Sentence::of(Phrase::Litres, ['litres' => Quantity::of($vessel->litres(), Kind::Volume)]),
                Sentence::of(Phrase::Name, ['name' => $vessel->name === '' ? 'vessel '.($i + 1) : $vessel->name]),
            ],
            about: 'display',
            roomWidthMm: $vessel->lengthMm,
            roomHeightMm: $vessel->waterMm,
        );

        return [$shapes, [$mark]];
    }

    /**
     * Two heaps whose cut area is the rock's heap volume over the depth of the tank.
     *
     * @param  callable(float): float  $y
     * @return list<Shape>
     */
    private static function rock(
        Facts $facts,
        DisplayTank $display,
        float $wall,
        float $inside,
        float $sandZ,
        float $waterZ,
        bool $box,
        callable $y,
    ): array {
        $depth = ($display->vessel->insideAreaM2() * 1e6) / $inside;
        $area = (($facts->number(F::RockKg) / self::ROCK_HEAP_KG_L) * 1e6) / $depth;
        $free = $inside - ($box ? self::BOX_MM + 40 : 0);
        $shapes = [];
        foreach ([[0.08, 0.46, 0.62], [0.6, 0.34, 0.38]] as [$from, $wide, $share]) {
            $width = $free * $wide;
            $height = min(0.86 * ($waterZ - $sandZ), ($area * $share) / (self::HEAP_AREA * $width));
            if ($height < 5) {
                continue;
            }
            $shapes[] = Shape::area(
                'rock',
                array_map(
                    fn (array $p): array => [$wall + $free * $from + $width * $p[0], $y($sandZ + $height * $p[1])],
                    self::HEAP,
                ),
            );
        }

        return $shapes;
    }

    /**
     * Flow order runs from the drains at the right to the return at the left.
     *
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function sump(SumpWater $sump, float $x, float $floorZ, callable $y): array
    {
        $vessel = $sump->vessel;
        $length = $vessel->footprint->boxLengthMm();
        $wall = $vessel->wallMm;
        $right = $x + $length - $wall;
        $shapes = $marks = [];
        foreach ($sump->chambers as $i => $chamber) {
            $left = $right - $chamber->fromMm - $chamber->lengthMm;
            $shapes[] = Shape::rect(
                'water',
                $left,
                $y($floorZ + $chamber->levelMm),
                $chamber->lengthMm,
                $chamber->levelMm,
                "chamber-{$i}",
            );
            if ($chamber->baffleMm !== null) {
                $shapes[] = Shape::line(
                    'baffle',
                    [[$left - 3, $y($floorZ)], [$left - 3, $y($floorZ + $chamber->baffleMm)]],
                    6,
                );
            }
            $marks[] = new Mark(
                x: $left + $chamber->lengthMm / 2,
                y: $y($floorZ + $chamber->levelMm * 0.5),
                side: 'in',
                role: 'figure',
                lines: [
                    Sentence::of(Phrase::Litres, ['litres' => Quantity::of($chamber->litres(), Kind::Volume)]),
                    Sentence::of(Phrase::Name, ['name' => $chamber->name]),
                ],
                about: 'sump',
                roomWidthMm: $chamber->lengthMm,
                roomHeightMm: $chamber->levelMm,
            );
        }
        $return = $sump->returnChamber();
        $pumpX = $right - $return->fromMm - $return->lengthMm + min(30.0, $return->lengthMm / 5);
        $shapes[] = Shape::rect(
            'pump',
            $pumpX,
            $y($floorZ + $sump->pumpMinMm() * 0.75),
            min(110.0, $return->lengthMm / 2.5),
            $sump->pumpMinMm() * 0.75,
        );
        foreach ([[$x, $wall], [$x + $length - $wall, $wall]] as [$at, $w]) {
            $shapes[] = Shape::rect('glass', $at, $y($floorZ + $sump->rimMm), $w, $sump->rimMm + $vessel->floorMm);
        }
        $shapes[] = Shape::rect('glass', $x, $y($floorZ), $length, $vessel->floorMm);

        return [$shapes, $marks];
    }

    /**
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function pipes(
        Facts $facts,
        DisplayTank $display,
        Levels $levels,
        SumpWater $sump,
        float $sumpX,
        callable $y,
        ?Overflow $overflow,
    ): array {
        $length = $display->vessel->footprint->boxLengthMm();
        $wall = $display->vessel->wallMm;
        $sumpFloor = $levels->sumpInsideFloorMm;
        $right = $sumpX + $sump->vessel->footprint->boxLengthMm() - $sump->vessel->wallMm;
        $shapes = $marks = [];
        if ($overflow !== null && $facts->knows(F::DrainBoreMm)) {
            [$shapes, $marks] = self::drains($facts, $display, $levels, $sump, $right, $y, $overflow);
        }
        if ($facts->knows(F::OutletBelowRimMm)) {
            $bore = $facts->knows(F::ReturnBoreMm) ? $facts->number(F::ReturnBoreMm) : 20.0;
            $return = $sump->returnChamber();
            $pump = $right - $return->fromMm - $return->lengthMm + min(85.0, $return->lengthMm / 3);
            $outlet = $levels->rimMm - $facts->number(F::OutletBelowRimMm);
            $down = $wall + self::RETURN_MM;
            $shapes[] = Shape::line(
                'pipe',
                [
                    [$pump, $y($sumpFloor + $sump->pumpMinMm() * 0.75)],
                    [$pump, $y($levels->displayBottomMm - 60)],
                    [-40, $y($levels->displayBottomMm - 60)],
                    [-40, $y($levels->rimMm + 55)],
                    [$down, $y($levels->rimMm + 55)],
                    [$down, $y($outlet)],
                ],
                $bore,
            );
            $under = $facts->number(F::OutletBelowRimMm) - $display->runningBelowRimMm;
            $marks[] = new Mark(
                $down,
                $y($outlet),
                'left',
                'label',
                [
                    Sentence::of(Phrase::ReturnOutlet),
                    $under > 0
                        ? Sentence::of(Phrase::UnderWater, ['under' => Quantity::of($under, Kind::Length)])
                        : Sentence::of(Phrase::AboveTheWater, ['over' => Quantity::of(-$under, Kind::Length)]),
                ],
                'return',
            );
            $break = $facts->knows(F::BreakBelowRimMm) ? $facts->numberOrNone(F::BreakBelowRimMm) : null;
            if ($break !== null) {
                $z = $levels->rimMm - $break;
                $shapes[] = Shape::rect('break', $down - 7, $y($z + 7), 14, 14);
                $marks[] = new Mark($down, $y($z), 'left', 'label', [Sentence::of(Phrase::SiphonBreak)], 'return');
            }
        }

        return [$shapes, $marks];
    }

    /**
     * Drains side by side in the overflow box: as many as the holes say, else as the school has (B-90). The main ones run full.
     *
     * @param  float  $right  inside wall of the sump
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function drains(
        Facts $facts,
        DisplayTank $display,
        Levels $levels,
        SumpWater $sump,
        float $right,
        callable $y,
        Overflow $overflow,
    ): array {
        $intake = $sump->chambers[0];
        $box = $display->vessel->footprint->boxLengthMm() - $display->vessel->wallMm;
        $open = fn (float $over): float => $levels->sumpInsideFloorMm + min($sump->rimMm - 15, $intake->levelMm + $over);
        $under = $levels->sumpInsideFloorMm + max(20, $intake->levelMm - 40);
        $mainInlet = $levels->rimMm - $overflow->edgeBelowRimMm - 90;
        $shapes = $marks = [];
        $drains = self::drainsDrawn($facts);
        foreach ($drains as $i => $serves) {
            [$shape, $bore, $inlet, $end] = match ($serves) {
                'channel' => [
                    'dry',
                    F::ChannelBoreMm,
                    $levels->rimMm - $facts->number(F::ChannelBelowRimMm),
                    $open(10),
                ],
                'emergency' => [
                    'dry',
                    F::EmergencyBoreMm,
                    $levels->rimMm - $facts->number(F::EmergencyBelowRimMm),
                    $open(25),
                ],
                default => ['pipe', F::DrainBoreMm, $mainInlet, $under],
            };
            // Nearest to the tank first; each turns a little lower, so that none hides another.
            $x = $box - self::BOX_MM * (0.68 - (0.42 * $i) / max(2, count($drains) - 1));
            $to = min($x, $right - 60 + 20 * $i);
            $bend = $levels->displayBottomMm - 70 - 22 * $i;
            $shapes[] = Shape::line(
                $shape,
                [[$x, $y($inlet)], [$x, $y($bend)], [$to, $y($bend)], [$to, $y($end)]],
                $facts->number($bore),
            );
            if ($serves === 'emergency') {
                $below = ['below' => Quantity::of($facts->number(F::EmergencyBelowRimMm), Kind::Length)];
                $said = [Sentence::of(Phrase::EmergencyInlet), Sentence::of(Phrase::BelowTheRim, $below)];
                $marks[] = new Mark(
                    $display->vessel->footprint->boxLengthMm(),
                    $y($inlet),
                    'right',
                    'label',
                    $said,
                    'drain',
                );
            }
        }

        return [$shapes, $marks];
    }

    /**
     * What is drawn in the box, in order: mains, channel, emergency. One whose pipe is not described is left out.
     *
     * @return list<string>
     *
     * @throws Missing
     */
    private static function drainsDrawn(Facts $facts): array
    {
        $school = $facts->knows(F::Drains) ? DrainSchool::from($facts->word(F::Drains)) : DrainSchool::Open;
        $counted = [
            'main' => BlockedMain::mains($facts),
            'channel' => $school->hasChannel() ? 1 : 0,
            'emergency' => $school->hasEmergency() ? 1 : 0,
        ];
        $drilled = array_count_values(
            array_filter(array_map(fn (Hole $h): ?string => $h->serves, $facts->brief->holes)),
        );
        $said = array_intersect_key($drilled, $counted);
        $isDescribed = [
            'main' => true,
            'channel' => $facts->knows(F::ChannelBoreMm) && $facts->knows(F::ChannelBelowRimMm),
            'emergency' => $facts->knows(F::EmergencyBoreMm) && $facts->knows(F::EmergencyBelowRimMm),
        ];
        $drawn = [];
        foreach (
            $said === [] ? $counted : array_merge(array_fill_keys(array_keys($counted), 0), $said) as $serves => $count
        ) {
            $drawn = [...$drawn, ...$isDescribed[$serves] ? array_fill(0, $count, $serves) : []];
        }

        return $drawn;
    }

    /**
     * @param  callable(float): float  $y
     * @return array{0: list<Shape>, 1: list<Mark>}
     */
    private static function cutLevel(PowerCutFrame $last, SumpWater $sump, float $x, float $floorZ, callable $y): array
    {
        $top = max([0.0, ...$last->sumpLevelsMm]);
        $z = $floorZ + $top;
        $wall = $sump->vessel->wallMm;
        $rise = $top - $sump->returnChamber()->levelMm;
        $lines =
            $last->floorL > 0
                ? [
                    Sentence::of(Phrase::PowerCutToTheRimAnd),
                    Sentence::of(Phrase::OnTheFloor, ['floor' => Quantity::of($last->floorL, Kind::Volume)]),
                ]
                : [
                    Sentence::of(Phrase::PowerCutLevel, ['rise' => Quantity::of($rise, Kind::Length)]),
                    Sentence::of(Phrase::BelowTheRim2, ['left' => Quantity::of($sump->rimMm - $top, Kind::Length)]),
                ];

        return [
            [
                Shape::line('cut', [
                    [$x + $wall, $y($z)],
                    [$x + $sump->vessel->footprint->boxLengthMm() - $wall, $y($z)],
                ]),
            ],
            [new Mark($x, $y($z), 'left', 'warn', $lines, 'sump')],
        ];
    }

    /**
     * The lamps of the display as they are placed, each at its own height; two as a sign of light while none is.
     *
     * @return list<array{x: float, wide: float, aboveRimMm: float, row: int|null}> x of the middle, from the left outside
     *
     * @throws Missing
     */
    public static function lamps(Facts $facts): array
    {
        $common = $facts->knows(F::LampAboveRimMm) ? $facts->number(F::LampAboveRimMm) : self::ABOVE_MM - 66;
        $length = DisplayTank::footprint($facts)->boxLengthMm();
        $wall = $facts->number(F::WallMm);
        $placed = array_values(
            array_map(
                fn (Lamp $l): array => [
                    'x' => min($length, $wall + $l->xMm),
                    'wide' => min(self::LAMP_WIDE_MM, $length * 0.28),
                    'aboveRimMm' => $l->aboveRimMm ?? $common,
                    'row' => $l->row,
                ],
                array_filter($facts->brief->lamps, fn (Lamp $l): bool => $l->over === null),
            ),
        );
        if ($placed !== [] || ! $facts->knows(F::LightsW) || $facts->number(F::LightsW) <= 0) {
            return $placed;
        }

        return array_map(
            fn (float $at): array => [
                'x' => $length * $at,
                'wide' => $length * 0.28,
                'aboveRimMm' => $common,
                'row' => null,
            ],
            [0.3, 0.7],
        );
    }
}
