<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

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
        $response = Response::of($hazard, $alarms, $place);
        $harm = $harms[0]->hours ?? null;
        $hours = match (true) {
            $harm === null => null, $response->actsH === null => 0.0, default => $harm - $response->actsH,
        };

        return new self($hazard, $harms, $response, $hours, self::finding($hazard, $harms, $response, $hours));
    }

    /** The shortest of a system's hazards; null when none does harm. */
    public static function worst(self ...$all): ?self
    {
        $worst = null;
        foreach ($all as $one) {
            if ($one->hours !== null && ($worst?->hours === null || $one->rank() < $worst->rank())) {
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
    private static function finding(Hazard $hazard, array $harms, Response $response, ?float $hours): Finding
    {
        $first = $harms[0] ?? null;
        $basis = $first?->assumed === true && $first->by === 'oxygen' ? Basis::Assumed : Basis::Computed;
        if ($first === null) {
            return Finding::of(Severity::Fine, 'R-25', $hazard->value, Sentence::of('{hazard}: no heater in it', ['hazard' => $hazard->label()]), Sentence::of('Nothing to stick.'));
        }
        $parts = [
            'hazard' => $hazard->label(), 'limit' => $first->limit, 'by' => $first->by, 'who' => $response->who ?? 'nobody', 'how' => $response->how,
            ...($first->hours === null ? [] : ['harm' => Quantity::of($first->hours, Kind::Hours)]), ...($response->actsH === null ? [] : ['acts' => Quantity::of($response->actsH, Kind::Hours)]),
            ...($hours === null ? [] : ['hand' => Quantity::of(abs($hours), Kind::Hours)]),
        ];
        if ($first->hours === null) {
            return Finding::of(Severity::Fine, 'R-25', $hazard->value, Sentence::of('{hazard}: no harm tonight', $parts), Sentence::of('It settles at {limit}.', $parts), null, $basis);
        }
        $when = $first->by === 'oxygen' ? 'Oxygen falls to {limit} after {harm}.' : 'It reaches {limit} after {harm}.';
        if ($response->noticedH === null) {
            return Finding::of(Severity::Fix, 'R-25', $hazard->value, Sentence::of('{hazard}: nobody would notice', $parts), Sentence::of("{$when} {how}.", [...$parts, 'how' => ucfirst($response->how)]), Sentence::of('An alarm that calls somebody who can answer, tested; or a person who looks each evening.'), $basis, $hazard->value);
        }
        if ($response->actsH === null) {
            return Finding::of(Severity::Fix, 'R-25', $hazard->value, Sentence::of('{hazard}: {who} would stand at a locked door', $parts), Sentence::of($when, $parts), Sentence::of('A key with us, or a contact who opens at night.'), $basis, $hazard->value);
        }
        $why = "{$when} ".($response->waitsAtDoor ? 'After waiting for the door to open, ' : '').'{who} can have acted after {acts}.';

        return match (true) {
            $hours < 0 => Finding::of(Severity::Fix, 'R-25', $hazard->value, Sentence::of('{hazard}: help comes {hand} too late', $parts), Sentence::of($why, $parts), self::remedy($hazard, $response), $basis, $hazard->value),
            $hours < self::SHORT_H => Finding::of(Severity::Watch, 'R-25', $hazard->value, Sentence::of('{hazard}: {hand} in hand', $parts), Sentence::of($why, $parts), self::remedy($hazard, $response), $basis, $hazard->value),
            default => Finding::of(Severity::Fine, 'R-25', $hazard->value, Sentence::of('{hazard}: {hand} in hand', $parts), Sentence::of($why, $parts), null, $basis, $hazard->value),
        };
    }

    private static function remedy(Hazard $hazard, Response $response): Sentence
    {
        $device = match ($hazard) {
            Hazard::HeaterStuckOn => 'A second thermostat in series with the heater, or two smaller heaters.',
            Hazard::HeaterStuckOff => 'A second heater set a degree lower.',
            Hazard::PowerCut => 'A battery on a circulation pump that breaks the surface.',
        };

        return Sentence::of(($response->waitsAtDoor ? 'A key with us. ' : '').$device);
    }
}
