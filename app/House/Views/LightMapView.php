<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** The light at one depth, as lines of equal value in mm and as the numbers beside them. */
final readonly class LightMapView
{
    private const LEVELS = [50, 100, 150, 200, 300, 400, 600, 800];

    /**
     * @param  list<array{level: int, path: string, x: float, y: float}>  $lines  an SVG path in mm, and where its number stands
     * @param  array<string, string>  $groups  share of the area by coral group
     */
    private function __construct(
        public string $where,
        public string $depth,
        public float $lengthMm,
        public float $widthMm,
        public string $mean,
        public string $least,
        public string $most,
        public string $corner,
        public string $even,
        public array $groups,
        public array $lines,
    ) {
    }

    public static function of(string $where, LightMap $map, Units $units): self
    {
        $par = fn (float $p): string => $units->show(Quantity::of($p, Kind::Par));
        $lines = [];
        foreach ($map->isolines(array_map(floatval(...), self::LEVELS)) as $i => $segments) {
            $level = self::LEVELS[$i];
            if ($segments !== []) {
                $middle = $segments[intdiv(count($segments), 2)];
                $lines[] = [
                    'level' => $level,
                    'path' => self::path($segments),
                    'x' => round($middle[0]),
                    'y' => round($middle[1]),
                ];
            }
        }

        return new self(
            where: $where,
            depth: $units->show(Quantity::of($map->depthMm, Kind::Length)),
            lengthMm: $map->lengthMm,
            widthMm: $map->widthMm,
            mean: $par($map->mean),
            least: $par($map->least),
            most: $par($map->most),
            corner: $par($map->corner),
            even: $units->show(Quantity::of(100 * $map->uniformity, Kind::Percent)),
            groups: array_map(
                fn (float $share): string => $units->show(Quantity::of($share, Kind::Percent)),
                $map->groupSharePct(),
            ),
            lines: $lines,
        );
    }

    /** @param  list<array{0: float, 1: float, 2: float, 3: float}>  $segments  mm, none before the tank's corner */
    private static function path(array $segments): string
    {
        $path = '';
        foreach ($segments as [$x, $y, $toX, $toY]) {
            $path .=
                'M'.(int) ($x + 0.5).' '.(int) ($y + 0.5).'L'.(int) ($toX + 0.5).' '.(int) ($toY + 0.5);
        }

        return $path;
    }

    /**
     * @param  array<string, LightMap>  $maps
     * @return list<self>
     */
    public static function all(array $maps, Units $units): array
    {
        $words = [
            'top' => 'near the surface',
            'upper' => 'a quarter down',
            'mid' => 'halfway down',
            'lower' => 'three quarters down',
            'low' => 'at the bottom',
            'own' => 'where you asked',
        ];

        return array_map(
            fn (string $at, LightMap $map): self => self::of($words[$at] ?? $at, $map, $units),
            array_keys($maps),
            $maps,
        );
    }
}
