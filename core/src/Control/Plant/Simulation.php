<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\Programme\Decision;
use Velbrin\Core\Control\Programme\Head;
use Velbrin\Core\Control\Programme\Moment;
use Velbrin\Core\Control\Programme\Sensed;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Guard as Check;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Plays a set-up against a system, with what breaks on the way (K-30). Steps of a minute at most, cut where a plan, a delay or a fault
 * turns and where a value crosses a limit. Same set-up, system, faults and seed: the same run.
 */
final class Simulation
{
    /** Longer runs are refused, h. */
    public const MOST_H = 336.0;

    private const MOST_STEP_S = 60.0;

    /** Shorter steps are not cut any more, s. */
    private const LEAST_STEP_S = 1.0;

    /** So near to a moment it is that moment, s. */
    private const NEAR_S = 1e-6;

    /** No step is shorter, s. */
    private const SHORTEST_S = 1e-3;

    private readonly Head $head;

    private readonly Tank $tank;

    private readonly Gauge $gauge;

    private readonly Senses $senses;

    private readonly Lookout $lookout;

    private readonly Crossing $crossing;

    private readonly Journal $journal;

    private readonly Moment $begins;

    private State $s;

    private Broken $broken;

    private float $atS = 0.0;

    /** @var array<string, Decision> what each outlet does now */
    private array $decided = [];

    /** @var array<string, float> and how far it is on */
    private array $levels = [];

    /** @var array<string, float|null> what the probes read now */
    private array $probes = [];

    /** @var array<string, bool> */
    private array $switches = [];

    /** @var list<mixed> what was sensed when the outlets were last decided */
    private array $sensed = [];

    /** When the clock alone may decide otherwise, s. */
    private float $turnsS = -INF;

    /** When something other than the programme may turn, s. */
    private float $nextS = INF;

    /** Until a limit is crossed or the clock turns something, everything goes on as it is. */
    private bool $isStill = false;

    /** Probes and switches were read before the last step. */
    private bool $isStale = false;

    /** @var list<mixed> what alarms could see when they were last looked at */
    private array $viewed = [];

    /** @var list<float> what is read now, and what each probe has come to */
    private array $seen = [];

    /** Where alkalinity stands in what is read; null: nothing lives there, or nobody has said it. */
    private readonly ?int $alkPlace;

    /** @var list<array{atS: float, alk: float}> of the last 24 h, once an hour */
    private array $alkalinity = [];

    private float $leastAlk = INF;

    /** When it was last written down. */
    private float $alkalinityS = -INF;

    /** @var array<string, array{level: float, untilS: float}> what was asked of an outlet for a while */
    private array $orders = [];

    /** When somebody stands there; null: nobody is on the way. */
    private ?float $comesS = null;

    private int $steps = 0;

    /** @param  list<Fault>  $faults */
    private function __construct(
        private readonly Setup $setup,
        private readonly PlantSpec $plant,
        private array $faults,
        private readonly HarmLimits $limits,
        private readonly float $stepS,
        private readonly ?float $arrivesS,
        int $seed,
    ) {
        $this->begins = new Moment(0.0, 0, $plant->start->minute);
        $this->head = new Head($setup->programme);
        $this->tank = new Tank($plant);
        $this->gauge = new Gauge($plant);
        $this->senses = new Senses($plant, $this->gauge, $seed);
        $this->lookout = new Lookout($setup->alarms, $plant);
        $this->crossing = new Crossing($setup, $plant, $limits, $this->gauge);
        $this->journal = new Journal($this->gauge);
        $this->alkPlace = $plant->life === null ? null : $this->gauge->place('alkMeqL');
        $this->s = $this->tank->begun();
        $this->seen = $this->senses->begun($this->gauge->read($this->s));
        $this->crossing->settle($this->seen);
        $this->observe();
    }

    /**
     * @param  list<Fault>  $faults
     * @param  float  $hours  up to MOST_H
     * @param  float  $everyS  between two points of the trace
     * @param  float  $stepS  the longest step, s, 1 to 60
     * @param  float|null  $arrivesS  from the first call until somebody stands there and mends what broke; null: nobody comes
     *
     * @throws OutOfRange
     */
    public static function play(
        Setup $setup,
        PlantSpec $plant,
        array $faults,
        float $hours,
        HarmLimits $limits = new HarmLimits(),
        float $everyS = 600.0,
        float $stepS = self::MOST_STEP_S,
        ?float $arrivesS = null,
        int $seed = 1,
    ): Run {
        Check::within('hours', $hours, 0.01, self::MOST_H);
        Check::within('everyS', $everyS, 1, 86_400);
        $run = self::begin($setup, $plant, $faults, $limits, $stepS, $arrivesS, $seed);
        $begun = clone $run->s;
        for ($nextS = 0.0; $nextS < $hours * 3600 - self::NEAR_S; $nextS += $everyS) {
            $run->to($nextS);
            $run->journal->note($run->atS, $run->seen);
        }
        $run->to($hours * 3600);
        $run->journal->note($run->atS, $run->seen);

        return $run->told($begun);
    }

