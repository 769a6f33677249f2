<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Risk\Rate\Span;

/** What is counted on while nobody has measured it: wide enough that the answer stays open (R-59). */
final class Open
{
    /** A top-off pump, L/h. */
    public static function topOffLh(): Span
    {
        return Span::of(5, 40, 120);
    }

    /** Room above the running level in a sump, L. */
    public static function roomL(): Span
    {
        return Span::of(0, 15, 60);
    }

    /** A top-off's store, L. */
    public static function storeL(): Span
    {
        return Span::of(10, 40, 200);
    }

    /** What a return can take before it runs dry, L. */
    public static function chamberL(): Span
    {
        return Span::of(3, 12, 60);
    }

    /** Evaporation of a day, as a share of the water. */
    public static function evaporatingShare(): Span
    {
        return Span::of(0.003, 0.01, 0.03);
    }

    /** A skimmer's cup, L. */
    public static function cupL(): Span
    {
        return Span::of(0.5, 1.5, 4);
    }

    /** A dosing head, mL/min. */
    public static function headMlMin(): Span
    {
        return Span::of(1, 50, 150);
    }

    /** Alkalinity of the water, meq/L: 7 to 11 dKH. */
    public static function alkMeqL(): Span
    {
        return Span::of(2.5, 3.0, 4.0);
    }

    /** pH of the water as a probe reads it, morning to evening. */
    public static function ph(): Span
    {
        return Span::of(7.9, 8.2, 8.5);
    }

    /** mmol of carbon that come with a meq of a liquid nobody has named. */
    public static function dicPerMeq(): Span
    {
        return Span::of(0.0, 0.5, 1.0);
    }

    /** What siphons through a dosing line, mL/min. */
    public static function siphonMlMin(): Span
    {
        return Span::of(10, 100, 400);
    }

    /** What leaves a reactor in a minute, mL. */
    public static function reactorMlMin(): Span
    {
        return Span::of(10, 50, 200);
    }

    /** What it brings beyond the tank’s own alkalinity, meq/mL: 8 to 56 dKH. */
    public static function reactorMeqMl(): Span
    {
        return Span::of(0.003, 0.008, 0.02);
    }

    /** A dosing vessel, mL. */
    public static function vesselMl(): Span
    {
        return Span::of(500, 1500, 5000);
    }

    /** What a head gives in a day, mL. */
    public static function mlDay(): Span
    {
        return Span::of(5, 40, 200);
    }

    /** Limewater, weak to clear and full, meq/mL. */
    public static function limewaterMeqMl(): Span
    {
        return Span::of(0.01, 0.035, 0.045);
    }

    /** Strength of what is dosed, meq/mL. */
    public static function strengthMeqMl(): Span
    {
        return Span::of(0.1, 1, 4);
    }
}
