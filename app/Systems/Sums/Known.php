<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemBrief;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\OutOfRange;

/** What the record already says of a thing a sum asks for; null where it says nothing. */
final class Known
{
    public static function reading(System $system, Parameter $parameter): ?float
    {
        return StoredJudgement::for($system, $parameter)?->latest;
    }

    public static function fact(System $system, PlanField $field): ?float
    {
        $facts = Facts::of(SystemBrief::read($system));

        return $facts->knows($field) ? $facts->numberOrNone($field) : null;
    }

    /** A figure of the record's own answers, in the core's unit. */
    public static function figure(System $system, string $key): ?float
    {
        return Plan::answer(SystemBrief::read($system))->figure($key)?->quantity?->value;
    }

    public static function bedM2(System $system): ?float
    {
        try {
            return DisplayTank::of(Facts::of(SystemBrief::read($system)))->vessel->insideAreaM2();
        } catch (Missing|OutOfRange) {
            return null;
        }
    }
}
