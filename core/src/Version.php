<?php

declare(strict_types=1);

namespace Velbrin\Core;

/** Stamped on every stored answer: which rules and arithmetic it came from. */
final class Version
{
    public const NUMBER = '0.5.0';
}
