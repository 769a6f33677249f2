<?php

declare(strict_types=1);

namespace App\House;

use Velbrin\Core\Build\BoardLayout;

/** The equipment board on paper, to scale: the second thin painter of what the screen shows. */
final class BoardSvg
{
    private const INK = '#1d2a31';

    public static function paint(BoardLayout $board): string
    {
        $font = $board->widthMm / 52;
        $edge = $font;
        $rect = fn (float $x, float $y, float $w, float $h, string $fill, string $more = ''): string => sprintf(
            '<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="%s" stroke="%s" stroke-width="%.1f"%s/>',
            $x,
            $y,
            $w,
            $h,
            $fill,
            self::INK,
            $font / 9,
            $more,
        );
        $dash = ' stroke-dasharray="'.round($font / 2).' '.round($font / 2).'"';
        $body =
            $rect(0, 0, $board->widthMm, $board->heightMm, '#ffffff').
            $rect(
                $board->widthMm - BoardLayout::EXIT_MM,
                $board->heightMm - BoardLayout::EXIT_MM,
                BoardLayout::EXIT_MM,
                BoardLayout::EXIT_MM,
                'none',
                $dash,
            );
        foreach ($board->standing as $s) {
            $body .=
                $s['kind'] === 'strip'
                    ? $rect($s['xMm'], $s['yMm'] + $s['heightMm'], $s['widthMm'], BoardLayout::PLUGS_MM, 'none', $dash)
                    : '';
            $body .= $rect($s['xMm'], $s['yMm'], $s['widthMm'], $s['heightMm'], '#dcebea');
            $body .= sprintf(
                '<text x="%.1f" y="%.1f" font-size="%.1f" font-family="Helvetica" text-anchor="middle" fill="%s">%s</text>',
                $s['xMm'] + $s['widthMm'] / 2,
                $s['yMm'] + $s['heightMm'] / 2 + $font / 3,
                min($font, (1.7 * $s['widthMm']) / max(4, mb_strlen($s['name']))),
                self::INK,
                htmlspecialchars($s['name'], ENT_XML1),
            );
        }
        $width = $board->widthMm + 2 * $edge;
        $height = $board->heightMm + 2 * $edge;

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"-{$edge} -{$edge} {$width} {$height}\" width=\"{$width}\" ".
            "height=\"{$height}\">{$body}</svg>";
    }
}
