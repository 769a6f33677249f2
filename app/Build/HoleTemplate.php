<?php

declare(strict_types=1);

namespace App\Build;

use Velbrin\Core\Build\DrilledPane;
use Velbrin\Core\Build\HoleFit;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** Paints the sheets of a drilling template at full size: one drawing unit is one millimetre on paper (B-24). */
final class HoleTemplate
{
    public const SHEET_WIDTH_MM = 174.0;

    public const SHEET_HEIGHT_MM = 205.0;

    /** Glass shown round each hole, mm: enough to line up tape. */
    private const ROUND_MM = 12.0;

    private const INK = '#1d2a31';

    /**
     * @param  array<string, DrilledPane>  $panes
     * @return list<array{pane: string, holes: list<string>, whole: bool, svg: string}>
     */
    public static function sheets(array $panes, Units $units): array
    {
        $sheets = [];
        foreach ($panes as $pane) {
            foreach ($pane->sheets(self::SHEET_WIDTH_MM, self::SHEET_HEIGHT_MM, self::ROUND_MM) as $window) {
                $fits = array_values(
                    array_filter($pane->fits, fn (HoleFit $f): bool => in_array($f->row, $window['rows'], true)),
                );
                $sheets[] = [
                    'pane' => ucfirst($pane->pane->words()),
                    'holes' => array_map(fn (HoleFit $f): string => self::words($f, $units), $fits),
                    'whole' => max([0.0, ...array_map(fn (HoleFit $f): float => $f->hole->diameterMm, $fits)]) +
                            2 * self::ROUND_MM <=
                        self::SHEET_WIDTH_MM,
                    'svg' => self::paint($pane, $fits, $window['xMm'], $window['yMm']),
                ];
            }
        }

        return $sheets;
    }

    private static function words(HoleFit $fit, Units $units): string
    {
        $mm = fn (float $value): string => $units->show(Quantity::of($value, Kind::Length));
        $name = $fit->hole->name === '' ? 'hole '.($fit->row + 1) : $fit->hole->name;

        return sprintf(
            '%d, %s: hole %s; centre %s from the left edge, %s up from the lower edge',
            $fit->row + 1,
            $name,
            $mm($fit->hole->diameterMm),
            $mm($fit->hole->xMm),
            $mm($fit->hole->yMm),
        );
    }

    /**
     * @param  list<HoleFit>  $fits
     * @param  float  $left  of the window on the pane, mm
     * @param  float  $low  of the window on the pane, mm
     */
    private static function paint(DrilledPane $pane, array $fits, float $left, float $low): string
    {
        [$w, $h] = [self::SHEET_WIDTH_MM, self::SHEET_HEIGHT_MM];
        $body = $pane->round
            ? self::circle($pane->widthMm / 2 - $left, $h - ($pane->widthMm / 2 - $low), $pane->widthMm / 2, 0.6)
            : self::edges($pane, $left, $low);
        foreach ($fits as $fit) {
            [$x, $y, $r] = [$fit->hole->xMm - $left, $h - ($fit->hole->yMm - $low), $fit->hole->diameterMm / 2];
            $arm = $r + 8;
            $body .=
                self::circle($x, $y, $r, 0.25).
                self::circle($x, $y, 1.2, 0.2).
                self::line($x - $arm, $y, $x + $arm, $y).
                self::line($x, $y - $arm, $x, $y + $arm).
                sprintf(
                    '<text x="%.2f" y="%.2f" font-size="5" font-family="DejaVu Sans" fill="%s">%d</text>',
                    $x + 2.5,
                    $y - 2.5,
                    self::INK,
                    $fit->row + 1,
                );
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$w} {$h}\" width=\"{$w}\" height=\"{$h}\">{$body}</svg>";
    }

    /** The pane's own edges, where they pass through the window. */
    private static function edges(DrilledPane $pane, float $left, float $low): string
    {
        [$w, $h] = [self::SHEET_WIDTH_MM, self::SHEET_HEIGHT_MM];
        [$x0, $x1] = [max(0.0, -$left), min($w, $pane->widthMm - $left)];
        [$y0, $y1] = [max(0.0, $h - ($pane->heightMm - $low)), min($h, $h + $low)];
        $drawn = '';
        foreach ([0.0, $pane->widthMm] as $x) {
            $drawn .= $x >= $left && $x <= $left + $w ? self::line($x - $left, $y0, $x - $left, $y1, 0.6) : '';
        }
        foreach ([0.0, $pane->heightMm] as $y) {
            $drawn .=
                $y >= $low && $y <= $low + $h ? self::line($x0, $h - ($y - $low), $x1, $h - ($y - $low), 0.6) : '';
        }

        return $drawn;
    }

    private static function circle(float $x, float $y, float $r, float $line): string
    {
        return sprintf(
            '<circle cx="%.2f" cy="%.2f" r="%.2f" fill="none" stroke="%s" stroke-width="%.2f"/>',
            $x,
            $y,
            $r,
            self::INK,
            $line,
        );
    }

    private static function line(float $x1, float $y1, float $x2, float $y2, float $width = 0.2): string
    {
        return sprintf(
            '<line x1="%.2f" y1="%.2f" x2="%.2f" y2="%.2f" stroke="%s" stroke-width="%.2f"/>',
            $x1,
            $y1,
            $x2,
            $y2,
            self::INK,
            $width,
        );
    }

    /** A ruler of 100 mm with a tick at every 10. */
    public static function ruler(): string
    {
        $ticks = '';
        for ($mm = 0; $mm <= 100; $mm += 10) {
            $ticks .= self::line($mm + 1, 0, $mm + 1, $mm % 50 === 0 ? 6 : 3.5, 0.25);
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 102 8" width="102" height="8">'.
            self::line(1, 0.2, 101, 0.2, 0.25).
            $ticks.
            '</svg>';
    }
}
