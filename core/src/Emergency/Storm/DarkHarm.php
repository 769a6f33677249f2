<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

/** What harms a tank without power first, and after how many hours. */
final readonly class DarkHarm
{
    public const OXYGEN = 'oxygen';

    public const TEMPERATURE = 'temperature';

    public function __construct(public float $hours, public string $by)
    {
    }
}
