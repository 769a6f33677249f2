<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\Phrase;
use App\Systems\System;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Water\MeasuredVolume;

/** The system's litres by timing a known flow until it is full (W-6). */
final class VolumeByFlow implements Sum
{
    public function title(): string
    {
        return 'Volume by flow';
    }

    public function why(): string
    {
        return 'At a fill: time a bucket for the flow, then the whole fill, rock and sand in place.';
    }

    public function fields(System $system): array
    {
        return [
            SumField::number('flowLh', 'Flow into it', Kind::Flow, 1, 1e5),
            SumField::number('minutes', 'Minutes until full', Kind::Count, 0.1, 1e5),
        ];
    }

    public function answer(array $given): array
    {
        $it = MeasuredVolume::byFlow((float) $given['flowLh'], (float) $given['minutes']);

        return [
            new SumLine(
                'measuredL',
                'Water in the system',
                Quantity::of($it->litres, Kind::Volume),
                Sentence::of(Phrase::AsGoodAsTheTimedBucket),
                $it->working,
            ),
        ];
    }
}
