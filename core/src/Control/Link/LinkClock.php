<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Link;

/**
 * When a row was measured: within a start of the device by how long before sending, else by its own clock and what that is off. A
 * simulated device lives in a time of its own.
 */
final readonly class LinkClock
{
    /** A row from further ahead than this is held back, s. */
    public const AHEAD_S = 5.0;

    /**
     * @param  float  $receivedS  by our clock
     * @param  int|null  $boot  the start the batch was sent in
     * @param  float|null  $sentUpMs  ms since that start, when it was sent
     * @param  float|null  $skewS  what the device’s clock is ahead of ours; null: nobody knows
     * @param  array{epochS: float, rate: float, helloS: float}|null  $simulated
     */
    public function __construct(
        private float $receivedS,
        public ?int $boot,
        private ?float $sentUpMs,
        private ?float $skewS,
        private ?array $simulated = null,
    ) {
    }

    /** s since 1970; null: nobody can say. */
    public function at(Row $row): ?float
    {
        $isSameBoot = $row->upMs !== null && $this->sentUpMs !== null && $row->boot === $this->boot;
        if ($isSameBoot) {
            return $this->nowS() - max(0.0, (float) $this->sentUpMs - (float) $row->upMs) / 1000
                + max(0.0, (float) $row->upMs - (float) $this->sentUpMs) / 1000;
        }

        return $row->at === null || $this->skewS === null ? null : $row->at - $this->skewS;
    }

    public function isAhead(float $atS): bool
    {
        return $atS > $this->nowS() + self::AHEAD_S;
    }

    /** What a device’s clock is ahead, from one batch; null: it says nothing of its clock. */
    public static function skewS(?float $sentAtS, float $receivedS): ?float
    {
        return $sentAtS === null ? null : $sentAtS - $receivedS;
    }

    /** Now, in the time the device lives in. */
    public function nowS(): float
    {
        return $this->simulated === null
            ? $this->receivedS
            : $this->simulated['epochS'] + $this->simulated['rate'] * ($this->receivedS - $this->simulated['helloS']);
    }
}
