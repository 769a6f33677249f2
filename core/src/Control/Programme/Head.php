<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/**
 * A controller at work: from what is sensed at each moment it decides every outlet. The first that speaks wins: no power, a lock, a
 * guard, a time it may not be on any longer, one it may not be on again yet, an override, a pause, the rule. Whoever has been on too
 * short stays on against override, pause and rule only. Same programme, same senses, same decisions.
 */
final class Head
{
    /** After power returns, the strip knows nothing until the head has booted. */
    public const BOOT_S = 90.0;

    /** A pause begun again counts anew, but never beyond so many times its length from the first. */
    private const PAUSE_TIMES = 2.0;

    /** @var array<string, Memory> what each rule remembers */
    private array $rules = [];

    /** @var array<string, Memory> what each guard remembers */
    private array $guards = [];

    /** @var array<string, float> when each outlet went on */
    private array $onSinceS = [];

    /** @var array<string, float> when each outlet went off, or power returned */
    private array $offSinceS = [];

    /** @var array<string, true> outlets that were on too long, until somebody has looked */
    private array $tooLong = [];

    /** @var array<string, array{firstS: float, lastS: float}> pauses under way */
    private array $pauses = [];

    /** @var array<string, float> how far each outlet is on */
    private array $levels = [];

    /** A head that is looked at first has run for ever. */
    private bool $hadPower = true;

    private float $poweredS = -INF;

    /** @var array<string, float> when a rest after the longest time began */
    private array $restingS = [];

    /** A level of a plan rises or falls all the time. */
    private readonly bool $hasRamp;

    /** @var array<string, list<Guard>> by the outlet they guard */
    private array $guardsOf = [];

    /** @var list<string> outlets that refill no more than so much in a day */
    private readonly array $capped;

    /** @var list<Outlet> those with times of their own */
    private readonly array $timed;

    public function __construct(private readonly Programme $programme)
    {
        $capped = [];
        $hasRamp = false;
        foreach ($programme->outlets as $outlet) {
            $hasRamp = $hasRamp || ($outlet->rule instanceof Day && $outlet->rule->isRamp);
            if ($outlet->rule instanceof Refill && $outlet->rule->mostL !== null) {
                $capped[] = $outlet->id;
            }
        }
        [$this->hasRamp, $this->capped] = [$hasRamp, $capped];
        $this->timed = array_values(array_filter($programme->outlets, fn (Outlet $o): bool => $o->hasTimes()));
        foreach ($programme->guards as $guard) {
            $this->guardsOf[$guard->outlet][] = $guard;
        }
        $this->boot();
    }

    /** @return array<string, float> how far each outlet is on, as it was decided last */
    public function levels(): array
    {
        return $this->levels;
    }

    /** @return array<string, Decision> by outlet */
    public function step(Moment $now, Sensed $sensed): array
    {
        $this->power($now, $sensed);
        $this->people($now, $sensed);
        $isHeard = $sensed->power && $sensed->link && $now->atS - $this->poweredS >= self::BOOT_S;
        $decided = [];
        foreach ($this->programme->outlets as $outlet) {
            $decision = match (true) {
                ! $sensed->power => new Decision(0.0, Says::NoPower, 0.0),
                ! $isHeard => $this->alone($outlet, $now),
                default => $this->decide($outlet, $now, $sensed, $decided),
            };
            $this->remember($outlet, $decision, $now);
            $decided[$outlet->id] = $decision;
        }

        return $decided;
    }

    /** @return list<string> guards, refills and outlets that wait for somebody to look */
    public function latched(): array
    {
        $latched = array_keys($this->tooLong);
        foreach ([$this->guards, $this->rules] as $all) {
            foreach ($all as $id => $memory) {
                if ($memory->latched) {
                    $latched[] = (string) $id;
                }
            }
        }

        return array_values(array_unique($latched));
    }

    /** A level that rises or falls by the clock, or a refill that waits for its day’s cap: it is not the same a minute later. */
    public function goesOn(): bool
    {
        if ($this->hasRamp) {
            return true;
        }
        foreach ($this->capped as $id) {
            if ($this->rules[$id]->sinceS !== null && ! $this->rules[$id]->isOn) {
                return true;
            }
        }

        return false;
    }

    /** s until something may change by the clock alone: a plan, a delay, a limit; INF: nothing waits. */
    public function untilS(Moment $now): float
    {
        $nowS = $now->atS;
        $next = self::sooner(INF, $this->poweredS + self::BOOT_S, $nowS);
        foreach ($this->programme->outlets as $outlet) {
            $untilS = $outlet->rule->untilS($now, $this->rules[$outlet->id]);
            if ($untilS > 0 && $nowS + $untilS < $next) {
                $next = $nowS + $untilS;
            }
        }
        foreach ($this->timed as $outlet) {
            $next = min($next, $this->timesOf($outlet, $nowS));
        }
        foreach ($this->programme->guards as $guard) {
            $next = self::sooner($next, $nowS + $guard->untilS($now, $this->guards[$guard->id]), $nowS);
        }

        return $next - $nowS;
    }

