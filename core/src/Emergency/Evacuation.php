<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Moves\Brief\Box;
use Velbrin\Core\Moves\Brief\BoxAnswer;
use Velbrin\Core\Moves\Brief\Boxing;
use Velbrin\Core\Moves\ContainerHours;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Seawater\Seawater;

/**
 * If they have to go (E-9): who is caught in which order into which box, how long each box holds, how often it is read, and when they go
 * back. Boxes are of the usual size, foam, with a lid, filled from the tank.
 */
final readonly class Evacuation
{
    /** Of water in each box; inside 550 × 350 mm, so it stands 210 mm high. */
    public const BOX_L = 40.0;

    private const INSIDE_MM = 550.0;

    /** Box and tank are this near when its animals go back. */
    public const NEAR_K = 1.0;

    /** To catch one fish, to lift one coral, to fill a box: minutes, house values. */
    private const FISH_MIN = 3.0;

    private const CORAL_MIN = 1.0;

    private const BOX_MIN = 5.0;

    /** Where nobody has read it: the evening’s, at which ammonia harms most. */
    private const PH = 8.5;

    private const FREE_MG_L = AmmoniaJudgement::STOP_MG_L;

    /** Read so often that a box is looked at four times before it ends. */
    private const LOOKS = 4;

    private const READ_MIN = [10, 60];

    private const STEP_MIN = 5;

    /**
     * @param  list<EvacuationBox>  $boxes  in the order they are filled
     * @param  list<string>  $unboxed  kinds too large for such a box, or that nobody has measured
     */
    private function __construct(
        public array $boxes,
        public array $unboxed,
        /** Until the last is boxed, h. */
        public float $catchH,
        /** The shortest of them, without air, h; null: no box ends. */
        public ?float $holdH,
        public int $readEveryMin,
        public Sentence $return,
    ) {
    }

    /**
     * @param  list<Animal>  $animals
     * @param  float|null  $ph  as a probe read it last
     *
     * @throws OutOfRange
     */
    public static function of(array $animals, Tonight $tank, ?float $ph): self
    {
        $boxing = Boxing::of($animals, self::BOX_L, self::INSIDE_MM, $tank->setpointC, $tank->salinity);
        $boxes = array_map(fn (array $ids): EvacuationBox => self::box(self::named($animals, $ids), $tank, $ph), $boxing->boxes);
        // What breathes most runs out of air first, in the tank too; corals after every fish.
        usort($boxes, fn (EvacuationBox $a, EvacuationBox $b): int => $b->demandMgH <=> $a->demandMgH);
        $ends = array_filter(array_map(fn (EvacuationBox $b): ?float => $b->hours(), $boxes), is_float(...));
        $holdH = $ends === [] ? null : min($ends);
        $minutes = count($boxes) * self::BOX_MIN;
        foreach ($animals as $animal) {
            $minutes += $animal->count * ($animal->isCoral ? self::CORAL_MIN : self::FISH_MIN);
        }

        return new self(
            boxes: $boxes,
            unboxed: array_map(fn (Animal $a): string => $a->label, self::named($animals, $boxing->left)),
            catchH: $minutes / 60,
            holdH: $holdH,
            readEveryMin: self::readEveryMin($holdH),
            return: Sentence::of(Phrase::BackInWhen, [
                'low' => Quantity::of($tank->lowC, Kind::Temperature),
                'high' => Quantity::of($tank->highC, Kind::Temperature),
                'near' => Quantity::of(self::NEAR_K, Kind::TemperatureChange),
            ]),
        );
    }

    /**
     * @param  list<Animal>  $animals
     * @param  list<string>  $ids
     * @return list<Animal>
     */
    private static function named(array $animals, array $ids): array
    {
        return array_values(array_filter($animals, fn (Animal $a): bool => in_array($a->id, $ids, true)));
    }

    /**
     * @param  list<Animal>  $animals
     *
     * @throws OutOfRange
     */
    private static function box(array $animals, Tonight $tank, ?float $ph): EvacuationBox
    {
        usort($animals, fn (Animal $a, Animal $b): int => ($b->lengthCm ?? 0.0) <=> ($a->lengthCm ?? 0.0));
        $demand = 0.0;
        foreach ($animals as $animal) {
            if (! $animal->isCoral && $animal->lengthCm !== null) {
                $demand += $animal->count * AnimalDemand::mgH(AnimalDemand::grams($animal->lengthCm, $animal->isDeep), $tank->setpointC);
            }
        }
        $warmH = self::warmH($tank);
        if ($demand <= 0) {
            return new EvacuationBox($animals, 0.0, null, $warmH);
        }
        $hours = ContainerHours::of(
            litres: self::BOX_L,
            demandMgH: $demand,
            oxygenStartMgL: BoxAnswer::STIRRED * Seawater::at($tank->salinity, $tank->setpointC)->oxygenSatMgL(),
            oxygenMinMgL: BoxAnswer::LEAST_MG_L,
            airHours: 0.0,
            totalStartMgL: 0.0,
            ph: $ph ?? self::PH,
            tempC: $tank->setpointC,
            salinity: $tank->salinity,
            freeLimitMgL: self::FREE_MG_L,
            uaWK: 0,
            startC: $tank->setpointC,
            airC: $tank->setpointC,
            lowerC: -100,
            upperC: null,
        );
        $ends = array_filter([$hours->ammoniaH, $warmH], is_float(...));

        return new EvacuationBox($animals, $demand, min($hours->oxygenH, ...$ends), min($ends));
    }

    /** Until a closed box in that room leaves what they bear; null: never. @throws OutOfRange */
    private static function warmH(Tonight $tank): ?float
    {
        $box = new Box(
            id: 'usual',
            label: 'usual',
            litres: self::BOX_L,
            wall: BoxWall::Foam,
            lengthMm: 600,
            widthMm: 400,
            heightMm: 320,
            tareKg: 2.0,
            airLMin: 0.0,
            airHours: null,
            inCabin: true,
        );
        $until = fn (float $limitC, LimitSide $side): ?float => TemperatureCourse::of(
            volumeL: self::BOX_L,
            uaWK: BoxWall::Foam->passes(false) * $box->outsideM2(),
            powerW: 0,
            evaporationW: 0,
            roomC: $tank->roomC,
            startC: $tank->setpointC,
            hours: 0,
            limitC: $limitC,
            limitSide: $side,
        )->hoursToLimit;

        return $until($tank->lowC, LimitSide::Lower) ?? $until($tank->highC, LimitSide::Upper);
    }

    private static function readEveryMin(?float $holdH): int
    {
        [$least, $most] = self::READ_MIN;
        if ($holdH === null) {
            return $most;
        }
        $quarter = self::STEP_MIN * (int) floor((60 * $holdH) / self::LOOKS / self::STEP_MIN);

        return max($least, min($most, $quarter));
    }
}
