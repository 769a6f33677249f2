<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A coral at its place against the light it wants (L-2, L-30). */
final class CoralLight
{
    /** Null: it stands within, or nobody has said either. */
    public static function finding(string $name, ?float $par, ?float $low, ?float $high): ?Finding
    {
        if ($par === null || ($low === null && $high === null)) {
            return null;
        }
        if ($par >= ($low ?? 0.0) && $par <= ($high ?? INF)) {
            return null;
        }
        $of = fn (?float $v, string $none): Quantity|string => $v === null ? $none : Quantity::of($v, Kind::Par);
        $parts = ['name' => $name, 'par' => Quantity::of($par, Kind::Par), 'low' => $of($low, 'any'), 'high' => $of($high, 'any')];

        return Finding::of(
            severity: Severity::Watch,
            rule: 'L-30',
            about: 'livestock',
            what: Sentence::of(Phrase::OutsideItsLight, $parts),
            why: Sentence::of(Phrase::TooMuchBleachesTooLittleStarves),
            remedy: Sentence::of(Phrase::AnotherPlaceOrAnotherCoral),
            subject: $name,
        )->answering('livestock-light');
    }
}
