<?php

declare(strict_types=1);

namespace App\House;

use RuntimeException;

/** What was kept is of a shape that today’s classes no longer have. */
final class CannotThaw extends RuntimeException
{
}
