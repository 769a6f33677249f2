<?php

declare(strict_types=1);

namespace Velbrin\Core\Power;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What hangs on what: circuits, the strips on each, the plugs on each strip (B-61). */
final readonly class PowerTree
{
    /** Of its rating a circuit or a strip carries this all day. */
    public const ALL_DAY = 0.8;

    /** Petrol for a kilowatt-hour from a small generator, L. */
    public const FUEL_L_KWH = 0.5;

    /**
     * @param  array<int, array<int, list<Load>>>  $circuits  plugs by circuit and strip, both rising
     */
    private function __construct(
        public array $circuits,
        public float $volts,
        public float $circuitA,
        public float $stripA,
    ) {
    }

    /**
     * @param  list<Load>  $loads
     * @param  float  $circuitA  rating of one circuit
     * @param  float  $stripA  rating of one strip
     *
     * @throws OutOfRange when one strip would hang on two circuits
     */
    public static function of(array $loads, float $volts, float $circuitA, float $stripA): self
    {
        Guard::positive('mainsV', $volts);
        Guard::positive('circuitA', $circuitA);
        Guard::positive('stripA', $stripA);
        $circuits = $of = [];
        foreach ($loads as $load) {
            $circuit = $of[$load->strip] ??= $load->circuit;
            if ($circuit !== $load->circuit) {
                throw OutOfRange::number(
                    "loads.{$load->row}.circuit",
                    $load->circuit,
                    Phrase::AsTheRestOfStrip,
                    ['circuit' => (string) $circuit, 'strip' => (string) $load->strip],
                );
            }
            $circuits[$load->circuit][$load->strip][] = $load;
        }
        ksort($circuits);

        return new self(
            array_map(function (array $strips): array {
                ksort($strips);

                return $strips;
            }, $circuits),
            $volts,
            $circuitA,
            $stripA,
        );
    }

    /** @return list<Load> */
    public function loads(): array
    {
        return array_merge(
            [],
            ...array_map(fn (array $strips): array => array_merge(...$strips), array_values($this->circuits)),
        );
    }

    /** @return array<int, float> A all day, by circuit */
    public function circuitAmps(): array
    {
        return array_map(fn (array $strips): float => $this->amps(array_merge(...$strips)), $this->circuits);
    }

    /** @return array<int, float> A for a moment when everything starts at once, by circuit */
    public function startAmps(): array
    {
        return array_map(
            fn (array $strips): float => array_sum(
                array_map(fn (Load $l): float => $l->startW, array_merge(...$strips)),
            ) / $this->volts,
            $this->circuits,
        );
    }

    /** @return array<int, float> A all day, by strip */
    public function stripAmps(): array
    {
        $amps = [];
        foreach ($this->circuits as $strips) {
            foreach ($strips as $number => $loads) {
                $amps[$number] = $this->amps($loads);
            }
        }

        return $amps;
    }

    /**
     * Which circuit would take all of these with it; null when one trip leaves some running, or there is only one to lose.
     *
     * @param  callable(Load): bool  $these
     */
    public function commonCircuit(callable $these): ?int
    {
        $on = array_values(
            array_unique(array_map(fn (Load $l): int => $l->circuit, array_filter($this->loads(), $these))),
        );

        return count($on) === 1 && count(array_filter($this->loads(), $these)) > 1 ? $on[0] : null;
    }

    /**
     * The same of strips.
     *
     * @param  callable(Load): bool  $these
     */
    public function commonStrip(callable $these): ?int
    {
        $on = array_values(
            array_unique(array_map(fn (Load $l): int => $l->strip, array_filter($this->loads(), $these))),
        );

        return count($on) === 1 && count(array_filter($this->loads(), $these)) > 1 ? $on[0] : null;
    }

    /** What a generator must be rated at: the running watts of what is kept and the largest single start, over 0.8 (R-45), W. */
    public function generatorW(): float
    {
        $kept = array_filter($this->loads(), fn (Load $l): bool => $l->onOutage === 'essential');

        return $kept === []
            ? 0.0
            : ($this->keptW() + max(array_map(fn (Load $l): float => $l->startW - $l->watts, $kept))) / self::ALL_DAY;
    }

    /** Running watts of what is kept without mains. */
    public function keptW(): float
    {
        return array_sum(
            array_map(fn (Load $l): float => $l->onOutage === 'essential' ? $l->watts : 0.0, $this->loads()),
        );
    }

    /** @param  list<Load>  $loads */
    private function amps(array $loads): float
    {
        return array_sum(array_map(fn (Load $l): float => $l->watts, $loads)) / $this->volts;
    }
}
