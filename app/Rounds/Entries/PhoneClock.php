<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\Rounds\Visit;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Throwable;

/** A phone whose clock is wrong: each lot says what the phone’s clock shows, and every entry is set right by the difference. */
final readonly class PhoneClock
{
    /** Less than that is the way through the air. */
    private const SMALL_S = 30;

    /** Older than that it is a mistake, days. */
    private const OLDEST_DAYS = 60;

    private function __construct(public int $skewS)
    {
    }

    /** @param  string|null  $sentAt  what the phone’s clock shows as it sends; null: an older page, taken as right */
    public static function of(?string $sentAt): self
    {
        $skew = $sentAt === null ? 0 : (int) CarbonImmutable::parse($sentAt)->diffInSeconds(CarbonImmutable::now());

        return new self(abs($skew) < self::SMALL_S ? 0 : $skew);
    }

    /** @return array{0: Sent|null, 1: string} the entry, or why it cannot be read */
    public function entry(Visit $visit, User $user, mixed $entry): array
    {
        $entry = is_array($entry) ? $entry : [];
        $uuid = $entry['uuid'] ?? null;
        $kind = $entry['kind'] ?? null;
        $payload = $entry['payload'] ?? null;
        $at = self::moment($entry['at'] ?? null);
        $oldest = CarbonImmutable::now()->subDays(self::OLDEST_DAYS);
        $tooOld = 'It is older than '.self::OLDEST_DAYS.' days: write it into the log by hand.';
        $why = match (true) {
            ! is_string($uuid) || ! Str::isUuid($uuid) => 'It carries no number of its own.',
            ! is_string($kind) || $kind === '' || strlen($kind) > 20 => 'What kind of entry it is cannot be read.',
            ! is_array($payload) || count($payload) > 20 => 'What was typed cannot be read.',
            $at === null => 'Its hour cannot be read.',
            $at->addSeconds($this->skewS)->isBefore($oldest) => $tooOld,
            default => '',
        };
        if ($why !== '') {
            return [null, $why];
        }
        $right = $at->addSeconds($this->skewS)->utc();

        return [
            new Sent(
                $visit,
                $user,
                strtolower((string) $uuid),
                (string) $kind,
                $right->isFuture() ? CarbonImmutable::now() : $right,
                (array) $payload,
            ),
            '',
        ];
    }

    /** As a phone writes it; null: it cannot be read. */
    public static function moment(mixed $at): ?CarbonImmutable
    {
        if (! is_string($at) || strlen($at) > 40 || preg_match('/^\d{4}-\d\d-\d\dT/', $at) !== 1) {
            return null;
        }
        try {
            return CarbonImmutable::parse($at);
        } catch (Throwable) {
            return null;
        }
    }
}
