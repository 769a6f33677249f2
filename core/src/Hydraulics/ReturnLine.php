<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/**
 * The way from the pump to the display: one line, and where it ends in several outlets each takes what its own resistance lets
 * through (B-23).
 */
final readonly class ReturnLine
{
    private const CLOSE = 1e-8;

    private const ROUNDS = 60;

    /** @param  list<Pipe>  $outlets */
    private function __construct(
        private Pipe $common,
        public array $outlets,
        /** Drawn off at the pump, back into the sump, L/h. */ public float $drawsLh,
    ) {
    }

    /**
     * @param  Pipe  $common  with its exit's loss when it has no outlets of its own
     * @param  list<Pipe>  $outlets  each with its exit's loss; one is the same as none
     *
     * @throws OutOfRange
     */
    public static function of(Pipe $common, array $outlets = [], float $drawsLh = 0.0): self
    {
        return new self($common, $outlets, Guard::notNegative('drawsLh', $drawsLh));
    }

    /** Speed in the common line, m/s. */
    public function velocityMs(float $flowLh): float
    {
        return $this->common->velocityMs($flowLh);
    }

    /** Loss of head on the way at that flow through the display, m. */
    public function lossM(float $flowLh): float
    {
        $flow = max(0.0, $flowLh);

        return $this->commonM($flow) + ($this->outlets === [] ? 0.0 : $this->junctionM($flow));
    }

    /**
     * What each outlet brings of that flow, L/h.
     *
     * @return list<float>
     */
    public function split(float $flowLh): array
    {
        if ($flowLh <= 0 || $this->outlets === []) {
            return array_map(fn (Pipe $o): float => 0.0, $this->outlets);
        }
        $head = $this->junctionM($flowLh);

        return array_map(fn (Pipe $o): float => self::throughLh($o, $head), $this->outlets);
    }

    /**
     * The flow at which the line asks for just what is given.
     *
     * @param  callable(float): float  $givenM  head there is for the way, by flow; falls with it
     */
    public function meet(callable $givenM, float $mostLh): float
    {
        if ($this->outlets === []) {
            return Solve::rising(fn (float $q): float => $this->lossM($q) - $givenM($q), 0, $mostLh);
        }
        // Sought by the head at the branching, from which every flow follows at once.
        $head = Solve::rising(
            function (float $head) use ($givenM): float {
                $flow = $this->allLh($head);

                return $this->commonM($flow) + $head - $givenM($flow);
            },
            0,
            $this->junctionM($mostLh),
        );

        return $this->allLh($head);
    }

    /**
     * Flow and loss along the line's curve, evenly spread.
     *
     * @return list<array{0: float, 1: float}>
     */
    public function curve(float $toLh, int $points): array
    {
        $top = $this->outlets === [] ? 0.0 : $this->junctionM($toLh);
        $curve = [];
        for ($n = 0; $n < $points; $n++) {
            $share = $n / ($points - 1);
            if ($this->outlets === []) {
                $curve[] = [$toLh * $share, $this->lossM($toLh * $share)];

                continue;
            }
            // Flow goes about with the root of the head.
            $flow = $this->allLh($top * $share ** 2);
            $curve[] = [$flow, $this->commonM($flow) + $top * $share ** 2];
        }

        return $curve;
    }

    private function commonM(float $flowLh): float
    {
        return $this->common->lossM($this->common->velocityMs($flowLh));
    }

    /** Through all outlets under that head. */
    private function allLh(float $headM): float
    {
        return $headM <= 0
            ? 0.0
            : array_sum(array_map(fn (Pipe $o): float => self::throughLh($o, $headM), $this->outlets));
    }

    /** Head at the branching that drives that flow through all outlets, m. A loss goes with a power of the flow between one and two. */
    private function junctionM(float $flowLh): float
    {
        if ($flowLh <= 0) {
            return 0.0;
        }
        $head = 0.1;
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $next = $head * ($flowLh / $this->allLh($head)) ** 1.5;
            if (abs($next - $head) <= self::CLOSE * $next) {
                break;
            }
            $head = $next;
        }

        return $head;
    }

    /** Flow of one outlet under that head: v = √(2gh/(ΣK + f·l/D)), f found by repeating. */
    private static function throughLh(Pipe $outlet, float $headM): float
    {
        $available = 2 * Pipe::GRAVITY * $headM;
        $v = sqrt($available);
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $next = sqrt($available / $outlet->factor($v));
            if (abs($next - $v) <= self::CLOSE * $next) {
                break;
            }
            $v = $next;
        }

        return $outlet->flowLh($v);
    }
}
