<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The people who carry together, each with a limit of their own (M-26, UK guidance L23): the strongest go first. */
final class Gang
{
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
}
