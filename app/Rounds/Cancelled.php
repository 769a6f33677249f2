<?php

declare(strict_types=1);

namespace App\Rounds;

use RuntimeException;

/** Somebody ended long work. */
final class Cancelled extends RuntimeException
{
}
