<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Holds a value: heating starts at or below one limit and stops at or above the other; cooling the other way round. Between them it
 * goes on as it was; after a boot that is off.
 */
final readonly class Hold implements Rule
{
    /**
     * @param  float  $startAt  in the unit of the probe
     * @param  float  $stopAt  above start: raises the value; below: lowers it
     * @param  Blind|null  $blind  null: nobody has said, which the checker objects to; it then stays as it was
     *
     * @throws OutOfRange when both are one
     */
    public function __construct(public string $probe, public float $startAt, public float $stopAt, public ?Blind $blind)
    {
        if ($startAt === $stopAt) {
            throw OutOfRange::field('stopAt', Phrase::StartAndStopAreTheSame, Phrase::AnotherValueThanStartAt);
        }
    }

    public function raises(): bool
    {
        return $this->stopAt > $this->startAt;
    }

    /** How far start and stop lie apart. */
    public function width(): float
    {
        return abs($this->stopAt - $this->startAt);
    }

    public function kind(): string
    {
        return 'hold';
    }

    public function limits(): array
    {
        // Between them it goes on as it was, so nothing turns on the way back.
        return [
            $this->probe => $this->raises()
                ? [Limit::beyond($this->startAt)->falling(), Limit::from($this->stopAt)->rising()]
                : [Limit::from($this->startAt)->rising(), Limit::beyond($this->stopAt)->falling()],
        ];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        return INF;
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        $value = $sensed->probes[$this->probe] ?? null;
        if ($value === null) {
            return match ($this->blind) {
                Blind::Off => 0.0,
                Blind::On => 1.0,
                default => $own->isOn ? 1.0 : 0.0,
            };
        }
        $beyond = fn (float $limit, bool $above): bool => $above ? $value >= $limit : $value <= $limit;
        $own->isOn = match (true) {
            $beyond($this->stopAt, $this->raises()) => false,
            $beyond($this->startAt, ! $this->raises()) => true,
            default => $own->isOn,
        };

        return $own->isOn ? 1.0 : 0.0;
    }
}
