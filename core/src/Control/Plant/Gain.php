<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What one water gains and loses in one step, beside what flows. */
final class Gain
{
    public float $alkMeq = 0.0;

    public float $dicMmol = 0.0;

    public float $caMg = 0.0;

    public float $oxygenMg = 0.0;

    /** Litres whose oxygen goes to the air. */
    public float $oxygenAirL = 0.0;

    /** Litres whose carbon goes to the air. */
    public float $dicAirL = 0.0;
}
