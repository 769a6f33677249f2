<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\BlockedMain;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Leaks;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Risk\Fault\FromFacts;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Tests\Build\SoundPlan;
use Velbrin\Core\Water\RoLine;

/** What can spill, thin or run dry is read from what is written down, and stays open where nothing is (R-49). */
final class FromFactsTest extends TestCase
{
    private const NO_SUMP = ['sumpLengthMm' => null, 'sumpWidthMm' => null, 'sumpHeightMm' => null, 'returnLevelMm' => null];

    #[Test]
    public function a_top_off_has_its_store_and_the_room_it_can_fill(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        $topUp = self::read([], topOffLh: 5.0)->topUp;
        self::assertEqualsWithDelta(Volumes::systemL($facts), $topUp?->systemL, 1e-9);
        self::assertSame([5.0, 10.0], [$topUp->litresH, $topUp->storeL]);
        self::assertEqualsWithDelta(SumpWater::of($facts)->spareL(), $topUp->roomL, 1e-9);
        self::assertEqualsWithDelta(SumpWater::of($facts)->usableReturnL(), $topUp->chamberL, 1e-9);
        self::assertEqualsWithDelta(Warmth::worstEvaporationLd($facts), $topUp->evaporationLd, 1e-9);
    }

    #[Test]
    public function from_the_mains_it_never_ends_and_by_hand_it_never_runs(): void
    {
        $mains = self::read(['topoffFed' => 'mains', 'feedLh' => 8], topOffLh: 5.0)->topUp;
        self::assertSame([8.0, INF], [$mains?->litresH, $mains?->storeL]);
        self::assertNull(self::read(['topoffFed' => 'mains', 'feedLh' => null])->topUp?->litresH, 'nobody has said what the line brings');
        self::assertNull(self::read(['topoffFed' => 'hand'])->topUp);
        $unsaid = ['topoffFed' => null, 'reservoirL' => null];
        self::assertNull(self::read($unsaid, hasTopOff: false)->topUp);
        self::assertNotNull(self::read($unsaid)->topUp, 'a device stands there');
        self::assertNotNull(self::read([], hasTopOff: false)->topUp, 'it is written down');
        self::assertNull(self::read(['reservoirL' => null])->topUp->storeL ?? null);
        self::assertSame(0.0, self::read(['reservoirL' => 'none'])->topUp?->storeL);
    }

    #[Test]
    public function without_a_sump_the_display_is_filled_and_there_is_no_chamber_to_run_dry(): void
    {
        $topUp = self::read(self::NO_SUMP)->topUp;
        $facts = Facts::of(SoundPlan::brief(self::NO_SUMP));
        self::assertSame(0.0, $topUp?->chamberL);
        self::assertEqualsWithDelta(DisplayTank::of($facts)->roomAboveL(), $topUp->roomL, 1e-9);
        self::assertNull(self::read(['winterC' => null, 'summerC' => null])->topUp->evaporationLd ?? null);
    }

    #[Test]
    public function a_blocked_drain_has_its_room_above_and_its_water_below(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        $side = self::read([]);
        self::assertTrue($side->hasDrain);
        self::assertSame([], $side->unknown);
        self::assertEqualsWithDelta(DisplayTank::of($facts)->roomAboveL(), $side->draining?->headroomL, 1e-9);
        self::assertEqualsWithDelta(SumpWater::of($facts)->liftsL(), $side->draining->chamberL, 1e-9);
        self::assertSame(3000.0, $side->draining->returnLh);
        self::assertEqualsWithDelta(BlockedMain::of($facts)->othersLh, $side->draining->passedLh, 1e-9);
    }

    #[Test]
    public function a_drain_nobody_described_is_open_with_what_it_needs(): void
    {
        $side = self::read(['drains' => null, 'drainBoreMm' => null]);
        self::assertTrue($side->hasDrain);
        self::assertNull($side->draining);
        self::assertNotSame([], $side->unknown);
        $none = [...self::NO_SUMP, 'flowLh' => null, 'weirBelowRimMm' => null, 'weirLengthMm' => null];
        self::assertFalse(self::read($none)->hasDrain);
        self::assertTrue(FromFacts::hasEmergencyDrain(Facts::of(SoundPlan::brief())));
        self::assertFalse(FromFacts::hasEmergencyDrain(Facts::of(SoundPlan::brief(['drains' => 'open']))));
        self::assertFalse(FromFacts::hasEmergencyDrain(Facts::of(SoundPlan::brief(['drains' => null]))));
        self::assertTrue(FromFacts::isDrainGuarded(Facts::of(SoundPlan::brief(['strainer' => 'yes']))));
        self::assertFalse(FromFacts::isDrainGuarded(Facts::of(SoundPlan::brief(['strainer' => 'no']))));
    }

    #[Test]
    public function a_line_brings_what_it_is_rated_for_or_a_span(): void
    {
        self::assertSame([], self::read([])->fills, 'no unit makes water there');
        $rated = self::read(['roRatedLd' => 240], hasRoUnit: true)->fills[0];
        self::assertSame([10.0, 10.0], [$rated->litresH->low, $rated->litresH->high]);
        $unrated = self::read(['roRatedLd' => null], hasRoUnit: true)->fills[0];
        self::assertSame([2.0, 8.0, 30.0], [$unrated->litresH->low, $unrated->litresH->likely, $unrated->litresH->high]);
        $known = self::read([], hasRoUnit: true, line: new RoLine(spanL: 40.0, litresH: 12.0, takesL: 60.0))->fills[0];
        self::assertSame([12.0, 60.0], [$known->litresH->likely, $known->roomL->likely]);
        $unsaid = self::read([], hasRoUnit: true, line: new RoLine(spanL: 40.0, litresH: 12.0))->fills[0];
        self::assertLessThan($unsaid->roomL->high, $unsaid->roomL->low, 'nobody has said what takes it');
    }

    #[Test]
    public function a_leak_is_the_whole_event_or_at_worst_all_the_water(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        self::assertSame((new Leaks())->answer($facts)->figures[0]->quantity?->value, self::read([])->leakL);
        $undescribed = [...self::NO_SUMP, 'flowLh' => null, 'weirBelowRimMm' => null, 'weirLengthMm' => null];
        self::assertEqualsWithDelta(
            Volumes::systemL(Facts::of(SoundPlan::brief($undescribed))),
            self::read($undescribed)->leakL,
            1e-9,
        );
    }

    /** @param  array<string, mixed>  $values */
    private static function read(
        array $values,
        bool $hasTopOff = true,
        ?float $topOffLh = null,
        bool $hasRoUnit = false,
        ?RoLine $line = null,
    ): Waterside {
        return FromFacts::of(
            Facts::of(SoundPlan::brief($values)),
            hasTopOff: $hasTopOff,
            topOffLh: $topOffLh,
            doses: [],
            hasSkimmer: false,
            hasLamp: false,
            hasRoUnit: $hasRoUnit,
            lost: null,
            roomTempered: null,
            roomUntemperedC: null,
            line: $line,
        );
    }
}
