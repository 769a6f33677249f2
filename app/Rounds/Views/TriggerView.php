<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** One further reason for a job to come due, as its form fills it in. */
final readonly class TriggerView
{
    /** @param  list<int>|null  $days */
    private function __construct(
        public string $kind,
        public ?array $days,
        public ?string $parameter,
        public ?float $below,
        public ?float $above,
        public ?string $sign,
        public ?float $vesselL,
        public ?float $mlPerDay,
        public ?float $leadDays,
        public ?string $by,
        public ?float $limit,
        public ?float $perDay,
        public ?string $on,
        public ?float $everyDays,
        public ?float $forDays,
        public ?float $stop,
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function of(array $row): self
    {
        $text = fn (string $key): ?string => is_string($row[$key] ?? null) ? $row[$key] : null;
        $number = fn (string $key): ?float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : null;
        $days = is_array($row['days'] ?? null) ? array_values(array_filter($row['days'], is_int(...))) : null;

        return new self(
            kind: (string) $text('kind'),
            days: $days,
            parameter: $text('parameter'),
            below: $number('below'),
            above: $number('above'),
            sign: $text('sign'),
            vesselL: $number('vesselL'),
            mlPerDay: $number('mlPerDay'),
            leadDays: $number('leadDays'),
            by: $text('by'),
            limit: $number('limit'),
            perDay: $number('perDay'),
            on: $text('on'),
            everyDays: $number('everyDays'),
            forDays: $number('forDays'),
            stop: $number('stop'),
        );
    }
}
