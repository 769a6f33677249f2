<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;

/** What can be taken hold of on the section, each at the place it stands. Only what somebody gave or the plan can draw. */
final readonly class Handles
{
    private const BESIDE_MM = 60.0;

    /** @param  callable(float): float  $y  height above the room's floor to the drawing's y */
    private function __construct(private Facts $facts, private Levels $levels, private mixed $y)
    {
    }

    /**
     * @param  callable(float): float  $y
     * @return list<Handle>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(
        Facts $facts,
        DisplayTank $display,
        Levels $levels,
        ?SumpWater $sump,
        float $sumpX,
        callable $y,
    ): array {
        $at = new self($facts, $levels, $y);

        return array_values(
            array_filter([
                ...$at->tank($display),
                ...$at->waterways($display),
                ...$sump === null ? [] : $at->sump($sump, $sumpX),
            ]),
        );
    }

    /** @return list<Handle|null> */
    private function tank(DisplayTank $display): array
    {
        $length = $display->vessel->footprint->boxLengthMm();
        $middle = ($this->levels->displayBottomMm + $this->levels->rimMm) / 2;
        $sand = $this->levels->displayBottomMm + $display->vessel->floorMm + $this->facts->number(F::SandDepthMm);

        return [
            $this->facts->word(F::Shape) === 'rectangular' ? $this->on(F::LengthMm, $length, $middle, 'x', 1) : null,
            $this->on(F::HeightMm, $length * 0.5, $this->levels->displayBottomMm, 'y', 1),
            $this->on(F::SandDepthMm, $length * 0.72, $sand, 'y', -1),
            $this->facts->brief->has(F::WeirBelowRimMm)
                ? null
                : $this->on(F::WaterGapMm, $length * 0.3, $this->levels->rimMm - $display->runningBelowRimMm, 'y', 1),
            ...$this->lamps(),
            $this->facts->knows(F::LampAboveRimMm) &&
            array_filter(
                $this->facts->brief->lamps,
                fn (Lamp $l): bool => $l->over === null && $l->aboveRimMm !== null,
            ) === []
                ? $this->on(
                    F::LampAboveRimMm,
                    $length * 0.3,
                    $this->levels->rimMm + $this->facts->number(F::LampAboveRimMm),
                    'y',
                    -1,
                )
                : null,
        ];
    }

    /**
     * A grip on each lamp that hangs at a height of its own; those behind one another stand side by side.
     *
     * @return list<Handle>
     */
    private function lamps(): array
    {
        $handles = $at = [];
        $height = PlanTables::all()['lamps']->column('aboveRimMm');
        foreach (Section::lamps($this->facts) as $lamp) {
            $row = $lamp['row'];
            if (
                $row === null ||
                count(
                    array_filter(
                        $this->facts->brief->lamps,
                        fn (Lamp $l): bool => $l->over === null && $l->aboveRimMm !== null,
                    ),
                ) === 0
            ) {
                continue;
            }
            $place = (string) round($lamp['x'] / self::BESIDE_MM);
            $at[$place] = ($at[$place] ?? -1) + 1;
            $handles[] = new Handle(
                field: "lamps.{$row}.aboveRimMm",
                label: 'Height of lamp '.($row + 1),
                x: $lamp['x'] + $at[$place] * self::BESIDE_MM,
                y: ($this->y)($this->levels->rimMm + $lamp['aboveRimMm']),
                axis: 'y',
                sign: -1,
                valueMm: $lamp['aboveRimMm'],
                leastMm: $height->least,
                mostMm: $height->most,
            );
        }

        return $handles;
    }

    /** @return list<Handle|null> */
    private function waterways(DisplayTank $display): array
    {
        $length = $display->vessel->footprint->boxLengthMm();
        $wall = $display->vessel->wallMm;
        $box = $length - $wall - Section::BOX_MM;
        $return = $wall + Section::RETURN_MM;

        return [
            $this->belowRim(F::WeirBelowRimMm, $box),
            $this->belowRim(F::EmergencyBelowRimMm, $box + Section::BOX_MM * 0.74),
            $this->belowRim(F::OutletBelowRimMm, $return),
            $this->belowRim(F::BreakBelowRimMm, $return),
        ];
    }

    /** @return list<Handle|null> */
    private function sump(SumpWater $sump, float $sumpX): array
    {
        $floor = $this->levels->sumpInsideFloorMm;
        $right = $sumpX + $sump->vessel->footprint->boxLengthMm() - $sump->vessel->wallMm;
        $return = $sump->returnChamber();
        $handles = [
            $this->on(
                F::ReturnLevelMm,
                $right - $return->fromMm - $return->lengthMm * 0.5,
                $floor + $return->levelMm,
                'y',
                -1,
            ),
        ];
        foreach ($sump->chambers as $i => $chamber) {
            if ($chamber->baffleMm !== null) {
                $handles[] = new Handle(
                    field: "chambers.{$i}.baffleMm",
                    label: "Baffle behind {$chamber->name}",
                    x: $right - $chamber->fromMm - $chamber->lengthMm - 3,
                    y: ($this->y)($floor + $chamber->baffleMm),
                    axis: 'y',
                    sign: -1,
                    valueMm: $chamber->baffleMm,
                    leastMm: 20,
                    mostMm: $sump->rimMm,
                );
            }
        }

        return $handles;
    }

    private function belowRim(F $field, float $x): ?Handle
    {
        $below = $this->facts->brief->has($field) ? $this->facts->numberOrNone($field) : null;

        return $below === null ? null : $this->on($field, $x, $this->levels->rimMm - $below, 'y', 1);
    }

    private function on(F $field, float $x, float $zMm, string $axis, int $sign): Handle
    {
        $spec = PlanSheet::spec($field);

        return new Handle(
            field: $field->value,
            label: $spec->label,
            x: $x,
            y: ($this->y)($zMm),
            axis: $axis,
            sign: $sign,
            valueMm: $this->facts->number($field),
            leastMm: $spec->least,
            mostMm: $spec->most,
        );
    }
}
