<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Build\BlockedMain;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Leaks;
use Velbrin\Core\Build\Topic\TopOff;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Water\RoLine;

/** What can spill, thin or run dry, from what is written down of a system; what nobody wrote down stays open (R-49). */
final readonly class FromFacts
{
    private function __construct(private Facts $facts)
    {
    }

    /**
     * @param  float|null  $topOffLh  what the top-off's pump gives by its set-up; null: nobody has said
     * @param  list<Dose>  $doses
     * @param  list<LostOutlet>|null  $lost
     *
     * @throws Missing
     * @throws OutOfRange when the display itself cannot be
     */
    public static function of(
        Facts $facts,
        bool $hasTopOff,
        ?float $topOffLh,
        array $doses,
        bool $hasSkimmer,
        bool $hasLamp,
        bool $hasRoUnit,
        ?array $lost,
        ?bool $roomTempered,
        ?float $roomUntemperedC,
        ?Slow $slow = null,
        ?RoLine $line = null,
        ?LimeInTopUp $lime = null,
    ): Waterside {
        $self = new self($facts);
        $hasDrain = Overflow::isDescribed($facts) || SumpWater::isDescribed($facts);
        [$draining, $unknown] = $hasDrain ? $self->draining() : [null, []];

        return new Waterside(
            topUp: $self->topUp($hasTopOff, $topOffLh, $lime),
            draining: $draining,
            doses: $doses,
            fills: $hasRoUnit ? [$self->line($line)] : [],
            skimmer: $hasSkimmer ? Fills::skimmer() : null,
            lost: $lost,
            hasLamp: $hasLamp,
            leakL: $self->leakL(),
            roomTempered: $roomTempered,
            roomUntemperedC: $roomUntemperedC,
            hasDrain: $hasDrain,
            unknown: $unknown,
            slow: $slow,
        );
    }

    /** Pipes that stand by when the main drain is blocked. */
    public static function hasEmergencyDrain(Facts $facts): bool
    {
        return $facts->brief->has(F::Drains) && DrainSchool::from($facts->word(F::Drains))->hasEmergency();
    }

    public static function isDrainGuarded(Facts $facts): bool
    {
        return $facts->brief->has(F::Strainer) && $facts->word(F::Strainer) === 'yes';
    }

    private function topUp(bool $hasTopOff, ?float $topOffLh, ?LimeInTopUp $lime): ?TopUp
    {
        $isDescribed = $this->facts->brief->hasAny(F::TopoffFed, F::ReservoirL, F::FeedLh);
        $fed = (string) $this->facts->usual(F::TopoffFed);
        if ((! $hasTopOff && ! $isDescribed) || $fed === 'hand') {
            return null;
        }
        $isMains = $fed === 'mains';
        $volume = Volumes::systemL($this->facts);

        return new TopUp(
            systemL: $volume,
            salinity: $this->facts->number(F::Salinity),
            litresH: $isMains ? $this->known(F::FeedLh) : $topOffLh,
            storeL: $isMains ? INF : $this->storeL(),
            roomL: $this->try(fn (): float => SumpWater::isDescribed($this->facts)
                ? SumpWater::of($this->facts)->spareL()
                : DisplayTank::of($this->facts)->roomAboveL()),
            chamberL: SumpWater::isDescribed($this->facts)
                ? $this->try(fn (): float => SumpWater::of($this->facts)->usableReturnL())
                : 0.0,
            evaporationLd: $this->facts->knows(F::WinterC) || $this->facts->knows(F::SummerC)
                ? $this->try(fn (): float => Warmth::worstEvaporationLd($this->facts))
                : null,
            lime: $lime,
        );
    }

    private function storeL(): ?float
    {
        if (! $this->facts->brief->has(F::ReservoirL)) {
            return null;
        }

        return $this->facts->numberOrNone(F::ReservoirL) ?? 0.0;
    }

    /** @return array{0: Draining|null, 1: list<string>} */
    private function draining(): array
    {
        try {
            $blocked = BlockedMain::of($this->facts);

            return [
                new Draining(
                    headroomL: DisplayTank::of($this->facts)->roomAboveL(),
                    chamberL: SumpWater::of($this->facts)->liftsL(),
                    returnLh: $this->facts->number(F::FlowLh),
                    passedLh: $blocked->othersLh,
                    addsL: TopOff::lacks($this->facts) === [] ? TopOff::beforeStopL($this->facts) : 0.0,
                ),
                [],
            ];
        } catch (Missing $e) {
            return [null, array_map(
                fn (string $f): string => lcfirst(PlanSheet::fields()[$f]->label ?? $f),
                $e->fields,
            )];
        } catch (OutOfRange $e) {
            return [null, ['a sound '.lcfirst(PlanSheet::fields()[$e->field]->label ?? $e->field)]];
        }
    }

    /** A line that makes or brings water into a vessel: what it brings by its rating, the room over what stands in it. */
    private function line(?RoLine $line): Fills
    {
        if ($line !== null) {
            return new Fills(
                roomL: $line->takesL === null ? Open::roomL() : Span::sure($line->takesL),
                litresH: Span::sure($line->litresH),
                roomWords: 'what tray, drain and overflow of the filling line take',
                flowWords: '',
            );
        }
        $day = $this->known(F::RoRatedLd);

        return new Fills(
            roomL: Open::roomL(),
            litresH: $day === null ? Span::of(2, 8, 30) : Span::sure($day / 24),
            roomWords: 'the room left in the vessel it fills',
            flowWords: 'what the line brings in a day',
        );
    }

    private function leakL(): ?float
    {
        try {
            return (new Leaks())->answer($this->facts)->figures[0]->quantity?->value;
        } catch (Missing|OutOfRange) {
            return $this->try(fn (): float => Volumes::systemL($this->facts));
        }
    }

    private function known(F $field): ?float
    {
        return $this->facts->brief->has($field) ? $this->facts->numberOrNone($field) : null;
    }

    /** @param  \Closure(): float  $of */
    private function try(\Closure $of): ?float
    {
        try {
            return $of();
        } catch (Missing|OutOfRange) {
            return null;
        }
    }
}
