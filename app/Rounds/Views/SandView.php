<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\SandProfile;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\SandLoss;
use Velbrin\Core\Vessel\SandBed;

/** How deep the sand lies, what it lacks, how fast it goes. */
final readonly class SandView
{
    /**
     * @param  list<string>  $places  measured last time, by name
     * @param  list<string>  $staying  animals that are not to be moved, each with why
     */
    private function __construct(public ?float $aimMm, public array $places, public ?string $words, public array $staying)
    {
    }

    /**
     * @param  list<SandProfile>  $profiles  the newest first, two at most
     * @param  list<string>  $staying
     */
    public static function of(array $profiles, array $staying, Units $units): self
    {
        $last = $profiles[0] ?? null;
        $depths = $last?->depths() ?? [];
        if ($last === null || $depths === []) {
            return new self(null, ['left front', 'right front', 'left back', 'right back'], null, $staying);
        }
        $short = SandBed::short($last->area_m2, $depths, $last->aim_mm, $last->density_kg_l);
        $mm = fn (float $v): string => $units->show(Quantity::of($v, Kind::Length));
        $words = "Measured {$last->measured_on->format('j M')}: {$mm($short->meanMm)} in the mean, {$mm(
            $last->aim_mm,
        )} wanted: {$units->show(Quantity::of($short->kgShort, Kind::Mass))} to bring.";
        $before = $profiles[1] ?? null;
        $days = $before === null ? 0.0 : $before->measured_on->diffInDays($last->measured_on);
        if ($before !== null && $days > 0 && $before->depths() !== []) {
            $was = SandBed::short($before->area_m2, $before->depths(), $before->aim_mm, $before->density_kg_l)->meanMm;
            // What was poured then lies on top of what was measured.
            $poured = ($before->added_kg ?? 0.0) / $before->density_kg_l / $before->area_m2;
            $loss = SandLoss::between($was + $poured, $short->meanMm, $days, $last->aim_mm);
            $words .= " It loses {$mm($loss->mmPerMonth)} a month.";
        }

        return new self($last->aim_mm, array_map(fn (array $p): string => $p['place'], $last->places), $words, $staying);
    }
}
