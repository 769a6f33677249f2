<?php

declare(strict_types=1);

namespace Tests\Risk;

use App\Alerts\Alarm;
use App\Risk\Around;
use App\Risk\Helpers;
use App\Risk\Known;
use App\Risk\NextLook;
use App\Risk\Night;
use App\Risk\Proof;
use App\Risk\StandingReader;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Rounds\Spot;

/** What is counted with where nobody has said, how long a proof holds, when a night is one. */
final class UsualFiguresTest extends TestCase
{
    private User $planner;

    private User $technician;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-10 12:00:00');
        $this->planner = self::user('planner');
        $this->technician = self::user('technician');
        $site = self::site();
        $site->update(['lat' => 53.62, 'lon' => 1.62]);
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(['name' => 'Hall', 'winter_night_c' => 16, 'summer_night_c' => 24]);
        $this->system->update(['room_id' => $room->id]);
        $this->system->items()->create(['job' => 'heater', 'name' => 'Heater', 'watts' => 300]);
    }

    #[Test]
    public function a_proof_counts_for_a_year_and_a_month(): void
    {
        $proof = Proof::query()->create([
            'system_id' => $this->system->id, 'what' => Proof::EMERGENCY_DRAIN, 'passed' => true, 'on' => '2026-03-10',
            'user_id' => $this->planner->id,
        ]);
        $counts = function (int $days, bool $passed = true) use ($proof): array {
            $around = fn (string $what): Around => tap(
                Around::of(collect([$this->system->load('items')])),
                fn () => $proof->update(['what' => $what, 'passed' => $passed, 'on' => now()->subDays($days)->toDateString()]),
            );

            return [
                $around(Proof::EMERGENCY_DRAIN)->isEmergencyTested($this->system),
                $around(Proof::GENERATOR)->hasGenerator($this->system),
            ];
        };
        $this->travelTo('2026-03-10 00:00:00');
        self::assertSame([true, true], $counts(400));
        self::assertSame([false, false], $counts(401));
        self::assertSame([false, false], $counts(1, false));
    }

    #[Test]
    public function a_system_nobody_knows_the_age_of_is_ten_years_old_and_is_looked_at_every_fortnight(): void
    {
        $this->system->update(['started_on' => null]);
        $system = System::query()->with(StandingReader::loads())->findOrFail($this->system->id);
        $known = StandingReader::around(collect([$system]))->read($system);
        self::assertInstanceOf(Known::class, $known);
        self::assertSame([10.0, 26.0], [$known->standing->systemYears, $known->standing->visitsYear]);
    }

    #[Test]
    public function whose_home_nobody_knows_is_half_an_hour_away(): void
    {
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id, 'name' => 'Too cold', 'watches' => ['heater-off'], 'quantity' => 'temperature',
        ]);
        $alarm->calls()->create(['user_id' => $this->technician->id, 'position' => 1]);
        $travelMin = fn (): float => Helpers::around(collect([$this->system->refresh()->load('site')]), app(NextLook::class))
            ->alarms($this->system, Night::Tonight)[0]->chain[0]->travelMin;
        self::assertSame(30.0, $travelMin());
        $this->technician->update(['home_lat' => 53.62, 'home_lon' => 1.62]);
        self::assertSame(Spot::PARKING_MIN, $travelMin(), 'next door');
    }

    #[Test]
    public function where_no_set_point_is_said_the_house_s_is_held_against_an_alarm(): void
    {
        $alarm = Alarm::query()->create([
            'system_id' => $this->system->id, 'name' => 'Too cold', 'watches' => [], 'quantity' => 'temperature',
        ]);
        $this->system->update(['facts' => array_diff_key($this->system->facts ?? [], ['setpointC' => 1])]);
        $says = function (float $lowC) use ($alarm): array {
            $alarm->update(['low_limit' => $lowC]);
            $page = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/risk")->assertOk());

            return array_column($page['alarms'][0]['findings'], 'rule');
        };
        self::assertSame([], $says(25.4));
        self::assertSame(['X-25'], $says(25.6));
    }

    /** @return iterable<string, array{string, Night}> */
    public static function moments(): iterable
    {
        yield 'before seven in winter' => ['2026-01-10 06:59', Night::WinterNight];
        yield 'from seven' => ['2026-01-10 07:00', Night::WinterDay];
        yield 'until ten in the evening' => ['2026-07-10 21:59', Night::SummerDay];
        yield 'from ten' => ['2026-07-10 22:00', Night::SummerNight];
    }

    #[Test]
    #[DataProvider('moments')]
    public function a_day_is_from_seven_until_ten(string $at, Night $night): void
    {
        self::assertSame($night, Night::ofMoment(CarbonImmutable::parse($at, 'Europe/Berlin')));
    }

    #[Test]
    public function what_breaks_breaks_at_two_in_the_night_or_in_the_afternoon(): void
    {
        $at = fn (Night $night): string => $night->faultAt('UTC')->format('m-d H:i');
        self::assertSame(['03-11 02:00', '03-10 14:00'], [$at(Night::WinterNight), $at(Night::SummerDay)]);
    }
}
