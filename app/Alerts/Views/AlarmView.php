<?php

declare(strict_types=1);

namespace App\Alerts\Views;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;

final readonly class AlarmView
{
    /**
     * @param  list<string>  $watches
     * @param  list<string>  $calls
     */
    private function __construct(public int $id, public string $name, public array $watches, public float $delayMin, public bool $onItsOwn, public ?string $testedOn, public bool $tested, public array $calls)
    {
    }

    /** The alarm is loaded with calls.user. */
    public static function of(Alarm $alarm): self
    {
        return new self(
            $alarm->id, $alarm->name, array_values(array_filter($alarm->watches, is_string(...))), $alarm->delay_min, $alarm->on_its_own, $alarm->tested_on?->toDateString(), $alarm->isTested(),
            array_values($alarm->calls->map(fn (AlarmCall $c): string => (string) $c->user?->name)->all()),
        );
    }
}
