<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use App\Rounds\Entries\PhoneClock;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Velbrin\Core\Moves\Day\EventKind;

/** Takes what phones say on the day, once each: a repeat after a lost answer finds its number and gets the same answer. */
final class TakeEvents
{
    /** Older than that it is a mistake, days. */
    private const OLDEST_DAYS = 60;

    /** More nobody counts out of a box. */
    private const MOST_ANIMALS = 10_000;

    /**
     * @param  int  $skewS  how far the phone’s clock is off
     * @return array{uuid: string|null, outcome: string, words: string|null}
     */
    public function take(Move $move, User $user, mixed $entry, int $skewS): array
    {
        $given = is_array($entry) ? $entry : [];
        $uuid = is_string($given['uuid'] ?? null) && Str::isUuid($given['uuid']) ? strtolower($given['uuid']) : null;
        $kind = is_string($given['kind'] ?? null) ? EventKind::tryFrom($given['kind']) : null;
        $payload = is_array($given['payload'] ?? null) ? $given['payload'] : [];
        $at = PhoneClock::moment($given['at'] ?? null)?->addSeconds($skewS);
        if ($uuid === null || $kind === null || $at === null) {
            $what = $uuid === null ? 'Its own number' : ($kind === null ? 'What kind of entry it is' : 'Its hour');

            return ['uuid' => $uuid, 'outcome' => 'refused', 'words' => "{$what} cannot be read."];
        }
        if ($at->isBefore(CarbonImmutable::now()->subDays(self::OLDEST_DAYS))) {
            return ['uuid' => $uuid, 'outcome' => 'refused', 'words' => 'It is older than '.self::OLDEST_DAYS.' days.'];
        }
        $words = $payload['words'] ?? null;
        $value = $payload['value'] ?? null;
        $of = $payload['of'] ?? null;
        $event = new MoveEvent([
            'uuid' => $uuid,
            'move_id' => $move->id,
            'user_id' => $user->id,
            'kind' => $kind,
            'of' => is_string($of) ? mb_substr($of, 0, 60) : null,
            'value' => is_int($value) || is_float($value) ? (float) $value : null,
            'words' => is_string($words) ? mb_substr(trim($words), 0, 300) : null,
            'at' => ($at->isFuture() ? CarbonImmutable::now() : $at)->utc()->format('Y-m-d H:i:s.v'),
            'created_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s.v'),
        ]);
        $against = self::against($event);
        if ($against !== null) {
            return ['uuid' => $uuid, 'outcome' => 'refused', 'words' => $against];
        }

        return $this->once($event);
    }

    /** @return array{uuid: string, outcome: string, words: string|null} */
    private function once(MoveEvent $event): array
    {
        $known = MoveEvent::query()->where('uuid', $event->uuid)->first();
        if ($known === null) {
            try {
                $event->save();
            } catch (UniqueConstraintViolationException) {
                // The same came twice at the same moment: the other one was first.
                $known = MoveEvent::query()->where('uuid', $event->uuid)->first();
            }
        }
        $isAnothers = $known !== null && ($known->user_id !== $event->user_id || $known->move_id !== $event->move_id);

        return $isAnothers
            ? ['uuid' => $event->uuid, 'outcome' => 'refused', 'words' => 'That number belongs to another entry.']
            : ['uuid' => $event->uuid, 'outcome' => 'ok', 'words' => null];
    }

    private static function against(MoveEvent $event): ?string
    {
        $isNamed = $event->of !== null && $event->of !== '';

        return match ($event->kind) {
            EventKind::Began, EventKind::Done, EventKind::Drop => $isNamed ? null : 'Which step it was cannot be read.',
            EventKind::Reading => match (true) {
                ! $isNamed => 'Which box it was cannot be read.',
                $event->value === null || $event->value < -5 || $event->value > 45 => 'Between -5 and 45 °C, please.',
                default => null,
            },
            EventKind::Longer => $isNamed && $event->value !== null && $event->value > 0 && $event->value <= 1440
                ? null : 'How many minutes more, from 1 to 1440?',
            EventKind::Gate => $isNamed && preg_match('/^(yes|plan-b|reason: .+)$/u', (string) $event->words) === 1
                ? null : 'Yes, plan B, or yes with a reason.',
            EventKind::Count, EventKind::Home, EventKind::Held, EventKind::Lost, EventKind::Taken, EventKind::Back => match (true) {
                ! $isNamed => 'What was counted cannot be read.',
                ! self::isNumberOfAnimals($event->value) => 'How many, from 0 to '.self::MOST_ANIMALS.'?',
                default => null,
            },
            EventKind::Loaded, EventKind::Off => $isNamed ? null : 'Which box it was cannot be read.',
            EventKind::Note => (string) $event->words === '' ? 'It says nothing.' : null,
        };
    }

    private static function isNumberOfAnimals(?float $value): bool
    {
        return $value !== null && $value >= 0 && $value <= self::MOST_ANIMALS && floor($value) === $value;
    }

    /** Minutes of a moment from the beginning of the move’s work, to the millisecond: of what is said twice the last counts. */
    public static function minutes(Move $move, CarbonImmutable $at, int $beginsMin): float
    {
        $begins = Days::moment($move->on?->toDateString() ?? Days::text(), $beginsMin);

        return ($at->getTimestampMs() - $begins->getTimestampMs()) / 60_000;
    }
}
