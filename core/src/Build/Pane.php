<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A pane that is drilled, always looked at from outside the tank; the floor from below, its front edge at the bottom. */
enum Pane: string
{
    case Back = 'back';
    case Left = 'left';
    case Right = 'right';
    case Front = 'front';
    case Floor = 'floor';

    public function words(): string
    {
        return match ($this) {
            self::Back => 'back pane, seen from behind',
            self::Left => 'left pane, seen from the left',
            self::Right => 'right pane, seen from the right',
            self::Front => 'front pane, seen from the front',
            self::Floor => 'floor pane, seen from below',
        };
    }
}
