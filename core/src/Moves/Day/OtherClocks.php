<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\Piece;
use Velbrin\Core\Moves\Brief\PieceChecks;
use Velbrin\Core\Moves\Brief\PieceKind;
use Velbrin\Core\Moves\Brief\RockRide;

/** What runs beside the animals' clocks on the day (X-45): damp rock out of the water, glue that cures. */
final class OtherClocks
{
    public const ROCK = 'rock';

    public const GLUE = 'glue';

    /**
     * @param  callable(string): (array{0: float, 1: float}|null)  $span  of a step, as it was or as it is planned, from and until
     * @return list<array{kind: string, fromMin: float, untilMin: float, lastsMin: float}> rock lasts until then, glue takes until then
     */
    public static function of(MoveBrief $brief, callable $span): array
    {
        $clocks = [];
        [$out, $in] = [$span('rock'), $span('scape')];
        $damp = array_filter($brief->pieces(PieceKind::Rock), fn (Piece $p): bool => $p->ride === RockRide::Damp);
        if ($damp !== [] && $out !== null && $in !== null) {
            $clocks[] = [
                'kind' => self::ROCK,
                'fromMin' => $out[0],
                'untilMin' => $in[0],
                'lastsMin' => $out[0] + 60 * PieceChecks::DAMP_MOST_H,
            ];
        }
        [$glued, $filled] = [$span('plumb'), $span('fill')];
        if ($brief->waters->glueMin > 0 && $glued !== null && $filled !== null) {
            $clocks[] = [
                'kind' => self::GLUE,
                'fromMin' => $glued[1],
                'untilMin' => $filled[0],
                'lastsMin' => $glued[1] + (float) $brief->waters->glueMin,
            ];
        }

        return $clocks;
    }
}
