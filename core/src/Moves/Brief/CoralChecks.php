<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Phrase;

/** Corals in a box stand by their footprint and touch nobody; large flesh rides by itself (M-4). */
final class CoralChecks
{
    /** Between one coral and the next, cm. */
    private const APART_CM = 2.0;

    /** Of the floor of a box that so many of them want, with room not to touch, m². */
    public static function floorM2(Animal $coral): float
    {
        return $coral->count * (($coral->lengthCm ?? 0.0) + self::APART_CM) ** 2 / 1e4;
    }

    /** @return list<Finding> */
    public static function of(MoveBrief $brief): array
    {
        $corals = array_filter($brief->animals, fn (Animal $a): bool => $a->isCoral);
        $unmeasured = array_filter($corals, fn (Animal $a): bool => $a->lengthCm === null);
        $found = $unmeasured === [] ? [] : [BoxChecks::say(
            Severity::Watch,
            'M-4',
            'move-coral-unmeasured',
            [Phrase::NobodyHasSaidHowFarAcross, Phrase::CoralsThatTouchSting, Phrase::MeasureThemAcross],
            ['animals' => implode(', ', array_map(fn (Animal $a): string => $a->label, $unmeasured))],
        )];
        foreach ($brief->boxes as $box) {
            array_push($found, ...self::inBox($box, array_values(array_filter($brief->in($box), fn (Animal $a): bool => $a->isCoral))));
        }

        return $found;
    }

    /**
     * @param  list<Animal>  $corals
     * @return list<Finding>
     */
    private static function inBox(Box $box, array $corals): array
    {
        $found = [];
        $wanted = array_sum(array_map(self::floorM2(...), $corals));
        if ($wanted > $box->floorM2() + 1e-9) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-4',
                'move-corals-touch',
                [Phrase::CoralsWantMoreFloor, Phrase::CoralsThatTouchSting, Phrase::AnotherBoxForSomeOfThem],
                [
                    'box' => $box->label,
                    'wanted' => Quantity::of($wanted, Kind::Area),
                    'floor' => Quantity::of($box->floorM2(), Kind::Area),
                ],
                $box->id,
            );
        }
        foreach (count($corals) > 1 ? $corals : [] as $coral) {
            if ($coral->isFleshy) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-4',
                    'move-not-alone',
                    [Phrase::AnimalSharesBox, Phrase::LargeFleshTearsOnItsNeighbours, Phrase::ABoxOfItsOwn],
                    ['animal' => $coral->label, 'box' => $box->label],
                    $coral->id,
                );
            }
        }

        return $found;
    }
}
