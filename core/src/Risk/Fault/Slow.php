<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;

/** What harms over days, at the company's own times: darkness, a death nobody finds, an arrival that brings disease (R-10, R-15, R-17). */
final readonly class Slow
{
    private const HOURS_A_DAY = 24.0;

    /** Of what is usual, where nobody has counted the arrivals, it may be so many times more. */
    private const MAY_BE_TIMES = 3.0;

    /** @param  float|null  $arrivalsYear  animals a year that come without quarantine; 0: none; null: nobody has counted */
    public function __construct(private Rates $rates, private ?float $arrivalsYear = null)
    {
    }

    public static function assumed(): self
    {
        return new self(Rates::assumed());
    }

    public function dark(): Harm
    {
        return $this->afterDays('dark', Assumed::LampDays);
    }

    public function fouled(): Harm
    {
        $hours = $this->rates->of(Assumed::AmmoniaHours);

        return new Harm('ammonia', $hours, Quantity::of($hours, Kind::Hours), assumed: true);
    }

    /** How far alkalinity may fall while nothing is dosed, dKH. */
    public function doseFallDkh(): float
    {
        return $this->rates->of(Assumed::DoseFallDkh);
    }

    /** @return list<Harm> none where every animal is quarantined, or none comes */
    public function disease(): array
    {
        if ($this->arrivalsYear === 0.0) {
            return [];
        }
        $needs = $this->arrivalsYear === null ? ['how many animals a year come without quarantine'] : [];

        return [$this->afterDays('disease', Assumed::ArrivalDays, $needs)];
    }

    /** Times a year one of them brings disease. */
    public function diseaseRate(): Span
    {
        $each = $this->rates->of(Assumed::Arrival);
        if ($this->arrivalsYear !== null) {
            return Span::sure($each * $this->arrivalsYear);
        }
        $usual = $each * $this->rates->of(Assumed::ArrivalsYear);

        return Span::of(0.0, $usual, self::MAY_BE_TIMES * $usual);
    }

    /** @param  list<string>  $needs */
    private function afterDays(string $by, Assumed $what, array $needs = []): Harm
    {
        $days = $this->rates->of($what);

        return new Harm($by, self::HOURS_A_DAY * $days, Quantity::of($days, Kind::Days), assumed: true, needs: $needs);
    }
}
