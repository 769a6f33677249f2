<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Acclimation;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Course\Breaks;
use Velbrin\Core\Moves\Course\CrewNeeded;
use Velbrin\Core\Moves\Course\Drop;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\Load\Cargo;
use Velbrin\Core\Moves\Load\Fleet;
use Velbrin\Core\Moves\OldWater;
use Velbrin\Core\Moves\WaterJump;

/** Everything that can be said of a move from what is known of it; what cannot is named. */
final readonly class MoveAnswers
{
    /**
     * @param  list<BoxAnswer>  $boxes
     * @param  array<string, BoxTemperature|null>  $warmth  by box with animals; null: nobody has said how cold it is
     * @param  list<string>  $missing  what the course still needs
     * @param  list<Drop>  $drops
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public MoveBrief $brief,
        public array $boxes,
        public array $warmth,
        public ?Work $work,
        public ?Timetable $day,
        public array $missing,
        public array $drops,
        public ?Fleet $fleet,
        public ?WaterJump $jump,
        public ?Acclimation $acclimation,
        public ?HoldingCare $holding,
        public ?float $oldMostL,
        public array $findings,
        /** So few of those who come would do for the shortest window; null: all of them are too few, or nobody can say. */
        public ?int $crewNeeded = null,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(MoveBrief $brief): self
    {
        $boxes = array_map(fn (Box $b): BoxAnswer => BoxAnswer::of($brief, $b), $brief->boxes);
        $limits = [];
        foreach ($boxes as $box) {
            $limits += $box->lastsMin() === null ? [] : [$box->box->id => $box->lastsMin()];
        }
        [$work, $missing] = Stages::of($brief, $limits);
        $unrested = $work === null ? null : Timetable::of($work);
        $crewNeeded = $work === null || $unrested === null || $brief->people === [] ? null : CrewNeeded::of($work, $unrested);
        [$work, $day] = $work === null || $unrested === null ? [null, null] : Breaks::planned($work, $unrested);
        $warmth = [];
        foreach ($brief->boxes as $box) {
            $in = $brief->in($box);
            $from = array_filter($in, fn (Animal $a): bool => $a->isCoral) === [] ? 'fish' : 'corals';
            if ($day !== null && $in !== [] && isset($day->plan->starts[$from])) {
                $warmth[$box->id] = Warmth::of($brief, $box, $day, $from);
            }
        }
        $cargo = self::cargo($brief);
        $fleet = $brief->vehicles() === [] ? null : Fleet::of($brief->vehicles(), $cargo, $brief->rides());
        $jump = WaterAnswer::of($brief->waters);
        $holding = self::holding($brief);
        $oldMostL = $fleet === null ? null : OldWater::mostL(
            $fleet->payloadKg(),
            $fleet->crewKg() + array_sum(array_map(fn (Cargo $c): float => $c->kg, $cargo)),
        );

        $found = [
            ...($day->findings ?? []),
            ...HandsHours::of($brief, $work, $day),
            ...Wheel::findings($brief),
            ...($fleet?->findings() ?? []),
            ...BoxChecks::of($brief, $boxes, $warmth, $day),
            ...CoralChecks::of($brief),
            ...PieceChecks::of($brief, $day),
            ...MoveChecks::of($brief, $jump, $holding, $oldMostL),
            ...MoveChecks::unsaid($brief, $missing),
        ];

        return new self(
            brief: $brief,
            boxes: $boxes,
            warmth: $warmth,
            work: $work,
            day: $day,
            missing: $missing,
            drops: $work === null || $day === null ? [] : Drop::offers($work, $day),
            fleet: $fleet,
            jump: $jump,
            acclimation: CourseOfAnimals::of($brief),
            holding: $holding,
            oldMostL: $oldMostL,
            findings: Finding::sorted([...$found, ...MoveChecks::stopsWithoutPlanB($brief, $found)]),
            crewNeeded: $crewNeeded,
        );
    }

    /** @return list<Cargo> what rides; what is needed first outside leaves first, animals before all */
    private static function cargo(MoveBrief $brief): array
    {
        $cargo = [];
        foreach ($brief->kind->drives() ? $brief->boxes : [] as $box) {
            if (! $box->inCabin) {
                $cargo[] = new Cargo(
                    id: $box->id,
                    label: $box->label,
                    lengthMm: $box->lengthMm,
                    widthMm: $box->widthMm,
                    heightMm: $box->heightMm,
                    kg: $box->kg(),
                    leaves: $box->leaves ?? 0,
                    isAlive: $brief->in($box) !== [],
                );
            }
        }
        foreach ($brief->kind->drives() ? $brief->pieces : [] as $piece) {
            if ($piece->isSized()) {
                $cargo[] = new Cargo(
                    id: $piece->id,
                    label: $piece->label,
                    lengthMm: (float) $piece->lengthMm,
                    widthMm: (float) $piece->widthMm,
                    heightMm: (float) $piece->heightMm,
                    kg: (float) $piece->kg,
                    leaves: $piece->leaves ?? match ($piece->kind) {
                        PieceKind::Stand => 2,
                        PieceKind::Tank, PieceKind::Sump => 3,
                        default => 1,
                    },
                    bears: $piece->kind->bears(),
                );
            }
        }

        return $cargo;
    }

    private static function holding(MoveBrief $brief): ?HoldingCare
    {
        $old = $brief->waters->old;
        $litres = $brief->holding->litres;
        $demand = 0.0;
        foreach ($brief->animals as $animal) {
            if (! $animal->isCoral && $animal->lengthCm !== null) {
                $demand += $animal->count * AnimalDemand::mgH(
                    AnimalDemand::grams($animal->lengthCm, $animal->isDeep),
                    $old['temperature'] ?? 25.0,
                );
            }
        }
        if ($litres === null || $demand <= 0 || ! isset($old['ph'], $old['temperature'], $old['salinity'])) {
            return null;
        }

        return HoldingCare::of(
            litres: $litres,
            demandMgH: $demand,
            ph: $old['ph'],
            tempC: $old['temperature'],
            salinity: $old['salinity'],
            cleared: min(1.0, $brief->holding->cleared),
            everyH: $brief->holding->everyH,
        );
    }
}
