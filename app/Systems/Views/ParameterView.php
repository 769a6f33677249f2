<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Band;
use App\Systems\StoredJudgement;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingFinding;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Chemistry\Standing;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** One parameter of a system: its band, its last value, and what the series says. */
final readonly class ParameterView
{
    /** @param  list<string>  $units in which it may be typed, the reader's first */
    private function __construct(
        public string $parameter,
        public string $label,
        public string $kind,
        public bool $tracked,
        public ?string $latest,
        public ?string $latestAt,
        public string $standing,
        public string $standingWords,
        public string $way,
        public ?string $leaves,
        public ?string $scatter,
        public ?string $spread,
        public ?string $fine,
        public array $units,
    ) {
    }

    public static function of(
        Measured $parameter,
        ?Band $band,
        ?StoredJudgement $judgement,
        User $user,
        ?AmmoniaJudgement $ammonia = null,
        ?CarbonImmutable $ammoniaAt = null,
    ): self {
        if ($parameter === Parameter::Ammonia && $ammonia !== null && $ammonia->asksToAct()) {
            return self::ammonia($ammonia, $ammoniaAt, $band, $user);
        }
        $units = $user->units();
        $kind = $parameter->kind();
        $difference = $parameter->differenceKind();
        $days = $judgement === null ? null : SystemLineView::days($judgement);

        return new self(
            parameter: $parameter->key(),
            label: $parameter->label(),
            kind: $kind->value,
            tracked: $band === null || $band->tracked,
            latest: $judgement === null
                ? null
                : $units->show(Quantity::of($judgement->latest, $kind)->apartFrom(...$band?->limits()->limits() ?? [])),
            latestAt: $judgement?->latest_at->toIso8601ZuluString(),
            standing: $judgement === null ? 'none' : $judgement->standing->value,
            standingWords: $judgement?->standing->words() ?? 'never read',
            way: $judgement === null
                ? ''
                : rtrim(
                    ReadingFinding::way($parameter, $judgement->slope_per_day, $judgement->steady)->in($units),
                    '.',
                ),
            leaves: match (true) {
                $days === null => null,
                $days <= 0.0 => 'outside now',
                $days < 0.5 => 'leaves the band today',
                $days > 365 => 'in the band for a year and more',
                default => 'leaves the band in '.$units->show(Quantity::of($days, Kind::Days)),
            },
            scatter: $judgement?->scatter === null ? null : '± '.$units->show(Quantity::of($judgement->scatter, $difference)),
            spread: $judgement?->spread30 === null
                ? null
                : $units->show(Quantity::of($judgement->spread30, $difference)).' in 30 days',
            fine: $band === null
                ? null
                : self::range(
                    self::toResolution($band->fine_low, $parameter),
                    self::toResolution($band->fine_high, $parameter),
                    $kind,
                    $units,
                ),
            units: self::typed($parameter, $user),
        );
    }

    /** Ammonia stands where its free part stands, band or no band (C-59). */
    private static function ammonia(AmmoniaJudgement $judged, ?CarbonImmutable $at, ?Band $band, User $user): self
    {
        $units = $user->units();
        $parameter = Parameter::Ammonia;

        return new self(
            parameter: $parameter->key(),
            label: $parameter->label(),
            kind: $parameter->kind()->value,
            tracked: $band === null || $band->tracked,
            latest: $units->show(Quantity::of($judged->totalMgL, $parameter->kind())),
            latestAt: $at?->toIso8601ZuluString(),
            standing: Standing::ActHigh->value,
            standingWords: ($judged->isStop() ? 'Stop: ' : '').lcfirst($judged->finding->what->in($units)),
            way: '',
            leaves: 'outside now',
            scatter: null,
            spread: null,
            fine: 'free ammonia under '.$units->show(Quantity::of(AmmoniaJudgement::ACT_MG_L, Kind::Concentration)),
            units: self::typed($parameter, $user),
        );
    }

    private static function toResolution(?float $limit, Measured $parameter): ?float
    {
        return $limit === null ? null : BandView::toResolution($limit, $parameter);
    }

    public static function range(?float $low, ?float $high, Kind $kind, Units $units): ?string
    {
        return match (true) {
            $low !== null && $high !== null => $units->number(Quantity::of($low, $kind)).
                ' to '.
                $units->show(Quantity::of($high, $kind)),
            $low !== null => 'at least '.$units->show(Quantity::of($low, $kind)),
            $high !== null => 'at most '.$units->show(Quantity::of($high, $kind)),
            default => null,
        };
    }

    /** @return list<string> */
    private static function typed(Measured $parameter, User $user): array
    {
        $all = array_map(fn (ReadingUnit $u): string => $u->value, ReadingUnit::for($parameter));
        $own = match ($parameter) {
            Parameter::Temperature => $user->unit_system === 'us' ? ReadingUnit::Fahrenheit->value : null,
            Parameter::Alkalinity => $user->alkalinity_unit,
            Parameter::Salinity => match ($user->salinity_unit) {
                'SG' => ReadingUnit::SpecificGravity->value,
                'mS/cm' => ReadingUnit::Conductivity25->value,
                default => null,
            },
            default => null,
        };

        return $own === null ? $all : array_values(array_unique([$own, ...$all]));
    }
}
