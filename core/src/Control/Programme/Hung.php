<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;

/** What hangs on an outlet. */
final readonly class Hung
{
    /**
     * @param  string|null  $strip  the strip the outlet belongs to
     * @param  string|null  $water  the vessel its device stands in
     * @param  float|null  $thermostatC  where it stops by itself, as somebody has tried; null: it does not, or nobody has tried
     * @param  float|null  $stripRatedW  what its strip carries; null: nobody has said
     * @param  float|null  $testedDaysAgo  since a battery was tried under load; null: never
     * @param  Liquid|null  $doses  what a head, a reactor or a valve gives; null: nothing, or nobody has said
     * @param  float|null  $fillsL  of a line from the mains: from its low level to its high one; null: nobody has said
     * @param  float|null  $spillTakesL  what tray, drain and overflow take; null: nobody has said
     * @param  DoserLine  $line  of a dosing head
     */
    public function __construct(
        public Job $job,
        public float $watts,
        public ?string $strip,
        public ?string $water,
        public bool $isLabelled,
        public ?float $thermostatC = null,
        public ?float $stripRatedW = null,
        public ?Liquid $doses = null,
        public ?float $testedDaysAgo = null,
        public ?float $fillsL = null,
        public ?float $spillTakesL = null,
        public DoserLine $line = new DoserLine(),
    ) {
    }
}
