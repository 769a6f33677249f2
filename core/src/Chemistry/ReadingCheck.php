<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** A value as it is typed: refused when it cannot be, asked for once more when it is hard to believe (C-2, X-4). */
final class ReadingCheck
{
    /** @throws OutOfRange outside the plausible range */
    public static function plausible(Measured $parameter, float $value): void
    {
        [$least, $most] = $parameter->plausible();
        if (! is_finite($value) || $value < $least || $value > $most) {
            throw OutOfRange::number(
                'value',
                $value,
                Phrase::LeastToMost,
                ['least' => Quantity::of($least, $parameter->kind()), 'most' => Quantity::of($most, $parameter->kind())],
                least: Quantity::of($least, $parameter->kind()),
                most: Quantity::of($most, $parameter->kind()),
            );
        }
    }

    /** Why it is asked for once more; null when it is believed at once. */
    public static function doubt(Measured $parameter, float $value, ?Band $band, ?Judgement $before): ?Sentence
    {
        $kind = $parameter->kind();
        $parts = ['value' => Quantity::of($value, $kind)];
        $fine = fn (float $v): bool => $band !== null &&
            ($band->fineLow !== null || $band->fineHigh !== null) &&
            ! $band->standing($v)->outside();
        foreach ([$value * 10, $value / 10] as $slipped) {
            if ($band !== null && $band->standing($value)->outside() && $fine($slipped)) {
                return Sentence::of(Phrase::IsTenTimesOff, [
                    ...$parts,
                    'slipped' => Quantity::of($slipped, $kind),
                ]);
            }
        }
        if ($band !== null && $band->standing($value)->asksToAct()) {
            return Sentence::of(
                Phrase::IsReadItOnceMore,
                [...$parts, 'standing' => $band->standing($value)->words()],
            );
        }
        if ($before?->lineNow !== null && $before->doubts($value, $before->lineNow)) {
            $over = $value > $before->lineNow;

            return Sentence::of(
                $over ? Phrase::IsOverTheLine : Phrase::IsUnderTheLine,
                [...$parts, 'gap' => Quantity::of(abs($value - $before->lineNow), $parameter->differenceKind())],
            );
        }

        return null;
    }
}
