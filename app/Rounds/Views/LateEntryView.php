<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\VisitEntry;

/** What a phone sent after its visit was closed. */
final readonly class LateEntryView
{
    private const WORDS = [
        'off' => 'switched off',
        'on' => 'on again',
        'stays-off' => 'stays off',
        'done' => 'a job done',
        'litres' => 'litres',
        'part' => 'used',
        'seen' => 'seen',
        'note' => 'note',
        'reading' => 'reading',
        'follow-up' => 'later',
        'photo' => 'photo',
        'step' => 'a step ticked',
        'water' => 'new water',
        'depths' => 'depth of the sand',
        'lift' => 'lifted',
        'put-back' => 'put back',
        'job' => 'a job added',
    ];

    private function __construct(public int $id, public string $what, public string $at, public string $by)
    {
    }

    /** The entry is loaded with user. */
    public static function of(VisitEntry $entry): self
    {
        $named = array_filter(
            array_map(
                fn (string $key): ?string => is_scalar($entry->payload[$key] ?? null)
                    ? (string) $entry->payload[$key]
                    : null,
                ['what', 'name', 'parameter', 'value', 'text', 'outL', 'inL'],
            ),
        );

        return new self(
            $entry->id,
            (self::WORDS[$entry->kind] ?? $entry->kind).($named === [] ? '' : ': '.implode(' ', $named)),
            $entry->typed_at->toIso8601ZuluString(),
            (string) $entry->user?->name,
        );
    }
}
