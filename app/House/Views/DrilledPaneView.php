<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\DrilledPane;
use Velbrin\Core\Build\HoleFit;
use Velbrin\Core\Build\HolePlan;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A pane with its holes, seen from outside; mm from the left and the lower edge. */
final readonly class DrilledPaneView
{
    /**
     * @param  list<array{row: int, name: string, xMm: float, yMm: float, diameterMm: float, needMm: float, tight: bool,
     *     words: string}>  $holes
     */
    private function __construct(
        public string $pane,
        public string $words,
        public float $widthMm,
        public float $heightMm,
        public bool $round,
        public array $holes,
    ) {
    }

    public static function of(DrilledPane $pane, Units $units): self
    {
        $mm = fn (float $value): string => $units->show(Quantity::of($value, Kind::Length));

        return new self(
            $pane->pane->value,
            $pane->pane->words(),
            $pane->widthMm,
            $pane->heightMm,
            $pane->round,
            array_map(
                fn (HoleFit $f): array => [
                    'row' => $f->row,
                    'name' => $f->hole->name,
                    'xMm' => $f->hole->xMm,
                    'yMm' => $f->hole->yMm,
                    'diameterMm' => $f->hole->diameterMm,
                    'needMm' => $f->edgeNeedMm,
                    'tight' => $f->spareMm() < 0,
                    'words' => "{$mm($f->edgeMm)} to the edge, {$mm($f->edgeNeedMm)} asked".
                        ($f->nextMm === null
                            ? ''
                            : "; {$mm($f->nextMm)} to the next, {$mm((float) $f->nextNeedMm)} asked"),
                ],
                $pane->fits,
            ),
        );
    }

    /** @return list<self> */
    public static function all(?HolePlan $plan, Units $units): array
    {
        return array_map(fn (DrilledPane $p): self => self::of($p, $units), array_values($plan->panes ?? []));
    }
}
