<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\Passage;
use Velbrin\Core\Build\WaysThrough;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** One piece at one opening, in or out, mm: its face in the opening, and seen from above where the way turns. */
final readonly class WayThroughView
{
    /** @param  array{a: float, b: float, deg: float, long: float, short: float}|null  $corner */
    private function __construct(
        public string $piece,
        public string $name,
        public bool $out,
        public float $openWide,
        public float $openHigh,
        public float $faceWide,
        public float $faceHigh,
        public ?array $corner,
        public string $words,
        public bool $stuck,
    ) {
    }

    /** @return list<self> */
    public static function all(?WaysThrough $ways, Units $units): array
    {
        $views = [];
        foreach ($ways->ways ?? [] as $way) {
            $views[] = self::of($way['piece'], $way['name'], $way['passage'], $way['in'], false, $units);
            if ($way['out'] !== null) {
                $views[] = self::of($way['piece'], $way['name'], $way['passage']->outward(), $way['out'], true, $units);
            }
        }

        return $views;
    }

    private static function of(
        string $piece,
        string $name,
        Passage $passage,
        Access $access,
        bool $out,
        Units $units,
    ): self {
        $mm = fn (float $v): string => $units->show(Quantity::of(abs($v), Kind::Length));
        $slack = $access->slackMm();

        return new self(
            piece: $piece,
            name: $name,
            out: $out,
            openWide: $passage->widthMm,
            openHigh: $passage->heightMm,
            faceWide: $access->faceWideMm,
            faceHigh: $access->faceHighMm,
            corner: $access->tightDeg === null
                ? null
                : [
                    'a' => (float) $passage->corridorAMm,
                    'b' => (float) $passage->corridorBMm,
                    'deg' => $access->tightDeg,
                    'long' => $access->longMm,
                    'short' => $access->shortMm,
                ],
            words: $slack < 0 ? "lacks {$mm($slack)}" : "{$mm($slack)} to spare",
            stuck: $slack < 0,
        );
    }
}
