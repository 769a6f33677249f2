<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

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

    /** @return list<Finding> */
    private static function weight(Truck $truck, Borne $borne): array
    {
        $found = [];
        if ($borne->kg > $truck->payloadKg + 1e-9) {
            $found[] = self::say(
                Severity::Stop,
                'truck-payload',
                'The truck would carry {kg}, it may carry {most}',
                'Crew counted. Its brakes and tyres are made for no more.',
                ['kg' => self::mass($borne->kg), 'most' => self::mass($truck->payloadKg)],
            );
        }
        if (abs($borne->leftShare - 0.5) > self::SIDES + 1e-9) {
            $found[] = self::say(
                Severity::Fix,
                'truck-sides',
                '{share} of the load is on the left',
                'It leans in every bend.',
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
                'Nobody can say yet what each axle bears',
                'It needs wheelbase, empty axle loads and how far the bulkhead is behind the front axle.',
            )];
        }
        $found = [];
        $axles = [['front', $borne->frontKg, $truck->frontMostKg], ['rear', $borne->rearKg, $truck->rearMostKg]];
        foreach ($axles as [$axle, $is, $most]) {
            if ($most !== null && $is > $most) {
                $found[] = self::say(
                    Severity::Stop,
                    'truck-axle',
                    'The {axle} axle would bear {kg}, it may bear {most}',
                    'The whole may be light enough and one axle not.',
                    ['axle' => $axle, 'kg' => self::mass($is), 'most' => self::mass($most)],
                    $axle,
                );
            }
        }
        if ($borne->frontKg < self::FRONT_SHARE * ($borne->frontKg + $borne->rearKg)) {
            $found[] = self::say(
                Severity::Stop,
                'truck-steers',
                'The front axle keeps only {kg}',
                'Under a fifth of the whole it no longer steers.',
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
                '{what} finds no place in the truck',
                'Upright, with nothing on animals, it does not go in.',
                ['what' => $one->label],
                $one->id,
            );
        }
        foreach ($blocked as [$animals, $behind]) {
            $found[] = self::say(
                Severity::Fix,
                'truck-blocked',
                '{animals} ride behind {other}',
                'Animals are reached without unloading.',
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
        string $what,
        string $why,
        array $parts = [],
        ?string $subject = null,
    ): Finding {
        return Finding::of(
            severity: $severity,
            rule: 'M-28',
            about: 'truck',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: Sentence::of('Take less, stow it otherwise, drive twice, or take another vehicle.'),
            subject: $subject,
        )->answering($code);
    }
}
