<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Animals go from one water into another (L-54): nothing leaves what is isolated (L-51), and what receives them has to bear them. */
final class Transfer
{
    /** House value, assumed: grams of fish to the litre a settled system is planned with. */
    public const MOST_G_L = 1.0;

    /** @return list<Finding> worst first; none: nothing stands against it */
    public static function findings(Water $from, Water $to, Lot $lot): array
    {
        return Finding::sorted([...self::isolation($from), ...self::load($to, $lot)]);
    }

    /** @return list<Finding> */
    private static function isolation(Water $from): array
    {
        return $from->isIsolated ? [self::say(
            Severity::Stop,
            'L-51',
            'livestock-isolated',
            [Phrase::FromIsIsolated, Phrase::WhatLeavesTakesItAlong, Phrase::LiftItFirst],
            ['water' => $from->name],
        )] : [];
    }

    /** @return list<Finding> */
    private static function load(Water $to, Lot $lot): array
    {
        if ($lot->kind !== AnimalKind::Fish) {
            return [];
        }
        $grams = $lot->grams();
        $needs = array_values(array_filter([
            $to->litres === null ? 'its litres' : null,
            $to->fishG === null ? 'how long each fish in it is' : null,
            $grams === null ? "how long {$lot->name} is" : null,
        ]));
        if ($to->litres === null || $to->fishG === null || $grams === null) {
            return [self::say(
                Severity::Watch,
                'L-54',
                'livestock-load-unknown',
                [Phrase::NobodyCanSayTheLoad, Phrase::ItNeeds, Phrase::AskForWhatIsMissing],
                ['water' => $to->name, 'needs' => implode(', ', $needs)],
            )];
        }
        $perL = ($to->fishG + $grams) / $to->litres;

        return $perL <= self::MOST_G_L + 1e-9 ? [] : [self::say(
            Severity::Watch,
            'L-54',
            'livestock-load',
            [Phrase::FishToTheLitreThere, Phrase::MoreThanUsual, Phrase::MoreWaterOrFewerFish],
            ['water' => $to->name, 'grams' => number_format($perL, 2), 'most' => number_format(self::MOST_G_L, 1)],
        )];
    }

    /**
     * @param  array{0: Phrase, 1: Phrase, 2: Phrase}  $words
     * @param  array<string, string>  $parts
     */
    private static function say(Severity $severity, string $rule, string $code, array $words, array $parts): Finding
    {
        return Finding::of(
            severity: $severity,
            rule: $rule,
            about: 'livestock',
            what: Sentence::of($words[0], $parts),
            why: Sentence::of($words[1], $parts),
            remedy: Sentence::of($words[2], $parts),
        )->answering($code);
    }
}
