<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * Bending stress in a flat glass pane holding water to its rim (B-13): a simply supported plate under
 * hydrostatic load, σ = β·ρg·H³/t² (Roark), β by length over height.
 */
final readonly class PanelStress
{
    /** ρg of sea water, N/mm³. */
    public const WEIGHT_N_MM3 = 1.0e-5;

    /** Annealed float glass, MPa. */
    public const STRENGTH_MPA = 19.2;

    /** Below this factor do not fill; below the second, ask the maker. */
    public const STOP_BELOW = 3.0;

    public const ASK_BELOW = 3.8;

    public const LONGEST_FREE = 2.5;

    private const BRACED = [
        [0.5, 0.085],
        [0.667, 0.1156],
        [1, 0.16],
        [1.5, 0.26],
        [2, 0.32],
        [2.5, 0.35],
        [3, 0.37],
        [3.5, 0.38],
        [4, 0.385],
    ];

    private const FREE = [[0.5, 0.085], [0.667, 0.123], [1, 0.201], [1.5, 0.358], [2, 0.473], [2.5, 0.545]];

    private function __construct(public float $stressMpa, public float $safetyFactor, public float $beta)
    {
    }

    /**
     * @param  bool  $braced  top edge held by a full brace; false for rimless and for unknown
     *
     * @throws OutOfRange on lengthMm for a free top edge longer than 2.5 times the height
     */
    public static function of(float $lengthMm, float $waterHeightMm, float $thicknessMm, bool $braced): self
    {
        Guard::positive('lengthMm', $lengthMm);
        Guard::positive('waterHeightMm', $waterHeightMm);
        Guard::positive('thicknessMm', $thicknessMm);
        $ratio = $lengthMm / $waterHeightMm;
        if (! $braced && $ratio > self::LONGEST_FREE) {
            throw OutOfRange::number(
                'lengthMm',
                $lengthMm,
                Phrase::AtMostWithAFreeTop,
                [
                    'limit' => (string) (self::LONGEST_FREE * $waterHeightMm),
                ],
            );
        }
        $beta = self::beta($ratio, $braced ? self::BRACED : self::FREE);
        $stress = ($beta * self::WEIGHT_N_MM3 * $waterHeightMm ** 3) / $thicknessMm ** 2;

        return new self($stress, self::STRENGTH_MPA / $stress, $beta);
    }

    public function severity(): Severity
    {
        return match (true) {
            $this->safetyFactor < self::STOP_BELOW => Severity::Stop,
            $this->safetyFactor < self::ASK_BELOW => Severity::Fix,
            default => Severity::Fine,
        };
    }

    /** The digit that decides is shown: 2.996 is not "3.00" (C-61). */
    public function factor(): Quantity
    {
        return Quantity::of($this->safetyFactor, Kind::Factor)->apartFrom(self::STOP_BELOW, self::ASK_BELOW);
    }

    /** The verdict on a pane by its numbers alone. */
    public function finding(): Finding
    {
        $parts = [
            'factor' => $this->factor(),
            'stop' => Quantity::of(self::STOP_BELOW, Kind::Factor),
            'ask' => Quantity::of(self::ASK_BELOW, Kind::Factor),
        ];
        $remedy = match ($this->severity()) {
            Severity::Stop => Sentence::of(Phrase::DoNotFillIt),
            Severity::Fix => Sentence::of(Phrase::AskTheMakerInWritingBefore),
            default => null,
        };
        $why = Sentence::of(Phrase::UnderItIsNotFilled, $parts);

        return Finding::of(
            $this->severity(),
            'B-13',
            'panel',
            Sentence::of(Phrase::ThePaneHasASafetyFactor, $parts),
            $why,
            $remedy,
            Basis::Assumed,
        );
    }

    /** @param  list<array{0: float|int, 1: float}>  $table */
    private static function beta(float $ratio, array $table): float
    {
        if ($ratio <= $table[0][0]) {
            return $table[0][1];
        }
        foreach ($table as $i => [$x, $y]) {
            if ($ratio <= $x) {
                [$x0, $y0] = $table[max(0, $i - 1)];

                return $y0 + (($y - $y0) * ($ratio - $x0)) / ($x - $x0);
            }
        }

        return $table[count($table) - 1][1];
    }
}
