<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What each fixing of something hung over water must hold before it breaks (B-53, B-84). A competent person confirms on site. */
final readonly class Hanging
{
    public const FACTOR = 5.0;

    /** A sheave gives on 96 % of the pull. */
    private const SHEAVE = 0.96;

    public const CONFIRM = 'Fixing and ceiling to be confirmed on site by a competent person.';

    private function __construct(public float $neededKgEach, public float $worstShare, public bool $ok)
    {
    }

    /**
     * 5 × mass × the worst share of one fixing: 1: 1, 2: 0.6, 3: 0.4, four or more on rigid hangers 0.5, evened out 1.2/n.
     *
     * @param  float  $breakingKgEach  of the fixing in the actual ceiling, not a maker’s reduced working load
     *
     * @throws OutOfRange
     */
    public static function of(float $massKg, int $fixings, float $breakingKgEach, bool $equalised = false): self
    {
        Guard::notNegative('massKg', $massKg);
        Guard::notNegative('breakingKgEach', $breakingKgEach);
        if ($fixings < 1 || $fixings > 100) {
            throw OutOfRange::number('fixings', $fixings, Phrase::N1To100);
        }
        $share = match (true) {
            $fixings === 1 => 1.0,
            $fixings === 2 => 0.6,
            $fixings === 3 => 0.4,
            $equalised => 1.2 / $fixings,
            default => 0.5,
        };
        $needed = self::FACTOR * $massKg * $share;

        return new self($needed, $share, $breakingKgEach >= $needed);
    }

    /** The verdict, with the digit that decides. A competent person confirms it on site. */
    public function finding(float $breakingKgEach): Finding
    {
        $parts = [
            'needed' => Quantity::of($this->neededKgEach, Kind::Mass)->apartFrom($breakingKgEach),
            'breaking' => Quantity::of($breakingKgEach, Kind::Mass)->apartFrom($this->neededKgEach),
        ];
        $what = $this->ok
            ? Phrase::TheEnteredFixingsMeetTheFactor
            : Phrase::EachFixingMustHold;
        $remedy = $this->ok ? null : Sentence::of(Phrase::MoreOrStrongerFixings);

        return Finding::of(
            $this->ok ? Severity::Fine : Severity::Stop,
            'B-53',
            'light',
            Sentence::of($what, $parts),
            Sentence::of(Phrase::FixingAndCeilingToBeConfirmed),
            $remedy,
            Basis::Assumed,
        );
    }

    /** Tension of each of n cables led over sheaves, kg: W/n ÷ 0.96ᵏ. @throws OutOfRange */
    public static function cableKg(float $massKg, int $cables, int $sheaves): float
    {
        if ($cables < 1 || $sheaves < 0) {
            throw OutOfRange::number(
                $cables < 1 ? 'cables' : 'sheaves',
                min($cables, $sheaves),
                $cables < 1 ? Phrase::AtLeast1 : Phrase::AtLeast0,
            );
        }

        return Guard::notNegative('massKg', $massKg) / $cables / self::SHEAVE ** $sheaves;
    }

    /** Load of a sheave’s fixing that turns a cable by an angle, kg: 2T·sin(α/2). @throws OutOfRange */
    public static function sheaveKg(float $tensionKg, float $turnDeg): float
    {
        return 2 *
            Guard::notNegative('tensionKg', $tensionKg) *
            sin(deg2rad(Guard::within('turnDeg', $turnDeg, 0, 180)) / 2);
    }
}
