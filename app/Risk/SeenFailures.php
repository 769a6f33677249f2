<?php

declare(strict_types=1);

namespace App\Risk;

/** What emergencies have taught about devices; the room that leads them knows. */
interface SeenFailures
{
    /** @return array<int, float> age in years at which a device failed, by its id */
    public function byItem(): array;
}
