<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Where in a system something stands, is added or is measured. */
enum Body: string
{
    case Display = 'display';
    case Sump = 'sump';
    case Room = 'room';
}
