<?php

declare(strict_types=1);

namespace App\Control;

/** The alarms of a controller as its set-up reads them; the room that keeps alarms knows. */
interface Watches
{
    /** @return list<array<string, mixed>> as a set-up’s document has them */
    public function of(Controller $controller): array;
}
