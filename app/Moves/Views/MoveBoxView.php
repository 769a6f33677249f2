<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Moves\Brief\BoxAnswer;
use Velbrin\Core\Moves\Day\HeadCount;

/** What a box holds, how long it lasts and how warm it arrives. */
final readonly class MoveBoxView
{
    /**
     * @param  list<string>  $animals
     * @param  list<string>  $needs
     * @param  list<array{id: string, label: string, count: int, lost: int}>  $riders
     * @param  BoxHeadsView|null  $heads  as counted on the day; null: nobody rides in it
     * @param  list<float>  $coursesC  °C at the end of each leg
     */
    private function __construct(
        public string $id,
        public string $label,
        public float $litres,
        public float $kg,
        public string $wall,
        public array $animals,
        public array $needs,
        public ?float $demandMgH,
        public ?float $hours,
        public ?string $binds,
        public bool $airSuffices,
        public ?float $arrivesC,
        public array $coursesC,
        public ?float $readC,
        public array $riders,
        public ?BoxHeadsView $heads,
    ) {
    }

    /** @param  list<Animal>  $in */
    public static function of(BoxAnswer $answer, array $in, ?BoxTemperature $warmth, ?float $readC, ?HeadCount $heads = null): self
    {
        return new self(
            id: $answer->box->id,
            label: $answer->box->label,
            litres: $answer->box->litres,
            kg: $answer->box->kg(),
            wall: $answer->box->wall->label(),
            animals: array_map(fn (Animal $a): string => $a->count > 1 ? "{$a->count} × {$a->label}" : $a->label, $in),
            needs: $answer->needs,
            demandMgH: $answer->demandMgH > 0 ? $answer->demandMgH : null,
            hours: $answer->hours?->hours,
            binds: $answer->hours?->binds,
            airSuffices: $answer->airSuffices,
            arrivesC: $warmth === null || $warmth->endsC === [] ? null : min($warmth->endsC),
            coursesC: $warmth->endsC ?? [],
            readC: $readC,
            riders: array_map(fn (Animal $a): array => [
                'id' => $a->id,
                'label' => $a->label,
                'count' => $a->count,
                'lost' => $heads->lost[$a->id] ?? 0,
            ], $in),
            heads: BoxHeadsView::of($answer->box->id, $heads),
        );
    }
}
