<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** Alkalinity and calcium dosed so near to each other that they meet before the water has turned over. */
final readonly class DosesTooNear implements Row
{
    /** However fast the water turns over, min. */
    private const LEAST_MIN = 15.0;

    /** The system’s water passes the return so often between the two. */
    private const TURNS = 3.0;

    private const DAY_MIN = 1440.0;

    public function code(): string
    {
        return 'K-58';
    }

    public function look(Setup $setup): array
    {
        $alk = $this->dosing($setup, Liquid::Hydroxide, Liquid::Carbonate, Liquid::Bicarbonate);
        $calcium = $this->dosing($setup, Liquid::Calcium, Liquid::Magnesium);
        $found = $this->asked($setup);
        $facts = $setup->facts;
        foreach ($alk as [$one, $first]) {
            foreach ($calcium as [$other, $second]) {
                if ($facts->volumeL === null || $facts->flowLh === null || $facts->flowLh <= 0) {
                    $found[] = Objection::unknown($this->code(), $one->id, $one->place, 'the litres, and the flow of the return');

                    continue;
                }
                $wantedMin = max(self::LEAST_MIN, (self::TURNS * $facts->volumeL * 60) / $facts->flowLh);
                $apartMin = self::apartMin($first->minutes, $second->minutes);
                if ($apartMin < $wantedMin - 1e-9) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $one->id,
                        Phrase::AndComeWithinOfEachOther,
                        Phrase::WhereTheyMeet,
                        Phrase::MoveOneOfThem,
                        [
                            'one' => $one->place,
                            'other' => $other->place,
                            'apart' => Quantity::of($apartMin, Kind::Minutes),
                            'wanted' => Quantity::of($wantedMin, Kind::Minutes),
                        ],
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<Finding> two heads on clocks, and nobody has said what one gives */
    private function asked(Setup $setup): array
    {
        $pulses = array_filter($setup->programme->outlets, fn (Outlet $o): bool => $o->rule instanceof Pulse);
        $unsaid = array_filter($pulses, fn (Outlet $o): bool => ($setup->hung[$o->id] ?? null)?->doses === null);

        return count($pulses) < 2 ? [] : array_values(array_map(
            fn (Outlet $o): Finding => Objection::unknown($this->code(), $o->id, $o->place, 'what that head gives'),
            $unsaid,
        ));
    }

    /** @return list<array{0: Outlet, 1: Pulse}> */
    private function dosing(Setup $setup, Liquid ...$liquids): array
    {
        $dosing = [];
        foreach ($setup->programme->outlets as $outlet) {
            if ($outlet->rule instanceof Pulse && in_array(($setup->hung[$outlet->id] ?? null)?->doses, $liquids, true)) {
                $dosing[] = [$outlet, $outlet->rule];
            }
        }

        return $dosing;
    }

    /**
     * Over midnight too.
     *
     * @param  non-empty-list<float>  $one
     * @param  non-empty-list<float>  $other
     */
    private static function apartMin(array $one, array $other): float
    {
        $least = self::DAY_MIN;
        foreach ($one as $a) {
            foreach ($other as $b) {
                $apart = abs($a - $b);
                $least = min($least, $apart, self::DAY_MIN - $apart);
            }
        }

        return $least;
    }
}
