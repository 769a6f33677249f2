<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Harm;

/** A main drain is blocked while the return goes on (R-7): either the display overflows, or the return chamber is empty first. */
final readonly class Draining
{
    /**
     * @param  float  $headroomL  above the display's running level, up to its rim
     * @param  float  $chamberL  what the return can take before it runs dry
     * @param  float  $returnLh  what the return lifts
     * @param  float  $passedLh  what other drains still take, the emergency line left out
     * @param  float  $addsL  what a top-off brings after it
     *
     * @throws OutOfRange
     */
    public function __construct(
        public float $headroomL,
        public float $chamberL,
        public float $returnLh,
        public float $passedLh = 0.0,
        public float $addsL = 0.0,
    ) {
        Guard::notNegative('headroomL', $headroomL);
        Guard::notNegative('chamberL', $chamberL);
        Guard::notNegative('returnLh', $returnLh);
        Guard::notNegative('passedLh', $passedLh);
        Guard::notNegative('addsL', $addsL);
    }

    /** Hours until its water stands at the rim; null: the chamber is empty first, or the rest takes it all. */
    public function floodsH(): ?float
    {
        $rises = $this->returnLh - $this->passedLh;
        $isEmptyFirst = $this->chamberL + $this->addsL <= $this->headroomL;

        return $rises <= 0 || $isEmptyFirst ? null : $this->headroomL / $rises;
    }

    /** Hours until the return runs dry; null: the rest takes it all. */
    public function dryH(): ?float
    {
        $rises = $this->returnLh - $this->passedLh;

        return $rises <= 0 ? null : $this->chamberL / $rises;
    }

    /** On the floor, L. */
    public function floorL(): float
    {
        return $this->floodsH() === null ? 0.0 : $this->chamberL + $this->addsL - $this->headroomL;
    }

    /**
     * The return’s line comes off its pump: at once what it lifts is on the floor, until its chamber is empty; what siphons back from
     * the display comes on top of it.
     *
     * @return list<Harm>
     */
    public function lineOff(): array
    {
        $litres = $this->chamberL + $this->addsL;

        return $this->returnLh <= 0 || $litres <= 0 ? [] : [
            new Harm(by: 'floor', hours: 0.0, limit: Quantity::of($litres, Kind::Volume), spills: true),
            new Harm(by: 'dry pump', hours: $this->chamberL / $this->returnLh, limit: Quantity::of($this->chamberL, Kind::Volume)),
        ];
    }

    /** @return list<Harm> */
    public function harms(): array
    {
        $floods = $this->floodsH();
        $dry = $this->dryH();
        $harms = [];
        if ($floods !== null) {
            $litres = Quantity::of($this->floorL(), Kind::Volume);
            $harms[] = new Harm(by: 'floor', hours: $floods, limit: $litres, spills: true);
        }
        $harms[] = new Harm(by: 'dry pump', hours: $dry, limit: Quantity::of($this->chamberL, Kind::Volume));

        return $harms;
    }
}
