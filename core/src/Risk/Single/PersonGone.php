<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Response;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\TimeToHarm;

/** One person who would come taken away: ill, asleep, with a flat battery (X-22, X-48). Others are called after the same steps. */
final readonly class PersonGone
{
    /** @param  list<LaterHelp>  $later  hazards whose help comes later, what harms soonest first */
    private function __construct(public string $name, public array $later)
    {
    }

    /**
     * @return list<self> each who is called or on call and could answer, whoever is missed most first
     *
     * @throws OutOfRange
     */
    public static function each(Moment $moment): array
    {
        $harms = self::harms($moment);
        $gone = array_map(
            fn (string $name): self => new self($name, self::later($name, $moment, $harms)),
            self::names($moment),
        );
        usort($gone, fn (self $a, self $b): int => [count($b->tooLate()), count($b->later)] <=> [count($a->tooLate()), count($a->later)]);

        return $gone;
    }

    /** @return list<LaterHelp> in time with them, too late or nobody without */
    public function tooLate(): array
    {
        return array_values(array_filter($this->later, fn (LaterHelp $l): bool => $l->wasInTime() && ! $l->isInTime()));
    }

    /** @return list<string> */
    private static function names(Moment $moment): array
    {
        $names = [];
        foreach (self::called($moment) as $called) {
            if ($called->answers) {
                $names[$called->name] = $called->name;
            }
        }

        return array_values($names);
    }

    /** @return list<Called> */
    private static function called(Moment $moment): array
    {
        $chains = array_map(fn (AlarmWay $a): array => $a->chain, $moment->alarms);

        return array_merge(array_filter([$moment->place->onCall]), ...$chains);
    }

    /**
     * @return list<array{0: Hazard, 1: float}> hours to the first harm
     *
     * @throws OutOfRange
     */
    private static function harms(Moment $moment): array
    {
        $harms = [];
        foreach (Hazard::cases() as $hazard) {
            $hours = array_filter(
                array_map(fn (Harm $h): ?float => $h->hours, TimeToHarm::of($hazard, $moment->tank)),
                fn (?float $h): bool => $h !== null,
            );
            if ($hours !== []) {
                $harms[] = [$hazard, min($hours)];
            }
        }
        usort($harms, fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $harms;
    }

    /**
     * @param  list<array{0: Hazard, 1: float}>  $harms
     * @return list<LaterHelp>
     */
    private static function later(string $name, Moment $moment, array $harms): array
    {
        $place = self::placeWithout($name, $moment);
        $alarms = array_map(fn (AlarmWay $a): AlarmWay => $a->calling(self::without($name, $a->chain)), $moment->alarms);
        $later = [];
        foreach ($harms as [$hazard, $harmH]) {
            $with = Response::of($hazard, $moment->tank, $moment->alarms, $moment->place)->actsH;
            $without = Response::of($hazard, $moment->tank, $alarms, $place)->actsH;
            if ($with !== null && ($without === null || $without > $with)) {
                $later[] = new LaterHelp($hazard, $harmH, $with, $without);
            }
        }

        return $later;
    }

    /** Whoever looks rings the next who answers, where the one on call does not. */
    private static function placeWithout(string $name, Moment $moment): Place
    {
        $place = $moment->place;
        if ($place->onCall?->name !== $name) {
            return $place;
        }
        $next = null;
        foreach (self::called($moment) as $called) {
            if ($called->answers && $called->name !== $name) {
                $next = $called;
                break;
            }
        }

        return $place->withOnCall($next);
    }

    /**
     * They are rung all the same, and the next one after the usual wait.
     *
     * @param  list<Called>  $chain
     * @return list<Called>
     */
    private static function without(string $name, array $chain): array
    {
        return array_map(
            fn (Called $c): Called => $c->name === $name ? new Called($c->name, false, $c->stepMin, $c->travelMin, $c->hasKey) : $c,
            $chain,
        );
    }
}
