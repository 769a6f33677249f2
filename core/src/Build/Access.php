<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Whether a piece comes through an opening and round the corner behind it (B-2). */
final readonly class Access
{
    /** Less clearance than this is "barely", mm. */
    public const BARELY_MM = 30.0;

    private function __construct(
        /** Smallest gap of the better way through the opening, mm; negative when it does not pass. */
        public float $openingMm,
        /** Longest piece that turns the corner less this piece's length, mm; null where the way does not turn. */
        public ?float $cornerMm,
    ) {
    }

    /**
     * The two smallest sizes of the piece stand against the opening, tilted if that helps; round a corner of corridors a and b
     * a piece of width w may be ℓ ≤ min over φ of (a·cosφ + b·sinφ − w)/(sinφ·cosφ) long.
     *
     * @throws OutOfRange
     */
    public static function of(float $lengthMm, float $widthMm, float $heightMm, Passage $passage): self
    {
        $sizes = [Guard::positive('lengthMm', $lengthMm), Guard::positive('widthMm', $widthMm), Guard::positive('heightMm', $heightMm)];
        sort($sizes);
        $opening = max(
            min($passage->widthMm - $sizes[0], $passage->heightMm - $sizes[1]),
            min($passage->widthMm - $sizes[1], $passage->heightMm - $sizes[0]),
        );
        $corner = $passage->corridorAMm === null || $passage->corridorBMm === null
            ? null
            : self::longestRoundCorner($passage->corridorAMm, $passage->corridorBMm, $sizes[0]) - $sizes[2];

        return new self($opening, $corner);
    }

    public static function longestRoundCorner(float $aMm, float $bMm, float $widthMm): float
    {
        if ($widthMm >= min($aMm, $bMm)) {
            return 0.0;
        }
        $longest = INF;
        // The minimum is smooth and single; a tenth of a degree is finer than any tape.
        for ($tenths = 1; $tenths < 900; $tenths++) {
            $phi = deg2rad($tenths / 10);
            $longest = min($longest, ($aMm * cos($phi) + $bMm * sin($phi) - $widthMm) / (sin($phi) * cos($phi)));
        }

        return max(0.0, $longest);
    }

    public function slackMm(): float
    {
        return $this->cornerMm === null ? $this->openingMm : min($this->openingMm, $this->cornerMm);
    }
}
