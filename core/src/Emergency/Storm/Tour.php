<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Rounds\Spot;

/** The stops of one crew in order, with when it stands before each; what one stop more costs is told without driving all of it again. */
final readonly class Tour
{
    /** Where nobody put a place on the map, minutes. */
    private const UNKNOWN_MIN = 45.0;

    /** @var list<float> hours */
    public array $arrivesH;

    /** @var list<float> to each, h */
    private array $roadsH;

    /** What is lost at stops it reaches too late. */
    public float $loss;

    /** @var list<float> the latest hour somebody may arrive, by stop */
    private array $deadlinesH;

    /** @var list<float> when it sets out to a stop; after the last: for one more */
    private array $leavesH;

    /** @var list<Spot|null> from where */
    private array $from;

    /** @param  list<Exposed>  $stops */
    public function __construct(public array $stops, StormCrew $crew, float $leaveH)
    {
        $roads = $arrives = $deadlines = [];
        $leaves = [$leaveH + $crew->lateH];
        $from = [$crew->spot];
        $loss = 0.0;
        foreach ($stops as $i => $stop) {
            $road = self::roadH($from[$i], $stop);
            $at = $leaves[$i] + $road;
            $latest = $stop->deadlineH() ?? INF;
            $loss += $at > $latest ? $stop->loss : 0.0;
            $roads[] = $road;
            $arrives[] = $at;
            $deadlines[] = $latest;
            $leaves[] = $at + $stop->fixMin / 60;
            $from[] = $stop->spot ?? $from[$i];
        }
        $this->roadsH = $roads;
        $this->arrivesH = $arrives;
        $this->deadlinesH = $deadlines;
        $this->leavesH = $leaves;
        $this->from = $from;
        $this->loss = $loss;
    }

    /**
     * One stop more before the one at that place; nobody is reached sooner for it.
     *
     * @return array{0: float, 1: float} what that loses more, and the hour of the last arrival
     */
    public function with(Exposed $one, int $at): array
    {
        $arrivesH = $this->leavesH[$at] + self::roadH($this->from[$at], $one);
        $loss = $arrivesH > ($one->deadlineH() ?? INF) ? $one->loss : 0.0;
        $leavesH = $arrivesH + $one->fixMin / 60;
        $from = $one->spot ?? $this->from[$at];
        for ($i = $at; $i < count($this->stops); $i++) {
            $stop = $this->stops[$i];
            // Only what follows the new stop has another road to it; past a place on no map that is not the next one alone.
            $arrivesH = $leavesH + ($from === $this->from[$i] ? $this->roadsH[$i] : self::roadH($from, $stop));
            $loss += $arrivesH > $this->deadlinesH[$i] && $this->isInTime($i) ? $stop->loss : 0.0;
            $leavesH = $arrivesH + $stop->fixMin / 60;
            $from = $stop->spot ?? $from;
        }

        return [$loss, $arrivesH];
    }

    public function isInTime(int $at): bool
    {
        return $this->arrivesH[$at] <= $this->deadlinesH[$at];
    }

    /** On the road and into the house, h. */
    private static function roadH(?Spot $from, Exposed $to): float
    {
        return ($from === null || $to->spot === null ? self::UNKNOWN_MIN : $from->minutesTo($to->spot) + Spot::PARKING_MIN) / 60;
    }
}
