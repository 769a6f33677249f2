<?php

declare(strict_types=1);

namespace App\Alerts\Views;

use App\Alerts\Live\AlarmEvent;
use App\Alerts\Live\AlarmNotice;

/** A trouble that goes on or waits for an answer: who, what, who was called, who is next. */
final readonly class TroubleView
{
    /**
     * @param  list<array{who: string, at: string, sent: bool, dropped: bool}>  $calls  in time
     * @param  list<string>  $joined  other alarms of the same cause
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $systemId,
        public string $system,
        public string $site,
        public string $words,
        public string $at,
        public string $raisedAt,
        public ?string $clearedAt,
        public ?string $answeredBy,
        public ?string $answeredAt,
        /** An answer holds so long. */
        public ?string $silentUntil,
        /** Expected until then: it calls when it is still so. */
        public ?string $heldUntil,
        public ?string $next,
        public ?string $nextAt,
        public array $calls,
        public array $joined,
    ) {
    }

    /**
     * The event is loaded with alarm.system.site, notices.user and acknowledger.
     *
     * @param  list<string>  $joined
     */
    public static function of(AlarmEvent $event, array $joined): self
    {
        $next = $event->acknowledged_at !== null
            ? null
            : $event->notices->first(fn (AlarmNotice $n): bool => $n->sent_at === null && $n->dropped_at === null);

        return new self(
            id: $event->id,
            name: (string) $event->alarm?->name,
            systemId: (int) $event->alarm?->system_id,
            system: (string) $event->alarm?->system?->name,
            site: (string) $event->alarm?->system?->site?->name,
            words: $event->words,
            at: $event->at->toIso8601ZuluString(),
            raisedAt: $event->raised_at->toIso8601ZuluString(),
            clearedAt: $event->cleared_at?->toIso8601ZuluString(),
            answeredBy: $event->acknowledger?->name,
            answeredAt: $event->acknowledged_at?->toIso8601ZuluString(),
            silentUntil: $event->silent_until?->toIso8601ZuluString(),
            heldUntil: $event->held_until?->toIso8601ZuluString(),
            next: $next?->user?->name,
            nextAt: $next?->due_at->toIso8601ZuluString(),
            calls: array_values($event->notices->map(fn (AlarmNotice $n): array => [
                'who' => (string) $n->user?->name,
                'at' => ($n->sent_at ?? $n->due_at)->toIso8601ZuluString(),
                'sent' => $n->sent_at !== null,
                'dropped' => $n->dropped_at !== null,
            ])->all()),
            joined: $joined,
        );
    }
}
