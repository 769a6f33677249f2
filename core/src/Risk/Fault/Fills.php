<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Rate\Unsure;

/** Something fills until it spills: a vessel under a line from the mains, a skimmer's cup (R-12, R-13). */
final readonly class Fills
{
    /** What a skimmer that has gone wild throws out, L/h. */
    public const WILD_SKIMMER_LH = 20.0;

    public function __construct(public Span $roomL, public Span $litresH, public string $roomWords, public string $flowWords)
    {
    }

    public static function skimmer(): self
    {
        return new self(Open::cupL(), Span::sure(self::WILD_SKIMMER_LH), 'what the skimmer’s cup holds', '');
    }

    /** @return list<Harm> */
    public function harms(): array
    {
        $hours = Unsure::of(
            ['room' => $this->roomL, 'flow' => $this->litresH],
            fn (array $f): float => $f['flow'] > 0 ? $f['room'] / $f['flow'] : INF,
        );
        $needs = array_map(fn (string $f): string => $f === 'room' ? $this->roomWords : $this->flowWords, $hours->narrows);

        return [Harm::open('floor', $hours, Quantity::of($this->roomL->likely, Kind::Volume), $needs, spills: true)];
    }

    /** On the floor after so many hours, L. */
    public function floorL(float $hours): float
    {
        return max(0.0, $this->litresH->likely * $hours - $this->roomL->likely);
    }
}
