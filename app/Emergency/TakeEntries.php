<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Rounds\Entries\PhoneClock;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Velbrin\Core\Emergency\IncidentState;
use Velbrin\Core\Emergency\Said;
use Velbrin\Core\Emergency\Spilling;

/** Takes what phones say of an incident, once each: a repeat after a lost answer finds its number and gets the same answer. */
final class TakeEntries
{
    /** Older than that it is a mistake, days. */
    private const OLDEST_DAYS = 30;

    /** −5 to 50 °C. */
    private const MIDDLE_C = 22.5;

    private const AROUND_C = 27.5;

    /**
     * @param  int  $skewS  how far the phone’s clock is off
     * @return array{uuid: string|null, outcome: string, words: string|null}
     */
    public function take(Incident $incident, User $user, mixed $entry, int $skewS): array
    {
        $given = is_array($entry) ? $entry : [];
        $uuid = is_string($given['uuid'] ?? null) && Str::isUuid($given['uuid']) ? strtolower($given['uuid']) : null;
        $said = is_string($given['kind'] ?? null) ? Said::tryFrom($given['kind']) : null;
        $at = PhoneClock::moment($given['at'] ?? null)?->addSeconds($skewS);
        if ($uuid === null || $said === null || $at === null) {
            $what = $uuid === null ? 'Its own number' : ($said === null ? 'What was said' : 'Its hour');

            return ['uuid' => $uuid, 'outcome' => 'refused', 'words' => "{$what} cannot be read."];
        }
        if ($at->isBefore(CarbonImmutable::now()->subDays(self::OLDEST_DAYS))) {
            return ['uuid' => $uuid, 'outcome' => 'refused', 'words' => 'It is older than '.self::OLDEST_DAYS.' days.'];
        }
        $payload = is_array($given['payload'] ?? null) ? $given['payload'] : [];
        $words = $payload['words'] ?? null;
        $value = $payload['value'] ?? null;
        $of = $payload['of'] ?? null;
        $row = new IncidentEntry([
            'uuid' => $uuid,
            'incident_id' => $incident->id,
            'user_id' => $user->id,
            'said' => $said,
            'of' => is_string($of) ? mb_substr($of, 0, 40) : null,
            'value' => is_int($value) || is_float($value) ? (float) $value : null,
            'words' => is_string($words) ? mb_substr(trim($words), 0, 300) : null,
            'at' => ($at->isFuture() ? CarbonImmutable::now() : $at)->utc()->format('Y-m-d H:i:s.v'),
            'created_at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s.v'),
        ]);
        $against = self::against($row);

        return $against === null ? $this->once($row) : ['uuid' => $uuid, 'outcome' => 'refused', 'words' => $against];
    }

    /** @return array{uuid: string, outcome: string, words: string|null} */
    private function once(IncidentEntry $entry): array
    {
        $known = IncidentEntry::query()->where('uuid', $entry->uuid)->first();
        if ($known === null) {
            try {
                $entry->save();
            } catch (UniqueConstraintViolationException) {
                // The same came twice at the same moment: the other one was first.
                $known = IncidentEntry::query()->where('uuid', $entry->uuid)->first();
            }
        }
        $isAnothers = $known !== null && ($known->user_id !== $entry->user_id || $known->incident_id !== $entry->incident_id);

        return $isAnothers
            ? ['uuid' => $entry->uuid, 'outcome' => 'refused', 'words' => 'That number belongs to another entry.']
            : ['uuid' => $entry->uuid, 'outcome' => 'ok', 'words' => null];
    }

    private static function against(IncidentEntry $entry): ?string
    {
        return match ($entry->said) {
            Said::State => match (IncidentState::tryFrom((string) $entry->of)) {
                null => 'How far it is cannot be read.',
                IncidentState::Closed => 'It is closed in the office, with its review.',
                default => null,
            },
            Said::Reading => match (true) {
                ! in_array($entry->of, ['temperature', 'oxygen', 'ph', 'salinity', 'ammonia', 'alkalinity'], true) => 'What was read?',
                $entry->value === null => 'A number, please.',
                $entry->of === 'temperature' && abs($entry->value - self::MIDDLE_C) > self::AROUND_C => 'Between -5 and 50 °C, please.',
                $entry->value < -5 || $entry->value > 1000 => 'That number cannot be.',
                default => null,
            },
            Said::Did => preg_match('/^[a-z-]{2,40}$/', (string) $entry->of) === 1 ? null : 'What was done cannot be read.',
            Said::Look => in_array($entry->of, ['wet', 'dry', ...array_map(fn (Spilling $s): string => $s->value, Spilling::cases())], true)
                ? null
                : 'What was seen cannot be read.',
            Said::Called, Said::Note, Said::Danger => (string) $entry->words === '' ? 'It says nothing.' : null,
        };
    }
}
