<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** How the water comes down, and what stands by when the main drain is blocked (B-20). */
enum DrainSchool: string
{
    case Open = 'open';
    case OpenWithEmergency = 'open-emergency';
    case Siphon = 'siphon';
    case SiphonWithEmergency = 'siphon-emergency';
    case SiphonChannelEmergency = 'siphon-channel-emergency';

    public function isSiphon(): bool
    {
        return match ($this) {
            self::Siphon, self::SiphonWithEmergency, self::SiphonChannelEmergency => true,
            self::Open, self::OpenWithEmergency => false,
        };
    }

    public function hasEmergency(): bool
    {
        return match ($this) {
            self::OpenWithEmergency, self::SiphonWithEmergency, self::SiphonChannelEmergency => true,
            self::Open, self::Siphon => false,
        };
    }

    public function hasChannel(): bool
    {
        return $this === self::SiphonChannelEmergency;
    }

    /** Pipes that come down beside the main drains. */
    public function standby(): int
    {
        return ($this->hasEmergency() ? 1 : 0) + ($this->hasChannel() ? 1 : 0);
    }

    public function short(): string
    {
        return match ($this) {
            self::Open => 'one pipe',
            self::OpenWithEmergency => 'pipe and emergency',
            self::Siphon => 'siphon alone',
            self::SiphonWithEmergency => 'siphon and emergency',
            self::SiphonChannelEmergency => 'three pipes',
        };
    }
}
