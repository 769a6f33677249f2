<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\OutOfRange;

/** The line from a dosing vessel to the water (C-58): one that falls all the way, without a break for air, can siphon. */
final readonly class DoserLine
{
    private const ML_PER_L = 1000;

    private const MIN_PER_H = 60;

    /**
     * @param  float|null  $aboveMm  the vessel’s level over the line’s outlet; negative: below it; null: nobody has looked
     * @param  bool|null  $hasBreak  a working break lets air in at its highest point; an end that hangs free is none
     * @param  float|null  $boreMm  inside the tube, 1 to 300
     */
    public function __construct(
        public ?float $aboveMm = null,
        public ?bool $hasBreak = null,
        public ?float $boreMm = null,
        public ?float $lengthM = null,
    ) {
    }

    /** As it would be with its vessel set as high as the line’s end, and no higher. */
    public function lowered(): self
    {
        return new self(min(0.0, $this->aboveMm ?? 0.0), $this->hasBreak, $this->boreMm, $this->lengthM);
    }

    /** Null: nobody has said enough. */
    public function canSiphon(): ?bool
    {
        return match (true) {
            $this->hasBreak === true, $this->aboveMm !== null && $this->aboveMm <= 0 => false,
            $this->hasBreak === false && $this->aboveMm !== null => true,
            default => null,
        };
    }

    /**
     * What comes once a head no longer closes its tube; null: the tube was never measured.
     *
     * @throws OutOfRange
     */
    public function siphonMlMin(): ?float
    {
        if ($this->canSiphon() === false) {
            return 0.0;
        }
        if ($this->aboveMm === null || $this->boreMm === null || $this->lengthM === null) {
            return null;
        }
        $tube = Pipe::of($this->boreMm, $this->lengthM, 0.0);

        return (DrainCapacity::siphon($tube, $this->aboveMm / 1000) * self::ML_PER_L) / self::MIN_PER_H;
    }
}
