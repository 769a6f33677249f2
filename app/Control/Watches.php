<?php

declare(strict_types=1);

namespace App\Control;

use Carbon\CarbonImmutable;

/** The alarms of a controller as its set-up reads them; the room that keeps alarms knows. */
interface Watches
{
    /**
     * The controllers are loaded with their sensors.
     *
     * @param  list<Controller>  $controllers
     * @return array<int, list<array<string, mixed>>> by controller, as a set-up’s document has them
     */
    public function of(array $controllers): array;

    /**
     * Who would be called, one after the other, were its first alarm raised at that moment and nobody answered.
     *
     * @return array{alarm: string, calls: list<array{who: string, afterMin: float}>, away: list<string>}|null null: it has no alarm
     */
    public function chain(Controller $controller, CarbonImmutable $at): ?array;
}
