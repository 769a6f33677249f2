<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Single\LaterHelp;
use Velbrin\Core\Risk\Single\PersonGone;

/** One person who does not come: for what help is then too late, and for what only later. */
final readonly class PersonGoneView
{
    /**
     * @param  list<array{hazard: string, harmH: float, withH: float, withoutH: float|null}>  $tooLate
     */
    private function __construct(public string $name, public array $tooLate, public int $later, public ?float $mostLaterH)
    {
    }

    public static function of(PersonGone $gone): self
    {
        $late = $gone->tooLate();
        $more = array_map(fn (LaterHelp $l): float => $l->withoutH === null ? INF : $l->withoutH - $l->withH, $gone->later);
        $most = $more === [] ? null : max($more);

        return new self(
            name: $gone->name,
            tooLate: array_map(
                fn (LaterHelp $l): array => [
                    'hazard' => $l->hazard->label(),
                    'harmH' => $l->harmH,
                    'withH' => $l->withH,
                    'withoutH' => $l->withoutH,
                ],
                $late,
            ),
            later: count($gone->later) - count($late),
            mostLaterH: $most === INF ? null : $most,
        );
    }
}
