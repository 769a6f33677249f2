<?php

declare(strict_types=1);

namespace App\Build;

use Velbrin\Core\Build\Mark;
use Velbrin\Core\Build\Section;
use Velbrin\Core\Build\Shape;
use Velbrin\Core\Measure\Units;

/** The second thin painter of the section: the same shapes and soundings as on screen, on paper. */
final class SectionSvg
{
    private const INK = '#1d2a31';

    private const FILLS = [
        'water' => '#b3d3cd',
        'fresh' => '#dcebea',
        'sand' => '#e7d9b6',
        'rock' => '#8d9691',
        'glass' => self::INK,
        'hood' => self::INK,
        'light' => self::INK,
        'pump' => '#ffffff',
        'paper' => '#ffffff',
        'weir' => self::INK,
        'break' => '#c8452d',
        'stand' => 'none',
    ];

    private const LINE_HEIGHT = 1.25;

    /** Width of the labels' columns as a share of the drawing. */
    public const MARGIN = 0.3;

    public static function paint(Section $section, Units $units): string
    {
        $font = ($section->widthMm * (1 + 2 * self::MARGIN)) / 74;
        $margin = $section->widthMm * self::MARGIN;
        $body = '';
        foreach ($section->shapes as $shape) {
            $body .= self::shape($shape, $section->widthMm / 420);
        }
        foreach (['left', 'right', 'in'] as $side) {
            $marks = array_values(array_filter($section->marks, fn (Mark $m): bool => $m->side === $side));
            usort($marks, fn (Mark $a, Mark $b): int => $a->y <=> $b->y);
            $body .=
                $side === 'in'
                    ? self::inside($marks, $font, $units)
                    : self::column($marks, $side, $section, $margin, $font, $units);
        }
        $x = $section->minXMm - $margin;
        $width = $section->widthMm + 2 * $margin;

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"{$x} 0 {$width} {$section->heightMm}\" width=\"{$width}\" ".
            "height=\"{$section->heightMm}\">{$body}</svg>";
    }

    private static function shape(Shape $shape, float $hair): string
    {
        [$x, $y] = $shape->points[0];
        $points = implode(
            ' ',
            array_map(fn (array $p): string => round($p[0], 1).','.round($p[1], 1), $shape->points),
        );

        return match ($shape->kind) {
            'rect' => sprintf(
                '<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="%s"%s/>',
                $x,
                $y,
                $shape->points[1][0] - $x,
                $shape->points[1][1] - $y,
                self::FILLS[$shape->role] ?? 'none',
                in_array($shape->role, ['stand', 'pump'], true)
                    ? ' stroke="'.self::INK.'" stroke-width="'.round($hair, 1).'"'
                    : '',
            ),
            'area' => '<polygon points="'.$points.'" fill="'.(self::FILLS[$shape->role] ?? 'none').'"/>',
            default => self::line($shape, $points, $hair),
        };
    }

    private static function line(Shape $shape, string $points, float $hair): string
    {
        $plain = fn (string $colour, float $width, string $more = ''): string => '<polyline points="'.
            $points.
            '" fill="none" stroke="'.
            $colour.
            '" stroke-width="'.
            round($width, 1).
            '"'.
            $more.
            '/>';

        return match ($shape->role) {
            'pipe' => $plain(self::INK, $shape->widthMm + 2 * $hair).$plain('#86b8b3', $shape->widthMm),
            'dry' => $plain(self::INK, $shape->widthMm + 2 * $hair).$plain('#ffffff', $shape->widthMm),
            'cut' => $plain(
                '#c8452d',
                $hair * 1.4,
                ' stroke-dasharray="'.round($hair * 6).' '.round($hair * 4).'"',
            ),
            'baffle' => $plain(self::INK, $shape->widthMm),
            default => $plain(self::INK, $hair * 1.4),
        };
    }

    /** @param  list<Mark>  $marks */
    private static function inside(array $marks, float $font, Units $units): string
    {
        $out = '';
        foreach ($marks as $mark) {
            foreach ($mark->lines as $i => $line) {
                $size = $i === 0 && $mark->role === 'figure' ? $font * 1.15 : $font * 0.85;
                $out .= self::text(
                    $mark->x,
                    $mark->y + $i * $font * self::LINE_HEIGHT,
                    $line->in($units),
                    $size,
                    'middle',
                    self::INK,
                    $i === 0 && $mark->role === 'figure',
                );
            }
        }

        return $out;
    }

    /** @param  list<Mark>  $marks from the top down; a label that would touch the one above moves down */
    private static function column(
        array $marks,
        string $side,
        Section $section,
        float $margin,
        float $font,
        Units $units,
    ): string {
        $out = '';
        $next = 0.0;
        $left = $side === 'left';
        $x = $left ? $section->minXMm - $margin * 0.95 : $section->minXMm + $section->widthMm + $margin * 0.06;
        foreach ($marks as $mark) {
            $colour = $mark->role === 'warn' ? '#a8331f' : self::INK;
            $y = max($next, $mark->y - 0.2 * $font);
            $edge = $left ? $section->minXMm - $margin * 0.05 : $x - $font * 0.3;
            $out .= sprintf(
                '<polyline points="%.1f,%.1f %.1f,%.1f" fill="none" stroke="%s" stroke-width="%.1f"/>',
                $edge,
                $y - $font * 0.3,
                $mark->x,
                $mark->y,
                $mark->role === 'warn' ? $colour : '#8a8f8a',
                $font / 22,
            );
            foreach ($mark->lines as $i => $line) {
                $out .= self::text(
                    $x,
                    $y + $i * $font * self::LINE_HEIGHT,
                    $line->in($units),
                    $font * 0.88,
                    'start',
                    $colour,
                    false,
                );
            }
            $next = $y + (count($mark->lines) + 0.35) * $font * self::LINE_HEIGHT;
        }

        return $out;
    }

    private static function text(
        float $x,
        float $y,
        string $words,
        float $size,
        string $anchor,
        string $colour,
        bool $bold,
    ): string {
        // The paper's drawing fonts have no thin space.
        $words = htmlspecialchars(str_replace(["\u{202F}", "\u{00A0}", "\u{2212}"], [' ', ' ', '-'], $words), ENT_XML1);

        return sprintf(
            '<text x="%.1f" y="%.1f" font-size="%.1f" font-family="Helvetica" text-anchor="%s" fill="%s"%s>%s</text>',
            $x,
            $y,
            $size,
            $anchor,
            $colour,
            $bold ? ' font-weight="bold"' : '',
            $words,
        );
    }
}