    /**
     * A run that goes on as somebody asks: a simulated controller.
     *
     * @param  list<Fault>  $faults
     *
     * @throws OutOfRange
     */
    public static function begin(
        Setup $setup,
        PlantSpec $plant,
        array $faults = [],
        HarmLimits $limits = new HarmLimits(),
        float $stepS = self::MOST_STEP_S,
        ?float $arrivesS = null,
        int $seed = 1,
    ): self {
        Check::within('stepS', $stepS, self::LEAST_STEP_S, self::MOST_STEP_S);
        $run = new self($setup, $plant, $faults, $limits, $stepS, $arrivesS, $seed);
        $run->harms(false);
        $run->decide();
        $run->plan();

        return $run;
    }

    /** Plays on to that moment, s from the beginning. */
    public function to(float $endS): void
    {
        while ($this->atS < $endS - self::NEAR_S) {
            $isQuiet = $this->advance($endS);
            $this->journal->measure($this->seen);
            $this->harms($isQuiet);
            if ($isQuiet) {
                $this->isStale = true;

                continue;
            }
            $this->observe();
            $this->alarms();
            $this->arrive();
            $this->decide();
            $this->plan();
        }
    }

    /**
     * From now on this is broken, and nothing else.
     *
     * @param  list<Fault>  $faults  their moments from the beginning of the run
     */
    public function break(array $faults): void
    {
        $this->faults = $faults;
        $this->observe();
        $this->decide();
        $this->plan();
    }

    /** From now on, for so long, that outlet does this; null: what its rule says again. */
    public function order(string $outlet, ?float $level, float $forS = 0.0): void
    {
        unset($this->orders[$outlet]);
        if ($level !== null) {
            $this->orders[$outlet] = ['level' => $level, 'untilS' => $this->atS + $forS];
        }
        $this->freshen();
        $this->decide();
        $this->plan();
    }

    /** What a controller would report now. */
    public function reports(): Report
    {
        $this->freshen();

        return new Report(
            atS: $this->atS,
            hasPower: $this->broken->hasPower(),
            probes: $this->probes,
            switches: $this->switches,
            levels: $this->levels,
            watts: $this->watts(),
            acts: array_values(array_unique([...$this->journal->guarding, ...$this->journal->latched])),
        );
    }

    /** @return array<string, float> what each outlet draws, whatever it was told: a welded relay feeds on, a thermostat rests */
    private function watts(): array
    {
        $watts = [];
        foreach (array_keys($this->plant->devices) as $outlet) {
            $watts[(string) $outlet] = $this->tank->drawsW((string) $outlet, $this->levels[$outlet] ?? 0.0, $this->broken, $this->s);
        }

        return $watts;
    }

    private function told(State $begun): Run
    {
        return new Run(
            trace: $this->journal->trace,
            outlets: $this->journal->outlets,
            happened: $this->journal->happened,
            harmS: $this->journal->harmS,
            floorL: $this->s->floorL,
            drawnWh: $this->s->drawnWh,
            books: Books::of($begun, $this->s),
            extremes: $this->journal->extremes(),
            steps: $this->steps,
        );
    }

    private function now(): Moment
    {
        return $this->begins->plus($this->atS);
    }

    /** What is broken at this moment, and what probes and switches say of it. */
    private function observe(): void
    {
        $this->broken = Broken::at($this->faults, $this->atS);
        $this->probes = $this->senses->probes($this->seen, $this->broken);
        $this->switches = $this->senses->switches($this->seen, $this->broken);
        $this->isStale = false;
    }

    /** Decides every outlet anew, where what is sensed or the clock may decide otherwise than before. */
    private function decide(): void
    {
        $this->journal->faults($this->atS, $this->faults);
        $isThere = $this->comesS !== null && $this->atS >= $this->comesS - self::NEAR_S;
        $this->comesS = $isThere ? null : $this->comesS;
        $this->endOrders();
        $reset = $isThere ? $this->journal->latched : [];
        $sensed = [$this->probes, $this->switches, $this->broken->faults, $this->orders, $reset];
        $isSame = $sensed === $this->sensed && $this->atS < $this->turnsS - self::NEAR_S;
        if ($isSame && ! $this->head->goesOn()) {
            return;
        }
        $this->sensed = $sensed;
        $now = $this->now();
        $this->decided = $this->head->step($now, new Sensed(
            power: $this->broken->hasPower(),
            link: $this->broken->hasLink(),
            probes: $this->probes,
            switches: $this->switches,
            overrides: $this->orders,
            pauses: $this->broken->pauses(),
            reset: $reset,
        ));
        $this->levels = $this->head->levels();
        $this->turnsS = $this->atS + $this->head->untilS($now);
        $this->journal->decided($this->atS, $this->decided, $this->head->latched());
    }

    private function endOrders(): void
    {
        foreach ($this->orders as $outlet => $order) {
            if ($order['untilS'] <= $this->atS + self::NEAR_S) {
                unset($this->orders[$outlet]);
            }
        }
    }

