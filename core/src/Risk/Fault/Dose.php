<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Rate\Unsure;

/**
 * A dosing head that does not stop, or a reactor that runs away (R-2): alkalinity rises by 4 dKH, or pH to 8.8, if its vessel holds enough
 * (R-21); or one that stands still.
 */
final readonly class Dose
{
    private const MIN_A_DAY = 1440;

    public function __construct(
        public string $name,
        public float $systemL,
        public ?Liquid $liquid,
        public ?float $strengthMeqMl,
        public ?float $holdsMl,
        public ?float $mlPerMin,
        /** What its programme gives in a day, mL; null: nobody has said. */
        public ?float $mlDay = null,
        /** It has no vessel that somebody fills. */
        public bool $isReactor = false,
        public DoserLine $line = new DoserLine(),
        public DosedWater $water = new DosedWater(),
    ) {
    }

    /**
     * A reactor gives all day what the animals use. One that runs away (its gas does not stop, R-2) dissolves as much again: beyond the
     * use it gives what it gives at rest. Its media last for months, so no vessel ends it.
     *
     * @param  float|null  $mlPerMin  what leaves it at rest
     */
    public static function ofReactor(
        string $name,
        float $systemL,
        ?Liquid $liquid,
        ?float $strengthMeqMl,
        ?float $mlPerMin,
        DosedWater $water = new DosedWater(),
    ): self {
        return new self(
            name: $name,
            systemL: $systemL,
            liquid: $liquid,
            strengthMeqMl: $strengthMeqMl,
            holdsMl: PHP_FLOAT_MAX,
            mlPerMin: $mlPerMin,
            mlDay: $mlPerMin === null ? null : $mlPerMin * self::MIN_A_DAY,
            isReactor: true,
            water: $water,
        );
    }

    /** Nobody has said what it gives, or it brings alkalinity. */
    public function mayHarm(): bool
    {
        return $this->liquid === null || $this->liquid->dicPerMeq() !== null;
    }

    /**
     * So much of it at once harms, as soon as it may, mL; null: nobody has said how strong it is.
     *
     * @throws OutOfRange
     */
    public function harmsAtMl(): ?float
    {
        if ($this->strengthMeqMl === null || $this->strengthMeqMl <= 0) {
            return null;
        }
        $bears = Unsure::of($this->water->facts($this->liquid), $this->water->bearsMeqL(...));

        return ($bears->low * $this->systemL) / $this->strengthMeqMl;
    }

    public function holding(float $ml): self
    {
        return $this->isReactor ? $this : $this->with($ml, $this->line);
    }

    /** Its vessel stands no higher than its line ends: nothing falls through it by itself. */
    public function lowered(): self
    {
        return $this->isReactor ? $this : $this->with($this->holdsMl, $this->line->lowered());
    }

    /** A reactor has no vessel above it; of a head nobody has looked at, it may. */
    public function maySiphon(): bool
    {
        return ! $this->isReactor && $this->line->canSiphon() !== false;
    }

    /** Somebody has looked, and it does. */
    public function siphonsForSure(): bool
    {
        return ! $this->isReactor && $this->line->canSiphon() === true;
    }

    private function with(?float $holdsMl, DoserLine $line): self
    {
        return new self(
            name: $this->name,
            systemL: $this->systemL,
            liquid: $this->liquid,
            strengthMeqMl: $this->strengthMeqMl,
            holdsMl: $holdsMl,
            mlPerMin: $this->mlPerMin,
            mlDay: $this->mlDay,
            line: $line,
            water: $this->water,
        );
    }

    private function strength(): Span
    {
        return match (true) {
            $this->strengthMeqMl !== null => Span::sure($this->strengthMeqMl),
            $this->isReactor => Open::reactorMeqMl(),
            default => Open::strengthMeqMl(),
        };
    }

    /**
     * It runs on at what it gives.
     *
     * @throws OutOfRange
     */
    public function harm(): Harm
    {
        return $this->comes(match (true) {
            $this->mlPerMin !== null => Span::sure($this->mlPerMin),
            $this->isReactor => Open::reactorMlMin(),
            default => Open::headMlMin(),
        }, "what {$this->name} gives in a minute");
    }

    /**
     * Its head no longer closes the tube, and its vessel runs empty through it (C-58).
     *
     * @throws OutOfRange
     */
    public function siphons(): Harm
    {
        $mlMin = $this->line->siphonMlMin();
        $needs = $this->line->canSiphon() === null
            ? "whether the line of {$this->name} can siphon"
            : "the bore and the length of the line of {$this->name}";

        return $this->comes($mlMin === null ? Open::siphonMlMin() : Span::sure($mlMin), $needs);
    }

    /**
     * Whichever way it comes to too much; where nobody has looked whether its line can siphon, it may.
     *
     * @throws OutOfRange
     */
    public function soonest(): Harm
    {
        $runsOn = $this->harm();
        $siphons = $this->maySiphon() ? $this->siphons() : null;

        return $siphons !== null && ($siphons->hours ?? INF) < ($runsOn->hours ?? INF) ? $siphons : $runsOn;
    }

    /**
     * @param  string  $asks  for what comes in a minute
     *
     * @throws OutOfRange
     */
    private function comes(Span $mlMin, string $asks): Harm
    {
        $facts = [
            'strength' => $this->strength(),
            'holds' => $this->holdsMl === null ? Open::vesselMl() : Span::sure($this->holdsMl),
            'head' => $mlMin,
            ...$this->water->facts($this->liquid),
        ];
        $hours = Unsure::of($facts, $this->harmsAfterH(...));
        $byPh = $this->water->endsByPh(array_map(fn (Span $s): float => $s->likely, $facts));

        return Harm::open(
            $byPh ? 'pH' : 'alkalinity',
            $hours,
            $byPh ? Quantity::of(DosedWater::HARM_PH, Kind::Ph) : Quantity::of(DosedWater::HARM_DKH, Kind::Alkalinity),
            array_map(
                fn (string $fact): string => match ($fact) {
                    'strength' => "how strong is what {$this->name} gives",
                    'holds' => "what the vessel of {$this->name} holds",
                    'liquid' => "what {$this->name} gives",
                    'alk' => 'the water’s alkalinity',
                    'ph' => 'the water’s pH',
                    default => $asks,
                },
                $hours->narrows,
            ),
        );
    }

    /**
     * Beyond what is used in the meantime, if its vessel lasts so long.
     *
     * @param  array<string, float>  $facts
     *
     * @throws OutOfRange
     */
    private function harmsAfterH(array $facts): float
    {
        $usedMlMin = $this->isReactor ? 0.0 : ($this->mlDay ?? 0.0) / self::MIN_A_DAY;
        $beyondMlMin = $facts['head'] - $usedMlMin;
        if ($beyondMlMin <= 0) {
            return INF;
        }
        $minutes = ($this->water->bearsMeqL($facts) * $this->systemL) / $facts['strength'] / $beyondMlMin;

        return $minutes * $facts['head'] > $facts['holds'] ? INF : $minutes / 60;
    }

    /**
     * It gives nothing any more, and what it gave goes on being used: until alkalinity has fallen so far.
     *
     * @param  float  $fallDkh  what the corals bear
     */
    public function stops(float $fallDkh): Harm
    {
        $facts = [
            'strength' => $this->strength(),
            'day' => match (true) {
                $this->mlDay !== null => Span::sure($this->mlDay),
                $this->isReactor => Open::reactorMlMin()->times(self::MIN_A_DAY),
                default => Open::mlDay(),
            },
        ];
        $hours = Unsure::of($facts, function (array $f) use ($fallDkh): float {
            $dkhDay = ReadingUnit::DKH_PER_MEQ * $f['strength'] * $f['day'] / $this->systemL;

            return $dkhDay > 0 ? 24 * $fallDkh / $dkhDay : INF;
        });

        return Harm::open(
            'alkalinity',
            $hours,
            Quantity::of($fallDkh, Kind::Alkalinity),
            array_map(
                fn (string $fact): string => $fact === 'strength'
                    ? "how strong is what {$this->name} gives"
                    : "what {$this->name} gives in a day",
                $hours->narrows,
            ),
        );
    }
}
