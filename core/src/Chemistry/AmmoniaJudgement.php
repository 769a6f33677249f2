<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * A reading of total ammonia wherever animals live, judged by its free part (C-59): band or no band. Without pH, temperature and
 * salinity read within a day the worst that the regime allows is counted, and that is said.
 */
final readonly class AmmoniaJudgement
{
    /** From here on one acts, mg/L NH₃-N. */
    public const ACT_MG_L = FreeAmmonia::ACT_MG_L;

    /** From here on it is a Stop until a re-test is lower, mg/L NH₃-N. */
    public const STOP_MG_L = 0.05;

    /** A pH, temperature or salinity counts this long beside a reading of ammonia. */
    public const FRESH_DAYS = 1.0;

    /** Highest pH inside the bands of a marine tank, probe. */
    public const WORST_PH = 8.4;

    private function __construct(
        public float $totalMgL,
        public float $freeMgL,
        /** pH, temperature and salinity the free part was worked out with. */
        public float $ph,
        public float $tempC,
        public float $salinity,
        /** @var list<string> which of them nobody had read within a day */
        public array $assumed,
        public Finding $finding,
    ) {
    }

    /**
     * @param  float  $totalMgL  total ammonia as N
     * @param  float|null  $ph  probe, read within a day; null: none
     * @param  float  $worstTempC  warmest inside the regime's band
     * @param  float  $leastSalinity  lowest inside it: it raises the free share
     *
     * @throws OutOfRange
     */
    public static function of(
        float $totalMgL,
        ?float $ph,
        ?float $tempC,
        ?float $salinity,
        float $worstTempC,
        float $leastSalinity,
    ): self {
        $assumed = array_keys(
            array_filter(['pH' => $ph === null, 'temperature' => $tempC === null, 'salinity' => $salinity === null]),
        );
        $ph ??= self::WORST_PH;
        $tempC ??= $worstTempC;
        $salinity ??= $leastSalinity;
        $free = FreeAmmonia::mgL($totalMgL, $ph, $tempC, $salinity);

        return new self(
            $totalMgL,
            $free,
            $ph,
            $tempC,
            $salinity,
            $assumed,
            self::finding($totalMgL, $free, $ph, $tempC, $salinity, $assumed),
        );
    }

    public function asksToAct(): bool
    {
        return $this->finding->severity !== Severity::Fine;
    }

    public function isStop(): bool
    {
        return $this->finding->severity === Severity::Stop;
    }

    /** @param  list<string>  $assumed */
    private static function finding(
        float $total,
        float $free,
        float $ph,
        float $tempC,
        float $salinity,
        array $assumed,
    ): Finding {
        $parts = [
            'free' => Quantity::of($free, Kind::Concentration)->apartFrom(self::ACT_MG_L, self::STOP_MG_L),
            'total' => Quantity::of($total, Kind::Concentration),
            'ph' => Quantity::of($ph, Kind::Ph),
            'temp' => Quantity::of($tempC, Kind::Temperature),
            'salinity' => Quantity::of($salinity, Kind::Salinity),
            'act' => Quantity::of(self::ACT_MG_L, Kind::Concentration),
            'stop' => Quantity::of(self::STOP_MG_L, Kind::Concentration),
            'assumed' => implode(' and ', $assumed),
        ];
        $rests =
            $assumed === []
                ? Phrase::InAllAtPHAnd
                : Phrase::InAllNotReadWithin;
        [$severity, $what, $acts, $remedy] = match (true) {
            $free >= self::STOP_MG_L => [
                Severity::Stop,
                Phrase::FreeAmmoniaChangeWaterNow,
                Phrase::FromOnGillsBurn,
                Phrase::ChangeAsMuchAsTheAnswer,
            ],
            $free >= self::ACT_MG_L => [
                Severity::Fix,
                Phrase::FreeAmmoniaActToday,
                Phrase::OneActsAt,
                Phrase::ChangeAsMuchAsTheAnswerSays,
            ],
            default => [Severity::Fine, Phrase::FreeAmmonia, Phrase::OneActsAt, null],
        };
        $basis = $assumed === [] ? Basis::Measured : Basis::Assumed;

        return Finding::of(
            $severity,
            'C-59',
            Parameter::Ammonia->value,
            Sentence::of($what, $parts),
            Sentence::joined(Sentence::of($rests, $parts), Sentence::of($acts, $parts)),
            $remedy === null ? null : Sentence::of($remedy),
            $basis,
        );
    }
}
