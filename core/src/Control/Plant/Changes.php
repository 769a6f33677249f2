<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What comes to and goes from each water in one step, beside what flows. The first of two is the display, the second the sump. */
final class Changes
{
    /** @var array{float, float} meq */
    public array $alk = [0.0, 0.0];

    /** @var array{float, float} mmol */
    public array $dic = [0.0, 0.0];

    /** @var array{float, float} mg */
    public array $ca = [0.0, 0.0];

    /** @var array{float, float} mg */
    public array $oxygen = [0.0, 0.0];

    /** @var array{float, float} litres whose oxygen goes to the air */
    public array $oxygenAirsL = [0.0, 0.0];

    /** @var array{float, float} litres whose carbon goes to the air */
    public array $dicAirsL = [0.0, 0.0];
}
