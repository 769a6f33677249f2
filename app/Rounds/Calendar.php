<?php

declare(strict_types=1);

namespace App\Rounds;

use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;

/** A crew's or a client's visits as iCalendar (RFC 5545), times in UTC. A client's says where and when, never how to get in. */
final class Calendar
{
    public static function of(Feed $feed): string
    {
        $crew = $feed->kind === Feed::CREW;
        $visits = Visit::query()
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY, Visit::CLOSED])
            ->whereNotNull('starts_at')
            ->where('starts_at', '>=', CarbonImmutable::now()->subDays(60))
            ->when(
                $crew,
                fn ($q) => $q->where('crew_id', $feed->subject_id),
                fn ($q) => $q->whereHas('site', fn ($s) => $s->where('client_id', $feed->subject_id)),
            )
            ->with(['site.client', 'tasks.type', 'tasks.system'])
            ->orderBy('starts_at')
            ->limit(500)
            ->get();
        $calendar = new VCalendar(['PRODID' => '-//Velbrin//Rounds//EN']);
        $calendar->remove('CALSCALE');
        $calendar->add('CALSCALE', 'GREGORIAN');
        foreach ($visits as $visit) {
            $starts = $visit->starts_at ?? CarbonImmutable::now();
            $jobs = $visit->tasks
                ->map(fn (VisitTask $t): string => "{$t->system?->name}: {$t->type?->name}")
                ->unique()
                ->implode("\n");
            $calendar->add('VEVENT', [
                'UID' => "visit-{$visit->id}@velbrin",
                'DTSTAMP' => ($visit->updated_at ?? CarbonImmutable::now())->utc()->toDateTime(),
                'DTSTART' => $starts->utc()->toDateTime(),
                'DTEND' => $starts->addMinutes((int) ceil($visit->minutes))->utc()->toDateTime(),
                'SUMMARY' => $crew
                    ? "{$visit->site?->name}, {$visit->site?->client?->name}"
                    : "Aquarium visit, {$visit->site?->name}",
                'LOCATION' => trim("{$visit->site?->street}, {$visit->site?->town}", ', '),
                'DESCRIPTION' => $crew
                    ? $jobs
                    : $visit->tasks
                        ->map(fn (VisitTask $t): string => (string) $t->system?->name)
                        ->unique()
                        ->implode(', '),
                'STATUS' => 'CONFIRMED',
                'SEQUENCE' => $visit->updated_at?->getTimestamp() ?? 0,
            ]);
        }

        return $calendar->serialize();
    }
}
