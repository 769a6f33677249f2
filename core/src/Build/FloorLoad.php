<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/**
 * What the stand asks of the floor and the word for it (B-10, B-11): the uniform load with the same bending moment,
 * q = 8M/(b·L²), M = W·a·(L − a)/L·(1 − c/2L), against the allowance entered. A slab on the ground does not span:
 * there the mean pressure is compared. The load spreads over the footprint, not over the box round it (B-95): the strip of floor
 * that bears most lies under the footprint’s longest run along the joists, so b is the area over that run.
 */
final readonly class FloorLoad
{
    public const WITHIN = 0.8;

    public const NEVER = 1.5;

    /** Above this an upper floor always goes to an engineer, kg. */
    public const UPPER_FLOOR_KG = 500.0;

    /**
     * @param  list<string>  $reasons  why an engineer is asked, in words
     * @param  list<string>  $missing  plan fields the bending load waits for
     * @param  list<string>  $unknown  facts of the floor and building that put an engineer on the list by being unknown
     */
    private function __construct(
        /** The word for all of it, an opened wall included. */
        public FloorWord $word,
        /** The word for the floor alone; an opened wall is a question of its own (B-12). */
        public FloorWord $floorAlone,
        public array $reasons,
        public array $missing,
        public array $unknown,
        public float $loadKn,
        public float $footprintM2,
        public float $meanKpa,
        public ?float $bendingKpa,
        /** Load asked ÷ allowance entered; null while either is unknown. */
        public ?float $use,
        public ?float $allowanceKpa,
        public bool $bearsOnGround,
        public float $spanM,
        public float $fromSupportM,
        public float $alongM,
        /** Footprint over its longest run along the joists. */
        public float $acrossM,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts, PlanMass $mass): self
    {
        $footprint = DisplayTank::vessel($facts)->footprint;
        $length = $footprint->boxLengthMm() / 1000;
        $width = $footprint->boxWidthMm() / 1000;
        $load = ($mass->totalKg() * Pipe::GRAVITY) / 1000;
        $area = $footprint->outerAreaM2();
        $mean = $load / $area;
        $type = $facts->word(F::FloorType);
        $joists = $facts->knows(F::Joists) ? $facts->word(F::Joists) : null;
        $ground = $type === 'slab';
        $allowance = $facts->knows(F::AllowanceKpa) ? $facts->number(F::AllowanceKpa) : null;
        $span = $from = $along = $across = 0.0;
        $bending = null;
        $missing = [];
        if (! $ground && $facts->knows(F::SpanMm)) {
            $span = $facts->number(F::SpanMm) / 1000;
            $from = $facts->number(F::FromSupportMm) / 1000;
            if ($from > $span / 2 + 1e-9) {
                throw OutOfRange::number(
                    F::FromSupportMm->value,
                    1000 * $from,
                    Phrase::AtMostHalfTheSpan,
                    [
                        'limit' => Quantity::of(500 * $span, Kind::Length),
                    ],
                );
            }
            [$bending, $along, $across] = self::worst($load, $area, $span, $from, $length, $width, $joists);
        } elseif (! $ground) {
            $missing = [F::SpanMm->value];
        }
        $asked = $ground ? $mean : $bending;
        $use = $asked !== null && $allowance !== null ? $asked / $allowance : null;
        [$reasons, $never] = self::engineerList($facts, $type, $joists, $mass->totalKg());
        if ($allowance === null) {
            $reasons[F::AllowanceKpa->value] = 'allowance unknown';
        }
        if ($missing !== []) {
            $reasons[F::SpanMm->value] = 'span unknown';
        }
        if ($use !== null && $use > self::WITHIN) {
            $reasons[] = 'load near or over the allowance';
        }
        $alone = match (true) {
            $never || ($use !== null && $use > self::NEVER) => FloorWord::Never,
            $reasons !== [] => FloorWord::Ask,
            default => FloorWord::Within,
        };

        return new self(
            word: self::isWallOpened($facts) ? FloorWord::Never : $alone,
            floorAlone: $alone,
            reasons: [...self::isWallOpened($facts) ? ['a wall is opened'] : [], ...array_values($reasons)],
            missing: $missing,
            unknown: array_values(array_filter(array_keys($reasons), is_string(...))),
            loadKn: $load,
            footprintM2: $area,
            meanKpa: $mean,
            bendingKpa: $bending,
            use: $use,
            allowanceKpa: $allowance,
            bearsOnGround: $ground,
            spanM: $span,
            fromSupportM: $from,
            alongM: $along,
            acrossM: $across,
        );
    }

    /**
     * Bending load with the joists along or across the stand; both are tried where that is unknown, and the worse stands.
     *
     * @return array{0: float, 1: float, 2: float} kPa, length along the joists, width across them
     */
    private static function worst(
        float $load,
        float $area,
        float $span,
        float $from,
        float $length,
        float $width,
        ?string $joists,
    ): array {
        $runs = match ($joists) {
            'parallel' => [$length],
            'across' => [$width],
            default => [$length, $width],
        };
        $worst = [0.0, 0.0, 0.0];
        foreach ($runs as $run) {
            $across = $area / $run;
            // Only what stands between the bearings bends it.
            $along = min($run, 2 * $from);
            $moment = (($load * $from * ($span - $from)) / $span) * (1 - $along / (2 * $span));
            $kpa = (8 * $moment) / ($across * $span ** 2);
            $worst = $kpa > $worst[0] ? [$kpa, $along, $across] : $worst;
        }

        return $worst;
    }

    private static function isWallOpened(Facts $facts): bool
    {
        return $facts->brief->has(F::WallOpening) && $facts->word(F::WallOpening) === 'yes';
    }

    /**
     * What sends a floor to the engineer whatever it carries (B-11). A fact of the building that nobody entered is on the list too,
     * but not on a slab on the ground at storey 0 (B-95).
     *
     * @return array{0: array<int|string, string>, 1: bool} reasons, under the fact that is unknown; whether one of them is "never without"
     */
    private static function engineerList(Facts $facts, string $type, ?string $joists, float $massKg): array
    {
        $isHeavy = $massKg > self::UPPER_FLOOR_KG;
        $storey = $facts->knows(F::Storey) ? $facts->number(F::Storey) : null;
        $isUpper = $storey !== null ? $storey >= 1 : $type === 'timber' || $type === 'concrete';
        $isOnGround = $type === 'slab' && $storey === 0.0;
        $balcony = $facts->brief->has(F::Balcony) ? $facts->word(F::Balcony) : null;
        $isAlongTimber = $type === 'timber' && $joists === 'parallel';
        $knowsWalls = $isOnGround || $facts->brief->has(F::WallOpening);
        $reasons = array_filter([
            F::WallOpening->value => $knowsWalls ? null : 'nobody has said whether a wall is opened',
            F::Balcony->value => $balcony === null && ! $isOnGround ? 'nobody has said whether it is a balcony' : null,
            F::FloorType->value => $type === 'unknown' ? 'floor unknown' : null,
            F::Joists->value => $type === 'timber' && $joists === null ? 'direction of the joists unknown' : null,
            F::Storey->value => $type === 'slab' && $storey === null ? 'storey unknown' : null,
            $balcony === 'yes' ? 'a balcony' : null,
            $isAlongTimber ? 'timber joists along the stand' : null,
            $isUpper && $isHeavy ? 'a heavy load on an upper floor' : null,
        ]);

        return [$reasons, $balcony === 'yes' || ($isAlongTimber && $isHeavy)];
    }
}
