<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\OutOfRange;

/**
 * What the stand asks of the floor and the word for it (B-10, B-11): the uniform load with the same bending moment,
 * q = 8M/(b·L²), M = W·a·(L − a)/L·(1 − c/2L), against the allowance entered. A slab on the ground does not span:
 * there the mean pressure is compared.
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
     */
    private function __construct(
        public FloorWord $word,
        public array $reasons,
        public array $missing,
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
        public float $acrossM,
        /** The rule a Stop quotes: B-12 for an opened wall, else B-11. */
        public string $ruleOfStop,
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
        $load = $mass->totalKg() * Pipe::GRAVITY / 1000;
        $mean = $load / ($length * $width);
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
                throw OutOfRange::number(F::FromSupportMm->value, 1000 * $from, sprintf('at most half the span, %.0f: it is the nearer bearing', 500 * $span));
            }
            [$bending, $along, $across] = self::worst($load, $span, $from, $length, $width, $joists);
        } elseif (! $ground) {
            $missing = [F::SpanMm->value];
        }
        $asked = $ground ? $mean : $bending;
        $use = $asked !== null && $allowance !== null ? $asked / $allowance : null;
        [$reasons, $never, $rule] = self::engineerList($facts, $type, $joists, $mass->totalKg());
        if ($allowance === null) {
            $reasons[] = 'allowance unknown';
        }
        if ($missing !== []) {
            $reasons[] = 'span unknown';
        }
        if ($use !== null && $use > self::WITHIN) {
            $reasons[] = 'load near or over the allowance';
        }

        return new self(
            match (true) {
                $never || $use !== null && $use > self::NEVER => FloorWord::Never,
                $reasons !== [] => FloorWord::Ask,
                default => FloorWord::Within,
            },
            $reasons, $missing, $load, $length * $width, $mean, $bending, $use, $allowance, $ground, $span, $from, $along, $across, $rule,
        );
    }

    /**
     * Bending load with the joists along or across the stand; both are tried where that is unknown, and the worse stands.
     *
     * @return array{0: float, 1: float, 2: float} kPa, length along the joists, width across them
     */
    private static function worst(float $load, float $span, float $from, float $length, float $width, ?string $joists): array
    {
        $cases = match ($joists) {
            'parallel' => [[$length, $width]], 'across' => [[$width, $length]], default => [[$length, $width], [$width, $length]],
        };
        $worst = [0.0, 0.0, 0.0];
        foreach ($cases as [$along, $across]) {
            $along = min($along, 2 * $from);
            $moment = $load * $from * ($span - $from) / $span * (1 - $along / (2 * $span));
            $kpa = 8 * $moment / ($across * $span ** 2);
            $worst = $kpa > $worst[0] ? [$kpa, $along, $across] : $worst;
        }

        return $worst;
    }

    /** @return array{0: list<string>, 1: bool, 2: string} reasons, whether one of them is "never without", its rule */
    private static function engineerList(Facts $facts, string $type, ?string $joists, float $massKg): array
    {
        $reasons = [];
        $never = false;
        $rule = 'B-11';
        $heavy = $massKg > self::UPPER_FLOOR_KG;
        if ($facts->word(F::WallOpening) === 'yes') {
            $reasons[] = 'a wall is opened';
            $never = true;
            $rule = 'B-12';
        }
        if ($facts->word(F::Balcony) === 'yes') {
            $reasons[] = 'a balcony';
            $never = true;
        }
        if ($type === 'timber' && $joists === 'parallel') {
            $reasons[] = 'timber joists along the stand';
            $never = $never || $heavy;
        }
        if ($type === 'timber' && $joists === null) {
            $reasons[] = 'direction of the joists unknown';
        }
        if ($type === 'unknown') {
            $reasons[] = 'floor unknown';
        }
        $upper = $facts->knows(F::Storey) ? $facts->number(F::Storey) >= 1 : $type === 'timber' || $type === 'concrete';
        if ($upper && $heavy) {
            $reasons[] = 'a heavy load on an upper floor';
        }

        return [$reasons, $never, $rule];
    }
}
