<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Single\CriticalFunction;
use Velbrin\Core\Risk\Single\Event;
use Velbrin\Core\Risk\Single\Loss;

/** One thing taken away: what goes with it, what follows, when it harms. */
final readonly class SingleLossView
{
    /**
     * @param  list<string>  $devices
     * @param  list<string>  $functions
     * @param  list<string>  $events
     * @param  list<string>  $needs
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $mode,
        public bool $isShared,
        public array $devices,
        public array $functions,
        public ?float $harmH,
        public string $harm,
        public array $events,
        public ?string $floor,
        public array $needs,
    ) {
    }

    public static function of(Loss $loss, Units $units): self
    {
        return new self(
            id: $loss->id,
            name: $loss->name,
            mode: $loss->mode->words(),
            isShared: ! str_starts_with($loss->id, 'device:'),
            devices: $loss->devices,
            functions: array_map(fn (CriticalFunction $f): string => $f->label(), $loss->functions),
            harmH: $loss->harm?->hours,
            harm: $loss->harm?->hours === null ? '' : "{$loss->harm->by}, {$units->show($loss->harm->limit)}",
            events: array_map(fn (Event $e): string => $e->says->in($units), $loss->events),
            floor: $loss->floorL > 0 ? $units->show(Quantity::of($loss->floorL, Kind::Volume)) : null,
            needs: $loss->needs,
        );
    }
}
