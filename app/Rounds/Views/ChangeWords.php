<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\ChangeReader;
use App\Rounds\Phrase;
use App\Systems\System;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;

/** What a change on this system must keep to, said before the hose is in: new water, sump only, refilling, minutes. */
final class ChangeWords
{
    /** @return list<string> */
    public static function of(System $system, float $litres, Units $units): array
    {
        $volume = $system->volumeL();
        $tank = ChangeReader::tank($system);
        $q = fn (float $v, Kind $k): Quantity => Quantity::of($v, $k);
        $say = fn (Phrase $says, array $parts): string => Sentence::of($says, $parts)->in($units);
        $words = [];
        if ($volume !== null && $volume > 0 && $tank !== null && $litres < $volume) {
            $share = $litres / $volume;
            $limits = ChangeReader::limits($system);
            $words[] = $say(
                Phrase::NewWaterFrom,
                [
                    'a' => $q($tank->tempC - $limits->tempC / $share, Kind::Temperature),
                    'b' => $q($tank->tempC + $limits->tempC / $share, Kind::Temperature),
                    'c' => $q(max(0.0, $tank->salinity - $limits->salinity / $share), Kind::Salinity),
                    'd' => $q(min(42.0, $tank->salinity + $limits->salinity / $share), Kind::Salinity),
                    'e' => $q($limits->tempC, Kind::TemperatureChange),
                    'f' => $q($limits->salinity, Kind::SalinityChange),
                ],
            );
        }
        if ($volume !== null && $volume > 0) {
            $words = [
                ...$words,
                ChangeReader::ages($system)->sentence()->in($units),
                ...self::jumps($system, $litres / $volume, $units),
            ];
        }
        $words[] = $say(Phrase::AtTakeEachWay, [
            'litres' => $q($litres, Kind::Volume),
            'flow' => $q(ChangeReader::flowLh($system), Kind::Flow),
            'minutes' => $q((60 * $litres) / ChangeReader::flowLh($system), Kind::Minutes),
        ]);
        $sump = ChangeReader::sump($system, $litres);
        if ($sump === null) {
            return $words;
        }
        $portions = $sump['sump']->portions($litres);
        $words[] = match (true) {
            $portions === null => $say(Phrase::TheSumpGivesNothing, []),
            $portions === 1 => $say(Phrase::FromTheSumpAlone, [
                'out' => $q($sump['sump']->outL, Kind::Volume),
            ]),
            default => $say(
                Phrase::FromTheSumpAloneItGives,
                ['out' => $q($sump['sump']->outL, Kind::Volume), 'n' => $q($portions, Kind::Count)],
            ),
        };
        $words[] = $say(Phrase::AboveTheRunningLevelTheSump, [
            'back' => $q($sump['sump']->backL, Kind::Volume),
        ]);
        $refill = $sump['refill'];
        if ($refill !== null && $refill->needsLh > 0) {
            $words[] = $refill->holds
                ? $say(
                    Phrase::RefillingWithTheReturn,
                    ['m' => $q($refill->minutesToWeir, Kind::Minutes), 's' => $q($refill->shutAfterMin, Kind::Minutes)],
                )
                : $say(
                    Phrase::RefillingWithTheReturnOnRuns,
                    [
                        'r' => $q(ceil($refill->needsLh), Kind::Flow),
                        'p' => $q(floor($refill->pumpLh ?? 0.0), Kind::Flow),
                    ],
                );
            $words[] = $say(
                Phrase::IfTheSumpsPartWentOut,
                ['all' => $q($refill->needsSumpFirstLh, Kind::Flow)],
            );
        }

        return $words;
    }

    /** @return list<string> what this system's mix moves, and where one change moves it too far (W-53) */
    private static function jumps(System $system, float $share, Units $units): array
    {
        $words = [];
        foreach (ChangeReader::jumps($system, $share) as $jump) {
            $parts = [
                'a' => Quantity::of($jump->before, $jump->parameter->kind()),
                'b' => Quantity::of($jump->after, $jump->parameter->kind()),
                'most' => Quantity::of($jump->mayMove ?? 0.0, $jump->parameter->differenceKind()),
                'what' => $jump->parameter->label(),
            ];
            $words[] = Sentence::of(
                $jump->isTooFar()
                    ? Phrase::GoesFromToWithThisMix
                    : Phrase::GoesFromToWithThisMix2,
                $parts,
            )->in($units);
        }

        return $words;
    }
}
