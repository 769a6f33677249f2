<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The people who carry together, each with a limit of their own (M-26, UK guidance L23): the strongest go first. */
final class Gang
{
    /** One who starts something rolling pushes so much at most (UK guidance L23), kg of force. */
    private const PUSH_KG = 20.0;

    /** Of its weight, on a floor that gives; assumed. */
    private const ROLLS = 0.04;

    /** Glass that rolls is steadied by a second one. */
    private const STEADIED_BY = 2;

    /**
     * The smallest team of those there; null: none of up to three carries it without an aid.
     *
     * @param  list<float>  $limitsKg  each person’s
     *
     * @throws OutOfRange
     */
    public static function of(float $kg, bool $stairs, array $limitsKg): ?int
    {
        Guard::positive('kg', $kg);
        rsort($limitsKg);
        foreach (CarryTeam::SHARE as $persons => $share) {
            if (count($limitsKg) < $persons) {
                break;
            }
            $team = array_sum(array_slice($limitsKg, 0, $persons)) * $share * ($stairs ? CarryTeam::ON_STAIRS : 1.0);
            if ($kg <= $team + 1e-9) {
                return $persons;
            }
        }

        return null;
    }

    /**
     * With a trolley under it; null: stairs take a carrier or a hoist, and whoever is trained for it.
     *
     * @throws OutOfRange
     */
    public static function withAid(float $kg, bool $stairs): ?int
    {
        Guard::positive('kg', $kg);

        return $stairs ? null : max(self::STEADIED_BY, (int) ceil($kg * self::ROLLS / self::PUSH_KG - 1e-9));
    }
}
