<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A day of light as it is drawn: each channel's band upon the one before, hours across, share of full power up. */
final readonly class DayPlanView
{
    /** An hour is so wide, full power so high. */
    public const HOUR = 24;

    public const FULL = 100;

    private const STEP_H = 0.25;

    /** @param  list<array{name: string, path: string, says: string}>  $channels  SVG paths */
    private function __construct(public string $full, public array $channels)
    {
    }

    public static function of(DayPlan $day, Units $units): self
    {
        $hours = fn (float $h): string => $units->show(Quantity::of($h, Kind::Hours));
        $up = $down = array_fill(0, count($day->channels), '');
        for ($h = 0.0; $h <= 24; $h += self::STEP_H) {
            $sum = 0.0;
            foreach ($day->at(fmod($h, 24)) as $i => $share) {
                $x = round($h * self::HOUR, 1);
                $down[$i] = 'L'.$x.' '.round(self::FULL * (1 - $sum), 1).$down[$i];
                $sum += $share;
                $up[$i] .= ($up[$i] === '' ? 'M' : 'L').$x.' '.round(self::FULL * (1 - $sum), 1);
            }
        }

        return new self(
            $hours($day->fullHours()),
            array_map(
                fn (array $c, string $a, string $b): array => [
                    'name' => $c[0],
                    'path' => $a.$b.'Z',
                    'says' => 'from '.
                        self::clock($c[2]->fromH).
                        ' to '.
                        self::clock($c[2]->untilH).
                        ', ramps '.
                        $hours($c[2]->rampH).
                        ', up to '.
                        $units->show(Quantity::of(100 * $c[2]->topShare, Kind::Percent)),
                ],
                $day->channels,
                $up,
                $down,
            ),
        );
    }

    private static function clock(float $hour): string
    {
        return sprintf('%02d:%02d', (int) $hour % 24, (int) round(60 * fmod($hour, 1)) % 60);
    }
}
