<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/**
 * A judged reading of ammonia with the change that answers it (C-30, C-59): how many litres, where it ends, how high it goes on
 * the way. Matched in temperature and salinity; repeated after a re-test.
 */
final readonly class AmmoniaAnswer
{
    /** Counted for a tank whose alkalinity nobody read lately, and for new water of an unnamed mix, dKH. */
    public const USUAL_ALK_DKH = 8.0;

    /** New water after a night of stirring, probe. */
    public const NEW_PH = 8.2;

    /** Between these the carbonate system is solved, probe. */
    private const LEAST_PH = 6.5;

    private const MOST_PH = 9.5;

    private function __construct(
        public AmmoniaJudgement $judged,
        public ?AmmoniaChange $change,
        public Finding $finding,
    ) {
    }

    /**
     * @param  float|null  $volumeL  net water; null: the share alone is said
     * @param  float|null  $tankAlkDkh  read within 14 days; null: the usual is counted
     * @param  float|null  $newAlkDkh  of the mix; null: the usual is counted
     *
     * @throws OutOfRange
     */
    public static function of(
        AmmoniaJudgement $judged,
        ?float $volumeL,
        ?float $tankAlkDkh,
        ?float $newAlkDkh,
        float $newPh = self::NEW_PH,
    ): self {
        if (! $judged->asksToAct()) {
            return new self($judged, null, $judged->finding);
        }
        if ($volumeL !== null) {
            Guard::positive('volumeL', $volumeL);
        }
        $ph = max(self::LEAST_PH, min(self::MOST_PH, $judged->ph));
        $tank = new WaterValues($judged->tempC, $judged->salinity, $tankAlkDkh ?? self::USUAL_ALK_DKH, $ph);
        $fresh = new WaterValues($judged->tempC, $judged->salinity, $newAlkDkh ?? self::USUAL_ALK_DKH, $newPh);
        $change = AmmoniaChange::of($judged->totalMgL, $tank, $fresh);
        $found = $judged->finding;
        $basis = $tankAlkDkh === null || $newAlkDkh === null ? Basis::Assumed : $found->grounds->basis;
        $remedy = self::remedy($change, $fresh, $volumeL);
        $finding = Finding::of(
            $found->severity,
            $found->rule,
            $found->about,
            $found->what,
            $found->why,
            $remedy,
            Grounds::plain($basis),
        );

        return new self($judged, $change, $finding);
    }

    private static function remedy(AmmoniaChange $change, WaterValues $fresh, ?float $volumeL): Sentence
    {
        $share = $change->fraction;
        $parts = [
            'ph' => Quantity::of((float) $fresh->ph, Kind::Ph),
            'alk' => Quantity::of((float) $fresh->alkDkh, Kind::Alkalinity),
            'worst' => Quantity::of($change->worstMgL, Kind::Concentration),
            'limit' => Quantity::of(AmmoniaJudgement::ACT_MG_L, Kind::Concentration),
            ...$share === null ? [] : ['share' => Quantity::of(100 * $share, Kind::Percent)],
            ...$share === null ? [] : ['after' => Quantity::of((float) $change->freeAfterMgL, Kind::Concentration)],
            ...$share === null || $volumeL === null ? [] : ['litres' => Quantity::of($share * $volumeL, Kind::Volume)],
        ];
        $water = Sentence::of(Phrase::NewWaterOfTheTanksTemperature, $parts);
        $says = match (true) {
            $share === null => Phrase::NoChangeEndsUnder,
            $volumeL === null => Phrase::ChangeShare,
            default => Phrase::ChangeLitres,
        };

        return Sentence::joined(
            Sentence::of($says, [...$parts, 'water' => $water]),
            Sentence::of(Phrase::AerateStopFeedingFindWhatDied),
        );
    }
}
