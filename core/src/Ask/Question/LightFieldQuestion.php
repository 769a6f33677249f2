<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Light\Fixture;
use Velbrin\Core\Light\LightField;
use Velbrin\Core\Measure\OutOfRange;

final class LightFieldQuestion implements Question
{
    public function line(): string
    {
        return 'PAR at points in the water under lamps (B-50)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::rows(
                'fixtures',
                'lamps, pointing down',
                Input::of(
                    Field::number('xMm', 'mm'),
                    Field::number('yMm', 'mm'),
                    Field::number('aboveWaterMm', 'mm', above: 0),
                    Field::number('ppf', 'µmol/s', 0),
                    Field::number('halfAngleDeg', 'axis to half intensity', 1, 89),
                ),
            ),
            Field::rows(
                'points',
                'where',
                Input::of(
                    Field::number('xMm', 'mm'),
                    Field::number('yMm', 'mm'),
                    Field::number('depthMm', 'mm under the surface', 0),
                ),
            ),
            Field::number('attenuationPerM', 'of the water, a metre', 0),
            Field::number('surfaceLoss', 'share', 0, 1, default: LightField::SURFACE_LOSS),
        );
    }

    public function output(): array
    {
        return [Field::numbers('par', 'µmol/m²/s, by point')];
    }

    public function answer(Given $given): array
    {
        $fixtures = array_map(
            fn (int $i, Given $f): Fixture => self::at(
                "fixtures.{$i}.",
                fn (): Fixture => Fixture::of(
                    $f->number('xMm'),
                    $f->number('yMm'),
                    $f->number('aboveWaterMm'),
                    $f->number('ppf'),
                    $f->number('halfAngleDeg'),
                ),
            ),
            array_keys($given->rows('fixtures')),
            $given->rows('fixtures'),
        );

        return [
            'par' => array_map(
                fn (int $i, Given $p): float => self::at(
                    "points.{$i}.",
                    fn (): float => LightField::par(
                        $fixtures,
                        $p->number('xMm'),
                        $p->number('yMm'),
                        $p->number('depthMm'),
                        $given->number('attenuationPerM'),
                        $given->number('surfaceLoss'),
                    ),
                ),
                array_keys($given->rows('points')),
                $given->rows('points'),
            ),
        ];
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     *
     * @throws OutOfRange naming the row’s field
     */
    private static function at(string $row, callable $make): mixed
    {
        try {
            return $make();
        } catch (OutOfRange $e) {
            throw $e->as($row.$e->field);
        }
    }
}
