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
        /** The face that goes through the opening, as it goes best. */
        public float $faceWideMm,
        public float $faceHighMm,
        /** What turns the corner, seen from above. */
        public float $longMm,
        public float $shortMm,
        /** Where the corner is tightest, degrees from the first corridor; null where the way does not turn. */
        public ?float $tightDeg,
        /** Room left in a lift car with the piece standing or leaning in it, mm; null without one. */
        public ?float $carMm = null,
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
        $sizes = [
            Guard::positive('lengthMm', $lengthMm),
            Guard::positive('widthMm', $widthMm),
            Guard::positive('heightMm', $heightMm),
        ];
        sort($sizes);
        $upright = min($passage->widthMm - $sizes[0], $passage->heightMm - $sizes[1]);
        $lying = min($passage->widthMm - $sizes[1], $passage->heightMm - $sizes[0]);
        [$wide, $high] = $upright >= $lying ? [$sizes[0], $sizes[1]] : [$sizes[1], $sizes[0]];
        $car =
            $passage->carDepthMm === null
                ? null
                : self::leaning($sizes[1], $sizes[2], $passage->carDepthMm, $passage->heightMm);
        if ($passage->corridorAMm === null || $passage->corridorBMm === null) {
            return new self(
                openingMm: max($upright, $lying),
                cornerMm: null,
                faceWideMm: $wide,
                faceHighMm: $high,
                longMm: $sizes[2],
                shortMm: $sizes[0],
                tightDeg: null,
                carMm: $car,
            );
        }
        [$longest, $tight] = self::corner($passage->corridorAMm, $passage->corridorBMm, $sizes[0]);

        return new self(
            openingMm: max($upright, $lying),
            cornerMm: $longest - $sizes[2],
            faceWideMm: $wide,
            faceHighMm: $high,
            longMm: $sizes[2],
            shortMm: $sizes[0],
            tightDeg: $tight,
            carMm: $car,
        );
    }

    public static function longestRoundCorner(float $aMm, float $bMm, float $widthMm): float
    {
        return self::corner($aMm, $bMm, $widthMm)[0];
    }

    /** @return array{0: float, 1: float} the longest piece that turns, mm, and where it is tightest, degrees */
    private static function corner(float $aMm, float $bMm, float $widthMm): array
    {
        if ($widthMm >= min($aMm, $bMm)) {
            return [0.0, 45.0];
        }
        $longest = INF;
        $tight = 45.0;
        // The minimum is smooth and single; a tenth of a degree is finer than any tape.
        for ($tenths = 1; $tenths < 900; $tenths++) {
            $phi = deg2rad($tenths / 10);
            $may = ($aMm * cos($phi) + $bMm * sin($phi) - $widthMm) / (sin($phi) * cos($phi));
            if ($may < $longest) {
                [$longest, $tight] = [$may, $tenths / 10];
            }
        }

        return [max(0.0, $longest), $tight];
    }

    /** Its two long sides in a car of that depth and height, leaned to and fro: what is left where it goes best, mm. */
    private static function leaning(float $sideMm, float $longMm, float $depthMm, float $heightMm): float
    {
        $best = -INF;
        for ($tenths = 0; $tenths <= 900; $tenths++) {
            $phi = deg2rad($tenths / 10);
            $best = max(
                $best,
                min(
                    $depthMm - $longMm * cos($phi) - $sideMm * sin($phi),
                    $heightMm - $longMm * sin($phi) - $sideMm * cos($phi),
                ),
            );
        }

        return $best;
    }

    public function slackMm(): float
    {
        return min($this->openingMm, $this->cornerMm ?? INF, $this->carMm ?? INF);
    }
}
