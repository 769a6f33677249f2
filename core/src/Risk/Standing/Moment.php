<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Tonight;

/** One kind of moment a fault can come in: a winter night, with the household at home (R-55). */
final readonly class Moment
{
    /** Seven cold months, nine hours of night. */
    public const WINTER_NIGHT = (7 / 12) * (9 / 24);

    public const WINTER_DAY = (7 / 12) * (15 / 24);

    public const SUMMER_NIGHT = (5 / 12) * (9 / 24);

    public const SUMMER_DAY = (5 / 12) * (15 / 24);

    /**
     * @param  float  $share  of the year
     * @param  list<AlarmWay>  $alarms
     * @param  bool  $isWorstRoom  its room is the worst of the season, since nobody has said how warm it usually is
     */
    public function __construct(
        public float $share,
        public Tonight $tank,
        public Place $place,
        public array $alarms,
        public bool $isWorstRoom = false,
    ) {
    }

    /** The same in the mildest room it may usually stand in; null: how warm it usually is has been said. */
    public function milder(): ?self
    {
        return $this->isWorstRoom
            ? new self($this->share, $this->tank->with(roomC: $this->tank->mildestRoomC()), $this->place, $this->alarms)
            : null;
    }
}
