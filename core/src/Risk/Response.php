<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** When a fault is noticed, and when a capable person with a way in has acted (R-24, R-25). */
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
    ) {
    }

    /** @param  list<AlarmWay>  $alarms */
    public static function of(Hazard $hazard, array $alarms, Place $place, float $fixMin = self::FIX_MIN): self
    {
        $best = null;
        foreach ($alarms as $alarm) {
            $way = $alarm->sees($hazard) ? self::byAlarm($alarm, $place, $fixMin) : null;
            $best = $way !== null && ($best === null || ($way->actsH ?? INF) < ($best->actsH ?? INF)) ? $way : $best;
        }
        $looks = $place->looks === [] ? null : min($place->looks);
        if ($looks !== null && $place->onCall !== null) {
            $way = self::act($looks, $place->onCall, $place, 'somebody looks', $fixMin);
            $best = $best === null || ($way->actsH ?? INF) < ($best->actsH ?? INF) ? $way : $best;
        }

        return $best ?? new self(null, null, null, self::whyNobody($hazard, $alarms), false);
    }

    private static function byAlarm(AlarmWay $alarm, Place $place, float $fixMin): ?self
    {
        $minutes = $alarm->delayMin;
        foreach ($alarm->chain as $called) {
            $hour = fmod($place->hourOfDay + $minutes / 60, 24);
            if ($called->answers) {
                return self::act(($minutes + ($hour >= self::DAY[0] && $hour < self::DAY[1] ? self::DAY_MIN : self::NIGHT_MIN)) / 60, $called, $place, "{$alarm->name} calls {$called->name}", $fixMin);
            }
            $minutes += $called->stepMin;
        }

        return null;
    }

    private static function act(float $noticedH, Called $person, Place $place, string $how, float $fixMin): self
    {
        $there = $noticedH + $person->travelMin / 60;
        $in = $person->hasKey ? $there : $place->nextOpen($there);

        return new self($noticedH, $in === null ? null : $in + $fixMin / 60, $person->name, $how, $in === null || $in > $there + 1e-9);
    }

    /** @param  list<AlarmWay>  $alarms */
    private static function whyNobody(Hazard $hazard, array $alarms): string
    {
        foreach ($alarms as $alarm) {
            if (! in_array($hazard, $alarm->watches, true)) {
                continue;
            }
            if (! $alarm->tested) {
                return "{$alarm->name} is untested";
            }
            if ($hazard === Hazard::PowerCut && ! $alarm->onItsOwn) {
                return "{$alarm->name} dies with the power";
            }

            return $alarm->chain === [] ? "{$alarm->name} calls nobody" : "{$alarm->name} calls only ".implode(' and ', array_map(fn (Called $c): string => $c->name, $alarm->chain)).', who cannot answer';
        }

        return 'no alarm sees it and nobody is recorded to look';
    }
}
