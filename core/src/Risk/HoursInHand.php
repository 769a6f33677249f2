<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Time to harm less time to notice, arrive and fix, for one hazard of one system (R-25). */
final readonly class HoursInHand
{
    /** Fewer than this is worth saying. */
    public const SHORT_H = 2.0;

    /** @param  list<Harm>  $harms  the soonest first */
    private function __construct(
        public Hazard $hazard,
        public array $harms,
        public Response $response,
        /** Null: it never does harm. Nobody notices: no time in hand, 0. */
        public ?float $hours,
        public Finding $finding,
    ) {
    }

    /**
     * @param  list<AlarmWay>  $alarms
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Tonight $tank, array $alarms, Place $place): self
    {
        $harms = TimeToHarm::of($hazard, $tank);
        $response = Response::of($hazard, $tank, $alarms, $place);
        $harm = $harms[0]->hours ?? null;
        $isAnswered = $hazard === Hazard::TooCold && $tank->noHeater !== null && ! $tank->noHeater->isOverdue;
        $hours = match (true) {
            $harm === null, $isAnswered => null,
            $response->actsH === null => 0.0,
            default => $harm - $response->actsH,
        };

        return new self($hazard, $harms, $response, $hours, self::finding($hazard, $tank, $harms, $response, $hours));
    }

    /** Nobody has entered the limit of the alarm it rests on: the hours are the most there can be (R-48). */
    public function isAtMost(): bool
    {
        return $this->hours !== null && $this->response->needsLimitOf !== null;
    }

    /** Facts nobody has said decide whether help comes in time: at the likely or the latest hours it does. */
    public function isOpen(): bool
    {
        $harm = $this->harms[0] ?? null;
        if ($harm === null || $harm->needs === [] || $this->response->actsH === null) {
            return false;
        }

        return ($harm->latestH ?? INF) - $this->response->actsH >= self::SHORT_H;
    }

    public function state(): HandState
    {
        return match (true) {
            $this->hours === null => HandState::NoHarm,
            $this->response->noticedH === null => HandState::Unnoticed,
            $this->response->actsH === null => HandState::Locked,
            $this->hours < 0 => $this->isOpen() ? HandState::Open : HandState::Late,
            $this->isAtMost() => HandState::AtMost,
            $this->isOpen() && $this->hours < self::SHORT_H => HandState::Open,
            $this->hours < self::SHORT_H => HandState::Short,
            default => HandState::InHand,
        };
    }

    public function cause(): Cause
    {
        return Cause::of($this->hazard, $this->harms[0]->by ?? '', $this->state());
    }

    /** The shortest of a system's hazards; null when none does harm. */
    public static function worst(self ...$all): ?self
    {
        $worst = null;
        foreach ($all as $one) {
            if ($one->hazard->ranks() && $one->hours !== null && ($worst?->hours === null || $one->rank() < $worst->rank())) {
                $worst = $one;
            }
        }

        return $worst;
    }

    /** To sort a fleet by: hours in hand; what nobody would notice before the same hours with somebody. */
    public function rank(): float
    {
        return ($this->hours ?? INF) - ($this->response->actsH === null ? 1e-6 : 0.0);
    }

    /** @param  list<Harm>  $harms */
    private static function finding(
        Hazard $hazard,
        Tonight $tank,
        array $harms,
        Response $response,
        ?float $hours,
    ): Finding {
        $first = $harms[0] ?? null;
        $basis = $first?->assumed === true && $first->by === 'oxygen' ? Basis::Assumed : Basis::Computed;
        if ($first === null) {
            return self::cannotHappen($hazard, $tank);
        }
        $parts = [
            'hazard' => $hazard->label(),
            'limit' => $first->limit,
            'who' => $response->who ?? 'nobody',
            'how' => ucfirst($response->how),
            'alarm' => $response->needsLimitOf ?? '',
            'by' => self::reaches($first->by),
            'needs' => $first->needs[0] ?? '',
            ...$first->hours === null ? [] : ['harm' => self::time($first->hours)],
            ...$response->actsH === null ? [] : ['acts' => self::time($response->actsH)],
            ...$hours === null ? [] : ['hand' => self::time(abs($hours))->apartFrom(0.0, self::SHORT_H)],
        ];
        if ($first->hours === null) {
            $why =
                $hazard === Hazard::HeaterStuckOff || $hazard === Hazard::TooCold
                    ? 'What still works holds {limit}.'
                    : 'It settles at {limit}.';

            return Finding::of(
                Severity::Fine,
                'R-25',
                $hazard->value,
                Sentence::of('{hazard}: no harm tonight', $parts),
                Sentence::of($why, $parts),
                null,
                $basis,
            );
        }
        if ($hours === null && $tank->noHeater !== null) {
            return self::onPurpose($tank->noHeater, $hazard, $parts, $basis);
        }
        $when = match ($first->by) {
            'oxygen' => 'Oxygen falls to {limit} after {harm}.',
            'temperature' => 'It reaches {limit} after {harm}.',
            'sump' => 'The sump reaches {limit} after {harm}, while the display cools.',
            default => '{by} after {harm}.',
        };
        if ($first->needs !== []) {
            $when .= ' That is the soonest: nobody has said {needs}.';
        }
        $remedy = Remedy::of($hazard, $tank, $response, $first);
        $of = fn (Severity $severity, string $what, string $why): Finding => Finding::of(
            severity: $severity,
            rule: 'R-25',
            about: $hazard->value,
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: $severity === Severity::Fine ? null : $remedy,
            basis: $basis,
            working: $hazard->value,
        );
        if ($response->noticedH === null) {
            $alarm = Sentence::of(
                'An alarm that calls somebody who can answer, tested; or a person who looks each evening. '.
                    $remedy->template,
                $remedy->parts,
            );

            return Finding::of(
                severity: Severity::Fix,
                rule: 'R-25',
                about: $hazard->value,
                what: Sentence::of('{hazard}: nobody would notice', $parts),
                why: Sentence::of("{$when} {how}.", $parts),
                remedy: $alarm,
                basis: $basis,
                working: $hazard->value,
            );
        }
        if ($response->actsH === null) {
            $key = Sentence::of('A key with us, or a contact who opens at night.');

            return Finding::of(
                severity: Severity::Fix,
                rule: 'R-25',
                about: $hazard->value,
                what: Sentence::of('{hazard}: {who} would stand at a locked door', $parts),
                why: Sentence::of($when, $parts),
                remedy: $key,
                basis: $basis,
                working: $hazard->value,
            );
        }
        $isOpen = $first->needs !== [] && ($first->latestH ?? INF) - $response->actsH >= self::SHORT_H;
        $late = $response->limitH >= $first->hours ? ' The alarm sounds after the harm.' : '';
        $why =
            "{$when} ".
            ($response->waitsAtDoor ? 'After waiting for the door to open, ' : '').
            '{who} can have acted after {acts}.'.
            $late;
        if ($response->needsLimitOf !== null && $hours >= 0) {
            $needs = Sentence::of('Enter at which limit {alarm} calls.', $parts);
            $atMost = Sentence::of($why.' That counts {alarm} from the fault on; its limit is not entered.', $parts);

            return Finding::of(
                severity: Severity::Watch,
                rule: 'R-48',
                about: $hazard->value,
                what: Sentence::of('{hazard}: at most {hand} in hand', $parts),
                why: $atMost,
                remedy: $needs,
                basis: Basis::Assumed,
                working: $hazard->value,
            );
        }

        if ($isOpen && $hours < self::SHORT_H) {
            return Finding::of(
                severity: $hours < 0 ? Severity::Fix : Severity::Watch,
                rule: 'R-59',
                about: $hazard->value,
                what: Sentence::of('{hazard}: whether help comes in time is open', $parts),
                why: Sentence::of($why, $parts),
                remedy: Sentence::of('Write down {needs}: it decides.', $parts),
                basis: Basis::Assumed,
                working: $hazard->value,
            );
        }

        return match (true) {
            $hours < 0 => $of(Severity::Fix, '{hazard}: help comes {hand} too late', $why),
            $hours < self::SHORT_H => $of(Severity::Watch, '{hazard}: {hand} in hand', $why),
            default => $of(Severity::Fine, '{hazard}: {hand} in hand', $why),
        };
    }

    /** Less than an hour is said in minutes. */
    private static function time(float $hours): Quantity
    {
        return $hours < 1 ? Quantity::of(60 * $hours, Kind::Minutes) : Quantity::of($hours, Kind::Hours);
    }

    private static function reaches(string $by): string
    {
        return match ($by) {
            'floor' => 'Water stands on the floor',
            'thin salt' => 'Its salt is too thin',
            'thick salt' => 'Its salt is too thick',
            'dry pump' => 'The return runs dry',
            'alkalinity' => 'Alkalinity has risen beyond harm',
            'dark' => 'Corals suffer without light',
            'ammonia' => 'Its water is foul',
            default => 'It harms',
        };
    }

    private static function cannotHappen(Hazard $hazard, Tonight $tank): Finding
    {
        $parts = ['hazard' => $hazard->label()];
        if (! $tank->hasAnimals) {
            $why = Sentence::of('What can happen here is overfilling, a leak, a heater or pump running dry.');

            return Finding::of(
                Severity::Fine,
                'R-51',
                $hazard->value,
                Sentence::of('{hazard}: nothing lives in it', $parts),
                $why,
            );
        }
        [$what, $why] = match ($hazard) {
            Hazard::ReturnDead => ['{hazard}: no heater hangs on its flow', 'Heat stays where the animals are.'],
            default => ['{hazard}: no heater in it', 'Nothing to stick.'],
        };

        return Finding::of(Severity::Fine, 'R-25', $hazard->value, Sentence::of($what, $parts), Sentence::of($why));
    }

    /** @param  array<string, Quantity|string>  $parts */
    private static function onPurpose(NoHeater $answer, Hazard $hazard, array $parts, Basis $basis): Finding
    {
        $parts = [...$parts, 'because' => $answer->because, 'while' => $answer->while];
        $why = Sentence::of(
            'Because {because}; while {while}. In a room like tonight’s it would reach {limit} after {harm}.',
            $parts,
        );

        return Finding::of(
            Severity::Watch,
            'R-50',
            $hazard->value,
            Sentence::of('No heater, on purpose', $parts),
            $why,
            Sentence::of('It comes back when that ends.'),
            $basis,
        );
    }
}
