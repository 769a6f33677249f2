<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Units;

/** One answer in the reader's units, or what it needs. */
final readonly class FigureView
{
    /** @param  list<string>  $needs labels of the facts it waits for */
    private function __construct(
        public string $key,
        public string $label,
        public ?string $text,
        public ?string $note,
        public string $basis,
        public bool $assumed,
        public ?WorkingView $working,
        public array $needs,
    ) {
    }

    public static function of(Figure $figure, Units $units): self
    {
        return new self(
            key: $figure->key,
            label: $figure->label,
            text: $figure->quantity === null ? $figure->word : $units->show($figure->quantity),
            note: $figure->note?->in($units),
            basis: self::grounds($figure->grounds),
            assumed: $figure->grounds->basis === Basis::Assumed,
            working: $figure->working === null ? null : WorkingView::of($figure->working, $units),
            needs: array_map(self::fieldLabel(...), $figure->needs),
        );
    }

    /** "assumed: floor thickness, pipes and 2 more". */
    public static function grounds(Grounds $grounds): string
    {
        $labels = array_map(fn (string $field): string => lcfirst(self::fieldLabel($field)), $grounds->fields);
        $more = count($labels) - 3;

        return $grounds->basis->words().
            ($labels === []
                ? ''
                : ': '.
                    implode(', ', array_slice($labels, 0, $more > 0 ? 3 : null)).
                    ($more > 0 ? " and {$more} more" : ''));
    }

    public static function fieldLabel(string $field): string
    {
        return match (true) {
            preg_match('/^passages\.(\d+)\.(corridor[AB]Mm)$/', $field, $cell) === 1 => 'The way in, place '.
                ((int) $cell[1] + 1).
                ': '.
                ($cell[2] === 'corridorAMm' ? 'first' : 'second').
                ' corridor',
            isset(PlanSheet::fields()[$field]) => PlanSheet::fields()[$field]->label,
            $field === 'passages' => 'The way in',
            str_starts_with($field, 'phases') => 'Phases',
            $field === 'curve' => 'The pump’s curve',
            str_starts_with($field, 'chambers') => 'Sump chambers',
            $field === 'ledges' => 'Frames and shelves of the cabinet',
            $field === 'gear' => 'Things for the cabinet',
            $field === 'compartments' => 'Compartments of the cabinet',
            str_starts_with($field, 'lamps') => 'Lamps',
            str_starts_with($field, 'vessels') => 'Other vessels',
            default => $field,
        };
    }
}
