<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Phrase;

/** What is wrong with a loaded vehicle: too heavy, an axle, a side, something left over, animals that cannot be reached. */
final readonly class StowageFindings
{
    /** Of the whole, the front axle keeps so much, or it no longer steers. */
    private const FRONT_SHARE = 0.2;

    /** The left half may bear so much more or less than half. */
    private const SIDES = 0.1;

    /**
     * @param  list<Cargo>  $left
     * @param  list<array{0: string, 1: string}>  $blocked
     * @return list<Finding> worst first
     */
    public static function of(Truck $truck, Borne $borne, array $left, array $blocked): array
    {
        return Finding::sorted([
            ...self::weight($truck, $borne),
            ...self::axles($truck, $borne),
            ...self::places($left, $blocked),
        ]);
    }

    /** The same of a further vehicle, which is named. */
    public static function in(?string $vehicle, Finding $found): Finding
    {
        if ($vehicle === null) {
            return $found;
        }

        return Finding::of(
            severity: $found->severity,
            rule: $found->rule,
            about: $found->about,
            what: Sentence::joined(Sentence::of(Phrase::InVehicle, ['vehicle' => $vehicle]), $found->what),
            why: $found->why,
            remedy: $found->remedy,
            subject: $found->subject === null ? $vehicle : "{$vehicle}:{$found->subject}",
        )->answering((string) $found->code);
    }

    /** @return list<Finding> */
    private static function weight(Truck $truck, Borne $borne): array
    {
        $found = [];
        if ($borne->kg > $truck->payloadKg + 1e-9) {
            $found[] = self::say(
                Severity::Stop,
                'truck-payload',
                Phrase::TheTruckWouldCarry,
                Phrase::CrewCountedItsBrakesAndTyres,
                ['kg' => self::mass($borne->kg), 'most' => self::mass($truck->payloadKg)],
            );
        }
        if (abs($borne->leftShare - 0.5) > self::SIDES + 1e-9) {
            $found[] = self::say(
                Severity::Fix,
                'truck-sides',
                Phrase::OfTheLoad,
                Phrase::ItLeansInEveryBend,
                ['share' => Quantity::of(100 * $borne->leftShare, Kind::Percent)],
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function axles(Truck $truck, Borne $borne): array
    {
        if ($borne->frontKg === null || $borne->rearKg === null) {
            return [self::say(
                Severity::Watch,
                'truck-axles-unknown',
                Phrase::NobodyCanSayYet,
                Phrase::ItNeedsWheelbase,
            )];
        }
        $found = [];
        $axles = [['front', $borne->frontKg, $truck->frontMostKg], ['rear', $borne->rearKg, $truck->rearMostKg]];
        foreach ($axles as [$axle, $is, $most]) {
            if ($most !== null && $is > $most) {
                $found[] = self::say(
                    Severity::Stop,
                    'truck-axle',
                    Phrase::TheAxleWouldBear,
                    Phrase::TheWholeMayBeLightEnough,
                    ['axle' => $axle, 'kg' => self::mass($is), 'most' => self::mass($most)],
                    $axle,
                );
            }
        }
        if ($borne->frontKg < self::FRONT_SHARE * ($borne->frontKg + $borne->rearKg)) {
            $found[] = self::say(
                Severity::Stop,
                'truck-steers',
                Phrase::TheFrontAxleKeepsOnly,
                Phrase::UnderAFifthOfTheWhole,
                ['kg' => self::mass($borne->frontKg)],
            );
        }

        return $found;
    }

    /**
     * @param  list<Cargo>  $left
     * @param  list<array{0: string, 1: string}>  $blocked
     * @return list<Finding>
     */
    private static function places(array $left, array $blocked): array
    {
        $found = [];
        foreach ($left as $one) {
            $found[] = self::say(
                Severity::Stop,
                'truck-no-place',
                Phrase::FindsNoPlaceInTheTruck,
                Phrase::UprightWithNothingOnAnimals,
                ['what' => $one->label],
                $one->id,
            );
        }
        foreach ($blocked as [$animals, $behind]) {
            $found[] = self::say(
                Severity::Fix,
                'truck-blocked',
                Phrase::RideBehind,
                Phrase::AnimalsAreReachedWithoutUnloading,
                ['animals' => $animals, 'other' => $behind],
                $animals,
            );
        }

        return $found;
    }

    private static function mass(float $kg): Quantity
    {
        return Quantity::of($kg, Kind::Mass);
    }

    /** @param  array<string, Quantity|string>  $parts */
    private static function say(
        Severity $severity,
        string $code,
        Phrase $what,
        Phrase $why,
        array $parts = [],
        ?string $subject = null,
    ): Finding {
        return Finding::of(
            severity: $severity,
            rule: 'M-28',
            about: 'truck',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: Sentence::of(Phrase::TakeLessStowItOtherwiseDrive),
            subject: $subject,
        )->answering($code);
    }
}
