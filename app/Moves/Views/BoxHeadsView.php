<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Day\HeadCount;

/** The animals of a box as they were counted on the day. */
final readonly class BoxHeadsView
{
    /** @param  int  $lostBefore  signed for before the box was counted in */
    private function __construct(
        public int $planned,
        public ?int $in,
        public ?int $home,
        public ?int $held,
        public int $lost,
        public int $lostBefore,
        public bool $loaded,
        public bool $off,
    ) {
    }

    /** Null: nobody rides in it. */
    public static function of(string $box, ?HeadCount $heads): ?self
    {
        foreach ($heads->boxes ?? [] as $count) {
            if ($count->box->id === $box) {
                return new self(
                    planned: $count->planned,
                    in: $count->in,
                    home: $count->home,
                    held: $count->held,
                    lost: $count->lost,
                    lostBefore: $count->lostBefore,
                    loaded: $count->isLoaded,
                    off: $count->isOff,
                );
            }
        }

        return null;
    }
}
