<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Job;

/** When a fault is noticed, and when a capable person with a way in has acted (R-24, R-25, R-48). */
final readonly class Response
{
    /** To put a thing right once one stands before it. */
    public const FIX_MIN = 30.0;

    /** From the ring to the car: by day, by night. */
    public const DAY_MIN = 15.0;

    public const NIGHT_MIN = 45.0;

    private const DAY = [7.0, 22.0];

    private function __construct(
        /** Hours from the fault; null: nobody would notice. */
        public ?float $noticedH,
        /** Help has acted; null: nobody notices, or nobody gets in. */
        public ?float $actsH,
        public ?string $who,
        /** How it is noticed, or why not. */
        public string $how,
        /** Waits at the door for the key or the opening. */
        public bool $waitsAtDoor,
        /** The alarm's limit is reached after so many hours; 0 where it calls at once or a person looks. */
        public float $limitH = 0.0,
        /** The alarm whose limit nobody has entered: nobody can come sooner, and who knows when (R-48). */
        public ?string $needsLimitOf = null,
        /** The alarm it comes by; null: somebody looks. */
        public ?AlarmWay $via = null,
        public ?Called $called = null,
        /** How many of the chain could answer. */
        public int $reachable = 0,
        /** Whoever came waits for it. */
        public ?Job $waitsFor = null,
    ) {
    }

    /** @param  list<AlarmWay>  $alarms */
    public static function of(
        Hazard $hazard,
        Tonight $tank,
        array $alarms,
        Place $place,
        float $fixMin = self::FIX_MIN,
    ): self {
        $certain = $open = null;
        foreach ($alarms as $alarm) {
            $reached = $alarm->sees($hazard) ? $alarm->reachedAfterH($hazard, $tank) : null;
            $needs = $alarm->needsLimit($hazard, $tank);
            $way = $reached === null ? null : self::byAlarm($hazard, $alarm, $reached, $needs, $place, $fixMin);
            if ($way !== null && $needs) {
                $open = self::sooner($open, $way);
            } elseif ($way !== null) {
                $certain = self::sooner($certain, $way);
            }
        }
        $looks = $place->looks === [] ? null : min($place->looks);
        if ($looks !== null && $place->onCall !== null) {
            $certain = self::sooner($certain, self::act($hazard, $looks, $place->onCall, $place, 'somebody looks', $fixMin));
        }

        // What is certain counts; an alarm without its limit is only what might be, where nothing else is.
        return $certain ?? ($open ?? new self(null, null, null, self::whyNobody($hazard, $tank, $alarms), false));
    }

    /**
     * Every way somebody comes for certain, the soonest first: an alarm each, and somebody who looks. They are protections beside each
     * other; the same person may stand at the end of several.
     *
     * @param  list<AlarmWay>  $alarms
     * @return list<self>
     */
    public static function ways(
        Hazard $hazard,
        Tonight $tank,
        array $alarms,
        Place $place,
        float $fixMin = self::FIX_MIN,
    ): array {
        $ways = [];
        foreach ($alarms as $alarm) {
            $ways[] = self::of($hazard, $tank, [$alarm], $place->unseen()->withOnCall(null), $fixMin);
        }
        $ways[] = self::of($hazard, $tank, [], $place, $fixMin);
        $certain = array_values(array_filter($ways, fn (self $w): bool => $w->actsH !== null && $w->needsLimitOf === null));
        usort($certain, fn (self $a, self $b): int => ($a->actsH ?? INF) <=> ($b->actsH ?? INF));

        return $certain;
    }

    /** Between the limit, or the first sign, and help: what no limit changes. */
    public function afterLimitH(): ?float
    {
        return $this->actsH === null ? null : $this->actsH - $this->limitH;
    }

    private static function sooner(?self $one, self $other): self
    {
        return $one !== null && ($one->actsH ?? INF) <= ($other->actsH ?? INF) ? $one : $other;
    }

    private static function byAlarm(
        Hazard $hazard,
        AlarmWay $alarm,
        float $reachedH,
        bool $needsLimit,
        Place $place,
        float $fixMin,
    ): ?self {
        $minutes = 60 * $reachedH + $alarm->delayMin;
        foreach ($alarm->chain as $called) {
            $hour = fmod($place->hourOfDay + $minutes / 60, 24);
            if ($called->answers) {
                $heard = $hour >= self::DAY[0] && $hour < self::DAY[1] ? self::DAY_MIN : self::NIGHT_MIN;

                return self::act(
                    hazard: $hazard,
                    noticedH: ($minutes + $heard) / 60,
                    person: $called,
                    place: $place,
                    how: "{$alarm->name} calls {$called->name}",
                    fixMin: $fixMin,
                    limitH: $reachedH,
                    needsLimitOf: $needsLimit ? $alarm->name : null,
                    via: $alarm,
                );
            }
            $minutes += $called->stepMin;
        }

        return null;
    }

    private static function act(
        Hazard $hazard,
        float $noticedH,
        Called $person,
        Place $place,
        string $how,
        float $fixMin,
        float $limitH = 0.0,
        ?string $needsLimitOf = null,
        ?AlarmWay $via = null,
    ): self {
        $there = $noticedH + $person->travelMin / 60;
        $in = $person->hasKey ? $there : $place->nextOpen($there);
        $partH = $noticedH + $place->partAfterH($hazard);
        $ready = $in === null ? null : max($in, $partH);
        $acts = $ready === null || ! is_finite($ready) ? null : $ready + $fixMin / 60;

        return new self(
            noticedH: $noticedH,
            actsH: $acts,
            who: $person->name,
            how: $how,
            waitsAtDoor: $in === null || $in > $there + 1e-9,
            limitH: $limitH,
            needsLimitOf: $needsLimitOf,
            via: $via,
            called: $person,
            reachable: count(array_filter($via->chain ?? [$person], fn (Called $c): bool => $c->answers)),
            waitsFor: $in !== null && $partH > $in + 1e-9 ? $hazard->needsPart() : null,
        );
    }

    /** @param  list<AlarmWay>  $alarms */
    private static function whyNobody(Hazard $hazard, Tonight $tank, array $alarms): string
    {
        foreach ($alarms as $alarm) {
            if (! in_array($hazard, $alarm->watches, true) && $alarm->quantity?->notices($hazard) !== true) {
                continue;
            }
            if (! $alarm->tested) {
                return "{$alarm->name} is untested";
            }
            if ($hazard === Hazard::PowerCut && ! $alarm->onItsOwn) {
                return "{$alarm->name} dies with the power";
            }
            if ($alarm->reachedAfterH($hazard, $tank) === null) {
                return $alarm->quantity?->hasLimits() === true
                    ? "{$alarm->name}’s limit is never reached"
                    : "{$alarm->name} watches ".($alarm->quantity?->label() ?? 'something else');
            }

            return $alarm->chain === []
                ? "{$alarm->name} calls nobody"
                : "{$alarm->name} calls only ".
                        implode(' and ', array_map(fn (Called $c): string => $c->name, $alarm->chain)).
                        ', who cannot answer';
        }

        return 'no alarm sees it and nobody is recorded to look';
    }
}
