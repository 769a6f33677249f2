<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\SeenByPh;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** A guard on pH over a head that raises alkalinity: what it sees of an overdose, and when. */
final readonly class PhSeesLittle implements Row
{
    /** Where alkalinity begins to burn, dKH: a house value. */
    private const HARM_DKH = 12.0;

    public function code(): string
    {
        return 'K-60';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            foreach ($guard->when as $condition) {
                $probe = $setup->probes[$condition->probe ?? ''] ?? null;
                $liquid = ($setup->hung[$guard->outlet] ?? null)?->doses;
                if ($probe?->quantity === 'ph' && $condition->above && $liquid?->dicPerMeq() !== null) {
                    array_push($found, ...$this->seen($setup, $guard->id, $guard->outlet, $liquid, (float) $condition->limit));
                }
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function seen(Setup $setup, string $guard, string $outlet, Liquid $liquid, float $limitPh): array
    {
        $facts = $setup->facts;
        $place = $setup->place($outlet);
        if ($facts->alkDkh === null || $facts->ph === null) {
            return [Objection::unknown($this->code(), $guard, "the guard of {$place}", 'a reading of alkalinity and of pH')];
        }
        try {
            $riseDkh = SeenByPh::riseDkh($liquid, $facts->alkDkh, $facts->ph, $limitPh);
        } catch (OutOfRange) {
            return [Objection::unknown($this->code(), $guard, "the guard of {$place}", 'a pH and an alkalinity that go together')];
        }
        $parts = ['place' => $place, 'liquid' => $liquid->value, 'limit' => Quantity::of($limitPh, Kind::Ph)];
        if ($riseDkh === null) {
            return [Objection::of(
                Severity::Fix,
                $this->code(),
                $guard,
                Phrase::TheGuardOfNeverSees,
                Phrase::ItRaisesAlkalinityAndHardlyPH,
                Phrase::AMostInAny24H,
                $parts,
            )];
        }

        return $facts->alkDkh + $riseDkh <= self::HARM_DKH ? [] : [Objection::of(
            Severity::Fix,
            $this->code(),
            $guard,
            Phrase::TheGuardOfSeesAnOverdose,
            Phrase::PHComesToLongAfterAlkalinity,
            Phrase::ALowerLimit,
            $parts + ['rise' => Quantity::of($riseDkh, Kind::Alkalinity)],
        )];
    }
}
