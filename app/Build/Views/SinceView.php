<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\House\Views\FigureView;
use App\House\Views\FindingView;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\SinceThen;
use Velbrin\Core\Measure\Units;

/** Where today’s arithmetic says something else than was accepted: both numbers. */
final readonly class SinceView
{
    /**
     * @param  list<array{label: string, then: string, now: string}>  $figures
     * @param  list<FindingView>  $stops  they hold the gates all the same
     */
    private function __construct(public array $figures, public array $stops)
    {
    }

    public static function of(?SinceThen $since, Units $units): ?self
    {
        if ($since === null) {
            return null;
        }
        $text = fn (?Figure $figure): string => $figure === null ? 'not said' : FigureView::of($figure, $units)->text ?? 'not said';

        return new self(
            array_map(
                fn (array $pair): array => [
                    'label' => $pair[0]->label ?? $pair[1]->label ?? '',
                    'then' => $text($pair[0]),
                    'now' => $text($pair[1]),
                ],
                $since->figures,
            ),
            FindingView::all($since->stops, $units),
        );
    }
}
