<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A topic whose questions are asked one by one (B-94): every Stop comes out of one of them. */
interface Asks
{
    /** @return list<Check> */
    public static function checks(): array;
}