    /** @return bool nothing can have turned: no limit is crossed, nothing waits, nothing is broken */
    private function advance(float $noLaterS): bool
    {
        $endS = max($this->atS + self::SHORTEST_S, min($this->atS + $this->stepS, $noLaterS, $this->turnsS, $this->nextS));
        // To the very moment, so that a fault that begins then is there then.
        $endS = abs($this->nextS - $endS) < self::NEAR_S ? $this->nextS : $endS;
        $seconds = $endS - $this->atS;
        $before = $this->s;
        [$this->s, $seen] = $this->stepped($before, $seconds);
        $share = $this->crossing->share($this->seen, $seen);
        if ($share < 1.0 && $seconds > self::LEAST_STEP_S) {
            $seconds = max(self::LEAST_STEP_S, $share * $seconds);
            $endS = $this->atS + $seconds;
            [$this->s, $seen] = $this->stepped($before, $seconds);
        }
        if ($share < 1.0) {
            $this->crossing->settle($seen);
        }
        $this->seen = $seen;
        $this->atS = $endS;
        $this->steps++;

        return $share >= 1.0 && $this->isStill && $this->atS < min($this->turnsS, $this->nextS) - self::NEAR_S;
    }

    /** @return array{0: State, 1: list<float>} and what is read then */
    private function stepped(State $from, float $seconds): array
    {
        $s = $this->tank->after($from, $this->levels, $this->broken, $this->begins->minuteAfter($this->atS + $seconds), $seconds);

        return [$s, $this->senses->follow($this->seen, $this->gauge->read($s), $seconds)];
    }

    /** When a fault begins or ends, somebody comes, or an alarm has waited long enough; and whether anything moves until then. */
    private function plan(): void
    {
        $moments = [$this->comesS ?? INF, $this->atS + $this->lookout->untilS(), ...array_column($this->orders, 'untilS')];
        foreach ($this->faults as $fault) {
            array_push($moments, $fault->fromS, $fault->untilS);
        }
        $this->nextS = INF;
        foreach ($moments as $atS) {
            $this->nextS = $atS > $this->atS + self::NEAR_S ? min($this->nextS, $atS) : $this->nextS;
        }
        $this->isStill = ! $this->broken->isRestless()
            && ! $this->senses->isNoisy()
            && $this->lookout->isCalm()
            && ! $this->head->goesOn();
    }

    /** What probes and switches say now, where nobody has looked since nothing turned. */
    private function freshen(): void
    {
        if ($this->isStale) {
            $this->observe();
        }
    }

    /** Where no limit is crossed only what adds up can have come to harm. */
    private function harms(bool $isQuiet): void
    {
        $alkRise = $this->alkPlace === null ? null : $this->alkRise($this->seen[$this->alkPlace]);
        if ($isQuiet && $this->s->floorL <= 0 && ($alkRise === null || $alkRise < $this->limits->alkRiseMeqL)) {
            return;
        }
        $this->journal->harms($this->atS, $this->limits->beyond($this->s, $this->alkPlace !== null, $alkRise));
    }

    /** Where nothing waits, alarms that see what they saw before say what they said before. */
    private function alarms(): void
    {
        $acts = [...$this->journal->guarding, ...$this->journal->latched];
        $view = [$this->probes, $this->switches, $this->broken->faults, $acts, $this->levels];
        if ($this->lookout->isCalm() && $view == $this->viewed) {
            return;
        }
        $this->viewed = $view;
        $sight = $this->lookout->sight($this->atS, $this->probes, $this->switches, $this->broken, $acts, $this->levels);
        foreach ($this->lookout->look($this->atS, $sight) as [$alarm, $turn]) {
            if ($turn !== AlarmTurn::Again) {
                $this->journal->happens($this->atS, $turn === AlarmTurn::Raised ? 'alarm' : 'cleared', $alarm->id);
            }
            if ($turn === AlarmTurn::Raised && $alarm->calls > 0) {
                $this->journal->happens($this->atS, 'call', (string) $alarm->calls, $alarm->id);
                $this->comesS ??= $this->arrivesS === null ? null : $this->atS + $this->arrivesS;
            }
        }
    }

    /** Whoever comes mends all that is broken by then. */
    private function arrive(): void
    {
        if ($this->comesS === null || $this->atS < $this->comesS - self::NEAR_S) {
            return;
        }
        $this->faults = array_map(
            fn (Fault $f): Fault => $f->acts($this->atS) && $f->fromS < $this->atS
                ? new Fault($f->kind, $f->of, $f->fromS, $this->atS, $f->value)
                : $f,
            $this->faults,
        );
        $this->journal->happens($this->atS, 'came', 'somebody');
        $this->observe();
    }

    /** Within the last 24 h, meq/L. */
    private function alkRise(float $now): float
    {
        if ($this->atS >= $this->alkalinityS + 3600) {
            $this->alkalinityS = $this->atS;
            $this->alkalinity[] = ['atS' => $this->atS, 'alk' => $now];
            $this->alkalinity = array_values(array_filter($this->alkalinity, fn (array $a): bool => $a['atS'] > $this->atS - 86_400));
            $this->leastAlk = min($now, ...array_column($this->alkalinity, 'alk'));
        }

        return $now > $this->leastAlk ? $now - $this->leastAlk : 0.0;
    }
}