    /** When the next of an outlet's own times is over. */
    private function timesOf(Outlet $outlet, float $nowS): float
    {
        $id = $outlet->id;
        $onS = $this->onSinceS[$id] ?? null;
        $next = $outlet->powerReturnS > 0 ? self::sooner(INF, $this->poweredS + $outlet->powerReturnS, $nowS) : INF;
        if ($onS !== null && $outlet->minimumOnS > 0) {
            $next = self::sooner($next, $onS + $outlet->minimumOnS, $nowS);
        }
        if ($onS !== null && $outlet->maximumOnS !== null) {
            $next = self::sooner($next, $onS + $outlet->maximumOnS, $nowS);
        }
        if ($outlet->minimumOffS > 0) {
            $next = self::sooner($next, ($this->offSinceS[$id] ?? -INF) + $outlet->minimumOffS, $nowS);
        }
        if ($outlet->restS > 0) {
            $next = self::sooner($next, ($this->restingS[$id] ?? -INF) + $outlet->restS, $nowS);
        }
        foreach ($this->pauses === [] ? [] : $outlet->pauses as $group => $pause) {
            $next = self::sooner($next, ($this->pauses[$group]['lastS'] ?? -INF) + $pause->lengthS, $nowS);
            $next = self::sooner($next, ($this->pauses[$group]['firstS'] ?? -INF) + self::PAUSE_TIMES * $pause->lengthS, $nowS);
        }

        return $next;
    }

    /** The earlier of two moments, where the second lies ahead at all. */
    private static function sooner(float $next, float $atS, float $nowS): float
    {
        return $atS > $nowS && $atS < $next ? $atS : $next;
    }

    private function boot(): void
    {
        $this->pauses = [];
        foreach ($this->programme->outlets as $outlet) {
            $given = $this->rules[$outlet->id] ?? new Memory();
            $fresh = new Memory();
            // Switched off and on again a latch still waits for somebody, and what was given was given.
            [$fresh->latched, $fresh->given, $fresh->amounts] = [$given->latched, $given->given, $given->amounts];
            $fresh->dropped = $given->dropped;
            $this->rules[$outlet->id] = $fresh;
        }
        foreach ($this->programme->guards as $guard) {
            $was = $this->guards[$guard->id] ?? new Memory();
            $fresh = new Memory();
            [$fresh->isOn, $fresh->latched] = [$was->latched, $was->latched];
            $this->guards[$guard->id] = $fresh;
        }
    }

    private function power(Moment $now, Sensed $sensed): void
    {
        if ($sensed->power && ! $this->hadPower) {
            $this->poweredS = $now->atS;
            $this->boot();
            foreach ($this->programme->outlets as $outlet) {
                $this->offSinceS[$outlet->id] = $now->atS;
                unset($this->onSinceS[$outlet->id]);
            }
        }
        $this->hadPower = $sensed->power;
    }

    private function people(Moment $now, Sensed $sensed): void
    {
        foreach ($sensed->pauses as $group) {
            $this->pauses[$group] = ['firstS' => $this->pauses[$group]['firstS'] ?? $now->atS, 'lastS' => $now->atS];
        }
        foreach ($sensed->buttons as $id) {
            if (isset($this->rules[$id])) {
                $this->rules[$id]->sinceS = $now->atS;
            }
        }
        foreach ($sensed->byHandMl as $id => $ml) {
            if (isset($this->rules[$id])) {
                $this->rules[$id]->amounts[] = ['atS' => $now->atS, 'amount' => $ml];
            }
        }
        foreach ($sensed->reset as $id) {
            unset($this->tooLong[$id]);
            foreach ([$this->guards[$id] ?? null, $this->rules[$id] ?? null] as $memory) {
                if ($memory !== null && $memory->latched) {
                    $memory->latched = $memory->isOn = false;
                    $memory->sinceS = null;
                }
            }
        }
    }

    /** Without a word from its head. */
    private function alone(Outlet $outlet, Moment $now): Decision
    {
        $waits = $now->atS - ($this->offSinceS[$outlet->id] ?? -INF) < $outlet->powerReturnS;

        return $waits && ! $this->isOn($outlet)
            ? new Decision(0.0, Says::PowerReturn, 0.0)
            : new Decision($outlet->lostLinkAt($this->programme->isSummer) ?? 0.0, Says::LostLink, 0.0);
    }

