<?php

declare(strict_types=1);

namespace App\Reports;

use App\Risk\Exposure;
use App\Risk\Night;
use App\Systems\System;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Hazard;

/** The page on the wall: what a client does first, each with this system's own hours and litres (B-73). */
final readonly class WhatToDoWhen
{
    /** @return list<array{what: string, words: string}> */
    public static function of(System $system, PlanAnswers $answers, Units $units): array
    {
        $harm = Exposure::query()
            ->where('system_id', $system->id)
            ->where('night', Night::Tonight->value)
            ->get()
            ->mapWithKeys(fn (Exposure $e): array => [$e->hazard->value => $e->harm_h])
            ->all();
        $hours = fn (Hazard $h): string => is_numeric($harm[$h->value] ?? null)
            ? ' Harm comes after about '.
                $units->show(Quantity::of((float) $harm[$h->value], Kind::Hours)).
                ' on a night like tonight.'
            : '';
        $down = $answers->figure('downL')?->quantity;

        return [
            [
                'what' => 'The power is out',
                'words' => ($down === null
                        ? ''
                        : $units->show($down).' run down into the sump and stay there: that is as it should be. ').
                    'Open nothing, feed nothing. Keep the water moving with the battery pump or a jug.'.
                    $hours(Hazard::PowerCut),
            ],
            [
                'what' => 'It is too warm',
                'words' => 'Pull the plugs of the heaters, open the lid, a fan across the surface. Call.'.
                    $hours(Hazard::HeaterStuckOn),
            ],
            [
                'what' => 'It is too cold',
                'words' => 'See whether the heaters have power. Cover the tank with a blanket. Never add hot water. Call.'.
                    $hours(Hazard::HeaterStuckOff),
            ],
            [
                'what' => 'Water on the floor',
                'words' => 'Dry hands only: if it has reached a plug, switch off at the fuse box, not at the plug. Then the '.
                    'return pump off, towels, call.',
            ],
            [
                'what' => 'No water comes back',
                'words' => 'Look whether the return pump has power and water. Switch it off before it runs dry. The stream '.
                    'pumps stay on. Call.',
            ],
            [
                'what' => 'Cloudy water, a smell, animals gasping',
                'words' => 'Stream pumps on full, skimmer on, feed nothing, add nothing from a bottle. Call at once.',
            ],
            [
                'what' => 'Somebody is stung, cut or unwell after touching it',
                'words' => 'Rinse, and see a doctor or the poison line; say that it is a marine aquarium. Some corals carry '.
                    'strong toxins: never scrub or heat rock.',
            ],
        ];
    }
}
