<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\Control\Controller;
use App\Control\Outlet;
use App\Control\ReadableSetUp;
use App\Control\WholeSetUp;
use App\Systems\Item;
use Velbrin\Core\Control\Programme\Words;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A label for a plug: what it is for, what it draws, what it does without its link, and where its record is (K-3). */
final readonly class LabelView
{
    private function __construct(
        public int $id,
        public string $plug,
        public string $purpose,
        public ?string $watts,
        public string $lost,
        public string $address,
        public bool $isLabelled,
    ) {
    }

    /** @return list<self> */
    public static function all(Controller $controller, WholeSetUp $whole, Units $units): array
    {
        $setup = ReadableSetUp::of($whole->of($controller, $controller->latest()->document ?? []))->setup;
        $words = new Words($setup);
        $lost = $places = [];
        foreach ($setup->programme->outlets as $outlet) {
            $lost[$outlet->id] = $words->lostLink($outlet)->in($units);
            $places[$outlet->id] = $outlet->place;
        }

        return array_values($whole->outlets($controller)->map(function (Outlet $o) use ($controller, $units, $lost, $places): self {
            $watts = (float) $o->items->sum(fn (Item $i): float => $i->watts ?? 0.0);

            return new self(
                id: $o->id,
                plug: $o->name,
                purpose: $places[$o->key()] ?? ($o->items->isEmpty() ? 'free' : $o->items->pluck('name')->implode(', ')),
                watts: $watts > 0 ? $units->show(Quantity::of($watts, Kind::Power)) : null,
                lost: $lost[$o->key()] ?? 'not set up',
                address: url("/control/{$controller->id}#{$o->key()}"),
                isLabelled: $o->is_labelled,
            );
        })->all());
    }
}
