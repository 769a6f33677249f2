<?php

declare(strict_types=1);

namespace App\Team\Views;

use Carbon\CarbonImmutable;

/** One device somebody is signed in on. */
final readonly class SignedInView
{
    private const SYSTEMS = [
        'Android' => 'a phone or tablet (Android)',
        'iPhone' => 'an iPhone',
        'iPad' => 'an iPad',
        'Windows' => 'a computer (Windows)',
        'Macintosh' => 'a computer (macOS)',
        'Linux' => 'a computer (Linux)',
    ];

    private function __construct(
        public string $name,
        public string $device,
        public ?string $from,
        public string $lastSeen,
        public bool $isHere,
    ) {
    }

    public static function of(object $row, string $hereId): self
    {
        $given = get_object_vars($row);
        $id = is_string($given['id'] ?? null) ? $given['id'] : '';
        $agent = is_string($given['user_agent'] ?? null) ? $given['user_agent'] : '';
        $at = is_numeric($given['last_activity'] ?? null) ? (int) $given['last_activity'] : 0;

        return new self(
            name: self::name($id),
            device: self::device($agent),
            from: is_string($given['ip_address'] ?? null) ? $given['ip_address'] : null,
            lastSeen: CarbonImmutable::createFromTimestampUTC($at)->toIso8601ZuluString(),
            isHere: hash_equals($id, $hereId),
        );
    }

    /** Names a session without being it. */
    public static function name(string $id): string
    {
        return substr(hash_hmac('sha256', $id, config()->string('app.key')), 0, 32);
    }

    private static function device(string $agent): string
    {
        foreach (self::SYSTEMS as $sign => $words) {
            if (str_contains($agent, $sign)) {
                return $words;
            }
        }

        return 'a device';
    }
}
