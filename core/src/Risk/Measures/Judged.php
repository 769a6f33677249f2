<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Standing\HazardRow;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Standing\Year;

/** What measures make of a system: the register they would leave, worked out like the one that stands (R-63). */
final class Judged
{
    /** @var array<string, HazardRow|null> by hazard and measures: a set is asked after again and again */
    private array $known = [];

    /** @param  list<Moment>  $moments */
    public function __construct(
        private readonly Standing $standing,
        private readonly array $moments,
        private readonly Rates $rates,
    ) {
    }

    /**
     * Yearly loss of one hazard under those measures; 0 where it cannot happen, or nobody said what is at stake.
     *
     * @param  list<MeasureKind>  $measures
     *
     * @throws OutOfRange
     */
    public function loss(Hazard $hazard, array $measures): float
    {
        return $this->row($hazard, $measures)?->loss->likely ?? 0.0;
    }

    /**
     * Times a year it does harm under those measures.
     *
     * @param  list<MeasureKind>  $measures
     *
     * @throws OutOfRange
     */
    public function harms(Hazard $hazard, array $measures): float
    {
        return $this->row($hazard, $measures)->harms->likely ?? 0.0;
    }

    /**
     * The same system without its controller (R-33): heaters on their own thermostats, alarms that do not hang on it, nothing to fall
     * silent, no guards. Null: none drives it.
     *
     * @throws OutOfRange
     */
    public function withoutController(): ?self
    {
        if ($this->standing->setUps === []) {
            return null;
        }
        $moments = array_map(
            fn (Moment $m): Moment => new Moment(
                $m->share,
                $m->tank->waterside === null ? $m->tank : $m->tank->with(waterside: $m->tank->waterside->withoutHead()),
                $m->place,
                array_values(array_filter($m->alarms, fn (AlarmWay $a): bool => ! $a->hangsOnController())),
            ),
            $this->moments,
        );

        return new self($this->standing->withoutController(), $moments, $this->rates);
    }

    /**
     * A year of it: loss, or harms where nobody said what is at stake.
     *
     * @param  list<MeasureKind>  $measures
     *
     * @throws OutOfRange
     */
    public function year(bool $inMoney, array $measures = []): float
    {
        $sum = 0.0;
        foreach (Hazard::cases() as $hazard) {
            $sum += $inMoney ? $this->loss($hazard, $measures) : $this->harms($hazard, $measures);
        }

        return $sum;
    }

    /**
     * As it stands, kept simple, and layered (R-32).
     *
     * @return array{School, School, School}
     *
     * @throws OutOfRange
     */
    public function schools(bool $inMoney): array
    {
        $bare = $this->withoutController();
        $plain = array_values(array_filter(($bare ?? $this)->fitting(), fn (MeasureKind $k): bool => $k->addsDevices() === 0));

        return [
            new School(School::STANDS, $this->year($inMoney), [], 0.0, 0),
            ($bare ?? $this)->school(School::SIMPLE, $inMoney, $plain, -count($this->standing->setUps)),
            $this->school(School::LAYERED, $inMoney, $this->fitting(), 0),
        ];
    }

    /**
     * @param  list<MeasureKind>  $measures
     *
     * @throws OutOfRange
     */
    private function school(string $name, bool $inMoney, array $measures, int $devices): School
    {
        return new School(
            $name,
            $this->year($inMoney, $measures),
            $measures,
            array_sum(array_map(fn (MeasureKind $k): float => $k->upkeepMin(), $measures)),
            $devices + array_sum(array_map(fn (MeasureKind $k): int => $k->addsDevices(), $measures)),
        );
    }

    /** @return list<MeasureKind> that would change anything here */
    public function fitting(): array
    {
        $moment = $this->moments[0] ?? null;

        return $moment === null
            ? []
            : array_values(array_filter(MeasureKind::cases(), fn (MeasureKind $k): bool => $k->fits($this->standing, $moment)));
    }

    /**
     * The hazards a measure changes, for better or worse: by itself, or once everything else is there (some only help together).
     *
     * @return list<Hazard>
     *
     * @throws OutOfRange
     */
    public function touched(MeasureKind $measure): array
    {
        $all = $this->fitting();
        $others = array_values(array_filter($all, fn (MeasureKind $k): bool => $k !== $measure));

        return array_values(
            array_filter(
                $measure->mayTouch(),
                fn (Hazard $h): bool => $this->differs($h, [$measure], []) || $this->differs($h, $all, $others),
            ),
        );
    }

    /**
     * @param  list<MeasureKind>  $one
     * @param  list<MeasureKind>  $other
     */
    private function differs(Hazard $hazard, array $one, array $other): bool
    {
        return abs($this->harms($hazard, $one) - $this->harms($hazard, $other)) > 1e-12
            || abs($this->loss($hazard, $one) - $this->loss($hazard, $other)) > 1e-9;
    }

    /** @param  list<MeasureKind>  $measures */
    private function row(Hazard $hazard, array $measures): ?HazardRow
    {
        $names = array_map(fn (MeasureKind $k): string => $k->value, $measures);
        sort($names);
        $key = $hazard->value.'|'.implode(',', $names);
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->worked($hazard, $measures);
        }

        return $this->known[$key];
    }

    /** @param  list<MeasureKind>  $measures */
    private function worked(Hazard $hazard, array $measures): ?HazardRow
    {
        $standing = $this->standing;
        $moments = $this->moments;
        foreach ($measures as $measure) {
            $standing = $measure->onStanding($standing, $this->rates);
            $moments = array_map($measure->onMoment(...), $moments);
        }

        return Year::hazard($hazard, $standing, $moments, $this->rates);
    }
}
