<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\FailureChance;
use Velbrin\Core\Risk\Phrase;

/** The rates in force: what the company has set, else what is assumed (R-20). */
final readonly class Rates
{
    /** Shorter power cuts nobody counts, h. */
    private const SHORTEST_OUTAGE_H = 1 / 12;

    /** @param  array<string, float>  $set  by the name of what is assumed */
    private function __construct(private array $set)
    {
    }

    public static function assumed(): self
    {
        return new self([]);
    }

    /**
     * @param  array<string, float>  $set  what the company has counted itself, by {@see Assumed}
     *
     * @throws OutOfRange on a name nobody knows, or a value beyond its bounds
     */
    public static function with(array $set): self
    {
        foreach ($set as $name => $value) {
            $known = Assumed::tryFrom($name);
            if ($known === null) {
                throw OutOfRange::field($name, Phrase::IsNotARate, Phrase::TheNameOfARate);
            }
            if (! is_finite($value) || $value < $known->least() || $value > $known->most()) {
                throw OutOfRange::number(
                    $name,
                    $value,
                    Phrase::LeastToMost,
                    ['least' => (string) $known->least(), 'most' => (string) $known->most()],
                );
            }
        }

        return new self($set);
    }

    public function of(Assumed $what): float
    {
        return $this->set[$what->value] ?? $what->usual();
    }

    /** The company has set it: it may be shown to a client. */
    public function isSet(Assumed $what): bool
    {
        return isset($this->set[$what->value]);
    }

    /** Years by which 63 % of such devices have failed; null: nobody counts them. */
    public function scaleYears(Job $job): ?float
    {
        $what = self::lifeOf($job);

        return $what === null ? null : $this->of($what);
    }

    /** Which life such a device is counted by; null: nobody counts them. */
    public static function lifeOf(Job $job): ?Assumed
    {
        return match ($job) {
            Job::Heater => Assumed::HeaterYears,
            Job::ReturnPump, Job::CirculationPump, Job::Chiller, Job::Fan => Assumed::PumpYears,
            Job::Skimmer => Assumed::SkimmerYears,
            Job::TopOff, Job::RoUnit => Assumed::TopOffYears,
            Job::Doser, Job::Reactor => Assumed::DoserYears,
            Job::FloatSwitch, Job::Valve => Assumed::SwitchYears,
            Job::Probe => Assumed::ProbeYears,
            Job::Controller => Assumed::ControllerYears,
            Job::Battery => Assumed::BatteryYears,
            Job::Light, Job::Uv => Assumed::LampYears,
            Job::Mixer, Job::Other => null,
        };
    }

    /**
     * Failures expected of one device in the next year, between what a new one and one as old as its system would have where nobody
     * knows its age.
     *
     * @throws OutOfRange
     */
    public function yearly(Job $job, ?float $ageYears, float $systemYears): ?Span
    {
        $scale = $this->scaleYears($job);
        if ($scale === null) {
            return null;
        }
        $chance = fn (float $age): float => FailureChance::of($age, 1.0, $scale, $this->of(Assumed::Shape));
        if ($ageYears !== null) {
            return Span::sure($chance($ageYears));
        }

        return Span::of($chance(0.0), $chance($systemYears / 2), $chance($systemYears));
    }

    /** Chance that a device proved good so long ago is dead by now, and nobody has seen it (R-57). @throws OutOfRange */
    public function hidden(Job $job, float $ageAtProofYears, float $sinceYears): float
    {
        $scale = $this->scaleYears($job);

        return $scale === null
            ? $this->of(Assumed::TypicalFails)
            : FailureChance::of($ageAtProofYears, $sinceYears, $scale, $this->of(Assumed::Shape));
    }

    /** Power cuts that last so long or longer, a year: one curve through the two that are known (R-58). */
    public function outagesOf(float $hours): float
    {
        $one = $this->of(Assumed::Outage1h);
        $twelve = min($one, $this->of(Assumed::Outage12h));
        $slope = log($one / $twelve) / log(12);

        return $one * max($hours, self::SHORTEST_OUTAGE_H) ** -$slope;
    }
}
