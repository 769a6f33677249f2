<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** The only three things said about a floor (B-11). */
enum FloorWord: string
{
    case Within = 'within';
    case Ask = 'ask';
    case Never = 'never';

    public function says(): Phrase
    {
        return match ($this) {
            self::Within => Phrase::FigureWithinTheUsualAllowance,
            self::Ask => Phrase::FigureAskAStructuralEngineer,
            self::Never => Phrase::FigureNeverWithoutAnEngineer,
        };
    }
}
