<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\Phrase;
use App\Systems\System;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Vessel\SandBed;

/** Depths measured through the glass, as the sand to bring (W-4). */
final class SandToBring implements Sum
{
    public function title(): string
    {
        return 'Sand to bring';
    }

    public function why(): string
    {
        return 'Measure the depth at three to five points along the panes. Never stir a standing bed.';
    }

    public function fields(System $system): array
    {
        $fields = [
            SumField::number('areaM2', 'Area of the bed', Kind::Area, 0.01, 100, Known::bedM2($system)),
            SumField::number(
                'aimMm',
                'Depth wanted',
                Kind::Length,
                0,
                400,
                Known::fact($system, PlanField::SandDepthMm),
            ),
            SumField::choice('sand', 'Sand', ['dry' => 'dry, 1.5 kg a litre', 'live' => 'bagged live, 1.7 kg a litre']),
        ];
        foreach (['left front', 'middle front', 'right front', 'left back', 'right back'] as $i => $place) {
            $fields[] = SumField::number(
                key: 'depth'.($i + 1),
                label: 'Depth, '.$place,
                kind: Kind::Length,
                least: 0,
                most: 400,
                known: null,
                hint: '',
                optional: $i > 2,
            );
        }

        return $fields;
    }

    public function answer(array $given): array
    {
        $depths = [];
        for ($i = 1; $i <= 5; $i++) {
            if (isset($given["depth{$i}"])) {
                $depths[] = (float) $given["depth{$i}"];
            }
        }
        $bed = SandBed::short(
            (float) $given['areaM2'],
            $depths === [] ? [0.0] : $depths,
            (float) $given['aimMm'],
            $given['sand'] === 'live' ? SandBed::LIVE_KG_L : SandBed::DRY_KG_L,
        );

        return [
            new SumLine('mean', 'Mean depth now', Quantity::of($bed->meanMm, Kind::Length)),
            new SumLine(
                'kg',
                'Bring',
                Quantity::of($bed->kgShort, Kind::Mass),
                Sentence::of(Phrase::TheChangeGoes),
                $bed->working,
            ),
            new SumLine('litres', 'That is, poured', Quantity::of($bed->litresShort, Kind::Volume)),
        ];
    }
}