    /** @param  array<string, Decision>  $decided */
    private function decide(Outlet $outlet, Moment $now, Sensed $sensed, array $decided): Decision
    {
        $wants = $outlet->rule->wants($now, $sensed, $this->rules[$outlet->id], $decided);
        $guard = isset($this->guardsOf[$outlet->id]) ? $this->guard($outlet, $now, $sensed) : null;
        if ($sensed->locks !== [] && in_array($outlet->id, $sensed->locks, true)) {
            return new Decision(0.0, Says::Lock, $wants);
        }
        if ($guard !== null && $guard[0] <= 0.0) {
            return new Decision(0.0, Says::Guard, $wants, $guard[1]);
        }
        if ($guard === null && $outlet->maximumOnS !== null && $this->isTooLong($outlet, $outlet->maximumOnS, $now)) {
            return new Decision(0.0, Says::MaximumOn, $wants);
        }
        $asked = $guard === null ? $this->asked($outlet, $now, $sensed, $wants) : new Decision($guard[0], Says::Guard, $wants, $guard[1]);
        $wasOn = $this->isOn($outlet);
        if ($asked->level > 0) {
            return $wasOn ? $asked : $this->waits($outlet, $now, $wants) ?? $asked;
        }

        return $wasOn && $now->atS - ($this->onSinceS[$outlet->id] ?? -INF) < $outlet->minimumOnS
            ? new Decision($this->levels[$outlet->id] ?? 1.0, Says::MinimumOn, $wants)
            : $asked;
    }

    /** Override, pause or rule. */
    private function asked(Outlet $outlet, Moment $now, Sensed $sensed, float $wants): Decision
    {
        $override = $sensed->overrides[$outlet->id] ?? null;
        if ($override !== null && $now->atS < $override['untilS']) {
            return new Decision($override['level'], Says::Override, $wants);
        }
        foreach ($outlet->pauses as $group => $pause) {
            $begun = $this->pauses[$group] ?? null;
            $isPaused = $begun !== null &&
                $now->atS - $begun['lastS'] < $pause->lengthS &&
                $now->atS - $begun['firstS'] < self::PAUSE_TIMES * $pause->lengthS;
            if ($isPaused) {
                return new Decision($pause->level, Says::Pause, $wants, $group);
            }
        }

        return ! $sensed->hasClock && ($outlet->rule instanceof Day || $outlet->rule instanceof Pulse)
            ? new Decision(0.0, Says::NoClock, $wants)
            : new Decision($wants, Says::Rule, $wants);
    }

    /**
     * The highest rank that speaks; where equals contradict each other, what holds without a link.
     *
     * @return array{float, string}|null level and who
     */
    private function guard(Outlet $outlet, Moment $now, Sensed $sensed): ?array
    {
        $speaks = null;
        $rank = 0;
        foreach ($this->guardsOf[$outlet->id] ?? [] as $guard) {
            if (! $guard->acts($now, $sensed, $this->guards[$guard->id])) {
                continue;
            }
            $weight = $guard->rank->weight();
            if ($weight > $rank) {
                [$speaks, $rank] = [[$guard->level, $guard->id], $weight];
            } elseif ($weight === $rank && $speaks !== null && $speaks[0] !== $guard->level) {
                $speaks = [$outlet->lostLinkAt($this->programme->isSummer) ?? 0.0, $guard->id];
            }
        }

        return $speaks;
    }

    private function isTooLong(Outlet $outlet, float $maximumOnS, Moment $now): bool
    {
        if ($outlet->afterMaximum === AfterMaximum::Tell) {
            return false;
        }
        if (isset($this->tooLong[$outlet->id])) {
            return true;
        }
        if ($this->isOn($outlet)) {
            $isOver = $now->atS - ($this->onSinceS[$outlet->id] ?? $now->atS) >= $maximumOnS;
            if ($isOver && $outlet->afterMaximum === AfterMaximum::Latch) {
                $this->tooLong[$outlet->id] = true;
            }
            if ($isOver) {
                $this->restingS[$outlet->id] = $now->atS;
            }

            return $isOver;
        }

        return $now->atS - ($this->restingS[$outlet->id] ?? -INF) < $outlet->restS;
    }

    private function waits(Outlet $outlet, Moment $now, float $wants): ?Decision
    {
        $offS = $now->atS - ($this->offSinceS[$outlet->id] ?? -INF);
        $poweredS = $now->atS - $this->poweredS;

        return match (true) {
            $poweredS < $outlet->powerReturnS => new Decision(0.0, Says::PowerReturn, $wants),
            $offS < $outlet->minimumOffS => new Decision(0.0, Says::MinimumOff, $wants),
            default => null,
        };
    }

    private function isOn(Outlet $outlet): bool
    {
        return ($this->levels[$outlet->id] ?? 0.0) > 0;
    }

    private function remember(Outlet $outlet, Decision $decision, Moment $now): void
    {
        $was = ($this->levels[$outlet->id] ?? 0.0) > 0;
        $this->levels[$outlet->id] = $decision->level;
        $is = $decision->level > 0;
        if ($is && ! $was) {
            $this->onSinceS[$outlet->id] = $now->atS;
        }
        if (! $is && $was) {
            $this->offSinceS[$outlet->id] = $now->atS;
            unset($this->onSinceS[$outlet->id]);
        }
    }
}
