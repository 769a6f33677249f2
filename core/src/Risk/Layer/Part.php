<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** A kind of thing several protections can hang on at once (X-22). */
enum Part: string
{
    case Source = 'source';
    case Circuit = 'circuit';
    case Strip = 'strip';
    case Outlet = 'outlet';
    case Relay = 'relay';
    case Controller = 'controller';
    case Probe = 'probe';
    case Pump = 'pump';
    case Valve = 'valve';
    case Room = 'room';
    case Person = 'person';
    case Key = 'key';

    public function label(): string
    {
        return $this === self::Source ? 'mains' : $this->value;
    }
}
