<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What a messy job leaves behind for a while, and until when: alarms are judged with it in mind, and the client hears it before (X-12). */
final readonly class Disturbance
{
    /** A change of more than this share of the water upsets what lives in it for some hours. */
    public const BIG_CHANGE_SHARE = 0.3;

    /** Messy jobs keep off the days before something the client holds. */
    public const CLEAR_DAYS = 7;

    /** @param  list<string>  $holds  quantities it moves: alarms on them wait for its end */
    private function __construct(public float $hours, public string $looks, public array $holds)
    {
    }

    /**
     * @param  string  $job  key of the kind of job
     * @param  float|null  $share  of the water that is changed; null: not a change, or unknown
     */
    public static function after(string $job, bool $messy, ?float $share = null): ?self
    {
        return match (true) {
            $job === 'sand-topup' => new self(24, 'The water is cloudy and corals stay closed', ['ph']),
            $job === 'sand-quarter' => new self(12, 'The water is hazy', ['ph']),
            $job === 'change' && $share !== null && $share > self::BIG_CHANGE_SHARE => new self(
                6,
                'Corals stay closed and fish hide',
                ['temperature', 'salinity', 'ph'],
            ),
            $job !== 'change' && $messy => new self(24, 'The water may be cloudy and the animals shy', ['ph']),
            default => null,
        };
    }
}
