<?php

declare(strict_types=1);

namespace App\Alerts\Views;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\Alerts\AlarmStanding;
use App\House\Views\FindingView;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

final readonly class AlarmView
{
    /**
     * @param  list<string>  $watches
     * @param  list<string>  $calls
     * @param  list<int>  $callIds
     * @param  list<FindingView>  $findings  what stands against its limits
     */
    private function __construct(
        public int $id,
        public string $name,
        public array $watches,
        public ?string $quantity,
        public ?string $measures,
        public ?float $lowLimit,
        public ?float $highLimit,
        public float $delayMin,
        public bool $onItsOwn,
        /** A leak’s sensor lies where the floor is lowest; null: nobody has said. */
        public ?bool $isLowest,
        public ?string $testedOn,
        public bool $tested,
        /** Whether it helps tonight, in the words of every page. */
        public string $standing,
        public string $mark,
        public array $calls,
        public array $callIds,
        public array $findings,
    ) {
    }

    /**
     * The alarm is loaded with calls.user.
     *
     * @param  list<Finding>  $findings
     */
    public static function of(Alarm $alarm, AlarmStanding $standing, array $findings, Units $units): self
    {
        return new self(
            id: $alarm->id,
            name: $alarm->name,
            watches: array_values(array_filter($alarm->watches, is_string(...))),
            quantity: $alarm->quantity?->value,
            measures: $alarm->quantity?->label(),
            lowLimit: $alarm->low_limit,
            highLimit: $alarm->high_limit,
            delayMin: $alarm->delay_min,
            onItsOwn: $alarm->on_its_own,
            isLowest: $alarm->is_lowest,
            testedOn: $alarm->tested_on?->toDateString(),
            tested: $alarm->isTested(),
            standing: $standing->words(),
            mark: $standing->mark(),
            calls: array_values($alarm->calls->map(fn (AlarmCall $c): string => (string) $c->user?->name)->all()),
            callIds: array_values($alarm->calls->map(fn (AlarmCall $c): int => $c->user_id)->all()),
            findings: FindingView::all($findings, $units),
        );
    }
}
