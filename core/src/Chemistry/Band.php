<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\OutOfRange;

/** Aim, fine and act limits of one parameter, each side optional, and how fast it may move (C-3). */
final readonly class Band
{
    private function __construct(
        public ?float $aimLow,
        public ?float $aimHigh,
        public ?float $fineLow,
        public ?float $fineHigh,
        public ?float $actLow,
        public ?float $actHigh,
        /** Largest wanted change a day. */
        public ?float $ratePerDay,
    ) {
    }

    /** @throws OutOfRange when the limits do not stand in their order */
    public static function of(
        ?float $aimLow,
        ?float $aimHigh,
        ?float $fineLow,
        ?float $fineHigh,
        ?float $actLow = null,
        ?float $actHigh = null,
        ?float $ratePerDay = null,
    ): self {
        $order = [
            'actLow' => $actLow,
            'fineLow' => $fineLow,
            'aimLow' => $aimLow,
            'aimHigh' => $aimHigh,
            'fineHigh' => $fineHigh,
            'actHigh' => $actHigh,
        ];
        $below = null;
        foreach ($order as $field => $limit) {
            if ($limit !== null && $below !== null && $limit < $below) {
                throw OutOfRange::number(
                    $field,
                    $limit,
                    Phrase::AtLeastTheLimitsStand,
                    ['below' => (string) $below],
                );
            }
            $below = $limit ?? $below;
        }
        if ($ratePerDay !== null && $ratePerDay <= 0) {
            throw OutOfRange::number('ratePerDay', $ratePerDay, Phrase::MoreThan0);
        }

        return new self($aimLow, $aimHigh, $fineLow, $fineHigh, $actLow, $actHigh, $ratePerDay);
    }

    /** The default shape: aim is the middle third of fine, act a quarter of its width beyond, never below 0 (C-6). */
    public static function around(
        float $fineLow,
        float $fineHigh,
        ?float $ratePerDay = null,
        ?float $actLow = null,
        ?float $actHigh = null,
    ): self {
        $width = $fineHigh - $fineLow;

        return self::of(
            $fineLow + $width / 3,
            $fineHigh - $width / 3,
            $fineLow,
            $fineHigh,
            $actLow ?? max(0.0, $fineLow - 0.25 * $width),
            $actHigh ?? $fineHigh + 0.25 * $width,
            $ratePerDay,
        );
    }

    /** The band of a system that is still settling: the upper limits of the nutrients stand twice as high (C-6, X-56). */
    public function withUpperDoubled(): self
    {
        return self::of(
            $this->aimLow,
            $this->aimHigh === null ? null : 2 * $this->aimHigh,
            $this->fineLow,
            $this->fineHigh === null ? null : 2 * $this->fineHigh,
            $this->actLow,
            $this->actHigh === null ? null : 2 * $this->actHigh,
            $this->ratePerDay,
        );
    }

    /** @return list<float> the limits a verdict hangs on */
    public function limits(): array
    {
        return array_values(
            array_filter([$this->actLow, $this->fineLow, $this->fineHigh, $this->actHigh], is_float(...)),
        );
    }

    public function standing(float $value): Standing
    {
        return match (true) {
            $this->actLow !== null && $value < $this->actLow => Standing::ActLow,
            $this->actHigh !== null && $value > $this->actHigh => Standing::ActHigh,
            $this->fineLow !== null && $value < $this->fineLow => Standing::Low,
            $this->fineHigh !== null && $value > $this->fineHigh => Standing::High,
            $this->aimLow !== null && $value < $this->aimLow,
            $this->aimHigh !== null && $value > $this->aimHigh => Standing::Fine,
            default => Standing::Aim,
        };
    }
}
