<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\BoardLayout;

/** The equipment board to scale, mm from its upper left corner. */
final readonly class BoardView
{
    /** @param  list<array{row: int, name: string, kind: string, xMm: float, yMm: float, widthMm: float, heightMm: float}>  $standing */
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $plugsMm,
        public float $exitMm,
        public array $standing,
    ) {
    }

    public static function of(BoardLayout $board): self
    {
        return new self(
            $board->widthMm,
            $board->heightMm,
            BoardLayout::PLUGS_MM,
            BoardLayout::EXIT_MM,
            $board->standing,
        );
    }
}
