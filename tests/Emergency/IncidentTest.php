<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Clients\Attachment;
use App\Emergency\Incident;
use App\Emergency\IncidentEntry;
use App\Emergency\ShutOff;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Stores\MoveStock;
use App\Stores\Part;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Stores\StockState;
use App\Systems\System;
use App\Team\Absence;
use App\Team\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Rounds\Spot;

/** Led through an emergency and ready for it: once each, in the order it happened, closed with a review (E-1 … E-11). */
final class IncidentTest extends TestCase
{
    private User $technician;

    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->technician = Fixture::onCall(self::user('technician'));
        $this->technician->update(['phone' => '0100 555 0199']);
        $site = self::site();
        $this->system = Fixture::system($site, $this->planner);
        $room = $site->rooms()->create(
            ['name' => 'Hall', 'winter_night_c' => 8, 'summer_night_c' => 20, 'winter_day_c' => 15, 'summer_day_c' => 24],
        );
        $this->system->update(['room_id' => $room->id, 'fish_kg' => 0.4]);
        $this->system->items()->create(
            ['job' => 'heater', 'name' => 'Heater 1', 'watts' => 300, 'installed_on' => now()->subYears(2)->toDateString()],
        );
    }

    #[Test]
    public function one_tap_begins_it_and_a_second_phone_finds_the_same(): void
    {
        $uuid = (string) Str::uuid();
        $this->start('power-cut', $uuid);
        $this->start('power-cut', $uuid);
        $this->start('power-cut', (string) Str::uuid());
        self::assertSame(1, Incident::query()->count());
        $this->start('flood', (string) Str::uuid());
        self::assertSame(2, Incident::query()->count());
        $this->actingAs($this->technician)->post("/systems/{$this->system->id}/incidents", ['uuid' => 'x', 'kind' => 'storm in a teacup'])
            ->assertSessionHasErrors(['uuid', 'kind']);
    }

    #[Test]
    public function a_tap_that_comes_later_is_counted_from_its_moment_and_never_from_one_to_come(): void
    {
        $this->travelTo('2026-11-20 12:00:00');
        $began = function (string $at): string {
            $uuid = (string) Str::uuid();
            $this->actingAs($this->technician)
                ->post("/systems/{$this->system->id}/incidents", ['uuid' => $uuid, 'kind' => 'hot', 'at' => $at]);
            $incident = Incident::query()->where('uuid', $uuid)->sole();
            $incident->update(['closed_at' => now()]);

            return $incident->began_at->format('m-d H:i');
        };
        self::assertSame('11-20 11:20', $began('2026-11-20T11:20:00Z'));
        self::assertSame('11-20 12:00', $began('2026-11-20T12:05:00Z'), 'a clock that goes ahead');
        self::assertSame('11-19 12:00', $began('2026-11-01T00:00:00Z'), 'no longer ago than a day');
        $this->post("/systems/{$this->system->id}/incidents", ['uuid' => (string) Str::uuid(), 'kind' => 'hot', 'at' => 'noon-ish'])
            ->assertSessionHasErrors('at');
    }

    #[Test]
    public function its_page_leads_with_this_place_s_own_breaker_and_clock(): void
    {
        $this->shut('board', 'Cellar, left of the door, breaker 7');
        $page = $this->page($this->start('cold'));
        self::assertSame('reported', $page['incident']['state']);
        self::assertCount(3, $page['actions']);
        self::assertGreaterThan(0, $page['clocks'][0]['leftH']);
        self::assertSame('0100 555 0199', $page['chain'][0]['phone']);
        $flood = $this->page($this->start('flood'));
        self::assertStringContainsString('Cellar, left of the door, breaker 7', $flood['actions'][0]['says']);
        self::assertNotNull($flood['actions'][0]['caution']);
    }

    #[Test]
    public function entries_come_in_any_order_once_each_and_a_reading_moves_the_clock(): void
    {
        $incident = $this->start('cold');
        $before = $this->page($incident)['clocks'][0];
        $this->travel(2)->hours();
        $at = fn (int $minutesAgo): string => now()->subMinutes($minutesAgo)->toIso8601String();
        $lot = [
            $this->entry('reading', $at(20), ['of' => 'temperature', 'value' => 21.0]),
            $this->entry('state', $at(100), ['of' => 'confirmed']),
            $this->entry('reading', $at(80), ['of' => 'temperature', 'value' => 23.0]),
            $this->entry('state', $at(90), ['of' => 'people-safe']),
        ];
        foreach ([1, 2] as $again) {
            $answers = $this->send($incident, $lot);
            self::assertSame(['ok', 'ok', 'ok', 'ok'], array_column($answers, 'outcome'));
        }
        self::assertSame(4, IncidentEntry::query()->count());
        $after = $this->page($incident);
        self::assertSame('people-safe', $after['incident']['state']);
        // From 23.0 to 21.0 in an hour: 3.0 to go in an hour and a half, less the twenty minutes since.
        self::assertEqualsWithDelta(1.5 - 20 / 60, $after['clocks'][0]['fittedH'], 0.02);
        self::assertLessThan($before['leftH'], $after['clocks'][0]['leftH']);
        // Told in words, the last first; a reading has its number.
        self::assertSame(
            [null, null, 'people are safe', 'confirmed: somebody has looked'],
            array_column($after['log'], 'means'),
        );
    }

    #[Test]
    public function whoever_takes_the_breaker_out_begins_a_power_cut_of_their_own(): void
    {
        $incident = $this->start('flood');
        $before = $this->page($incident);
        self::assertNotContains(true, array_column($before['clocks'], 'breaker'));
        self::assertNull($before['comesDown']);
        $this->travel(3)->hours();
        $this->send($incident, [$this->entry('did', now()->subHour()->toIso8601String(), ['of' => 'board-if-wet'])]);
        $after = $this->page($incident);
        $since = array_values(array_filter($after['clocks'], fn (array $c): bool => $c['breaker']));
        self::assertNotSame([], $since);
        $cut = $this->page($this->start('power-cut'));
        // It has run for an hour, not for the three the flood lasts.
        self::assertEqualsWithDelta($cut['clocks'][0]['leftH'] - 1, $since[0]['leftH'], 0.05);
        // A power cut has its clock already.
        $own = Incident::query()->where('kind', 'power-cut')->sole();
        $this->send($own, [$this->entry('did', now()->toIso8601String(), ['of' => 'board-off'])]);
        $again = $this->page($own);
        self::assertNotContains(true, array_column($again['clocks'], 'breaker'));
    }

    #[Test]
    public function a_phone_that_cannot_ask_has_the_table_the_office_answers_by(): void
    {
        $incident = $this->start('cold');
        $clock = $this->page($incident)['clocks'][0];
        $this->travel(2)->hours();
        $rows = collect($clock['course']['rows']);
        $n = $rows->search(fn (array $r): bool => $r[0] >= 21.04);
        [[$below, $belowH], [$above, $aboveH]] = [$rows[$n - 1], $rows[$n]];
        $lookedUp = $belowH + ($aboveH - $belowH) * (21.04 - $below) / ($above - $below);
        $this->send($incident, [$this->entry('reading', now()->subHour()->toIso8601String(), ['of' => 'temperature', 'value' => 21.04])]);
        $after = $this->page($incident)['clocks'][0];
        self::assertEqualsWithDelta($after['computedH'], $lookedUp - 1, 0.01);
        self::assertEqualsWithDelta([[now()->subHour()->getTimestampMs(), 21.04]], $after['course']['readings'], 1000);
        self::assertSame($clock['course']['rows'], $after['course']['rows'], 'a reading moves the clock along its table');
    }

    #[Test]
    public function a_phone_knows_beforehand_what_begins_with_the_breaker(): void
    {
        $flood = $this->start('flood');
        $ahead = $this->page($flood)['ifBreaker'];
        $cut = $this->page($this->start('power-cut'));
        self::assertSame(array_column($cut['clocks'], 'by'), array_column($ahead['clocks'], 'by'));
        self::assertEqualsWithDelta($cut['clocks'][0]['leftH'], $ahead['clocks'][0]['leftH'], 0.02);
        self::assertNull($cut['ifBreaker'], 'a power cut has its clock already');
        $this->send($flood, [$this->entry('did', now()->toIso8601String(), ['of' => 'board-if-wet'])]);
        $out = $this->page($flood);
        self::assertNull($out['ifBreaker']);
        self::assertSame($ahead['comesDown'], $out['comesDown']);
    }

    #[Test]
    public function what_cannot_be_read_is_refused_by_itself(): void
    {
        $incident = $this->start('hot');
        $now = now()->toIso8601String();
        $answers = $this->send($incident, [
            $this->entry('reading', $now, ['of' => 'temperature', 'value' => 51]),
            $this->entry('reading', $now, ['of' => 'mood', 'value' => 5]),
            $this->entry('state', $now, ['of' => 'fine']),
            $this->entry('state', $now, ['of' => 'closed']),
            $this->entry('note', $now, ['words' => ' ']),
            $this->entry('look', $now, ['of' => 'ceiling']),
            ['uuid' => 'no', 'kind' => 'note', 'at' => $now, 'payload' => ['words' => 'a']],
            $this->entry('note', now()->subDays(31)->toIso8601String(), ['words' => 'old']),
            $this->entry('reading', $now, ['of' => 'temperature', 'value' => -5.1]),
            $this->entry('reading', $now, ['of' => 'temperature', 'value' => 50]),
            $this->entry('reading', $now, ['of' => 'temperature', 'value' => -5]),
            $this->entry('note', now()->subDays(30)->addMinute()->toIso8601String(), ['words' => 'just in time']),
        ]);
        self::assertSame([...array_fill(0, 9, 'refused'), 'ok', 'ok', 'ok'], array_column($answers, 'outcome'));
        self::assertSame(3, IncidentEntry::query()->count());
        $mine = $this->entry('note', $now, ['words' => 'mine']);
        $this->send($incident, [$mine]);
        $other = $this->start('flood');
        self::assertSame('refused', $this->send($other, [$mine])[0]['outcome'], 'a number belongs to one incident');
    }

    #[Test]
    public function danger_takes_it_back_to_people(): void
    {
        $incident = $this->start('flood');
        $now = now()->toIso8601String();
        $this->send($incident, [
            $this->entry('state', $now, ['of' => 'confirmed']),
            $this->entry('state', now()->addSecond()->toIso8601String(), ['of' => 'people-safe']),
        ]);
        $this->travel(1)->minutes();
        $this->send($incident, [$this->entry('danger', now()->toIso8601String(), ['words' => 'a tingle'])]);
        self::assertSame('confirmed', $this->page($incident)['incident']['state']);
    }

    #[Test]
    public function what_may_help_is_told_by_how_near_it_lies(): void
    {
        $this->system->site?->update(['lat' => 53.6, 'lon' => 1.6]);
        $depot = Fixture::depot();
        $part = Part::query()->create(['name' => 'Heater 200 W', 'job' => 'heater', 'unit' => 'piece', 'pack' => 1]);
        $pump = Part::query()->create(['name' => 'Return', 'job' => 'return-pump', 'unit' => 'piece', 'pack' => 1]);
        $lies = fn (Part $what, StockPlace $place, float $count): Stock => Stock::query()->create([
            'part_id' => $what->id,
            'stock_place_id' => $place->id,
            'state' => StockState::Fresh,
            'count' => $count,
        ]);
        $lies($part, StockPlace::ofDepot($depot), 3);
        $lies($pump, StockPlace::ofDepot($depot), 1);
        $lies($part, StockPlace::ofSite($this->system->site()->firstOrFail()), 1);
        $lies($part, StockPlace::ofSite(self::site('Somebody', 'Elsewhere')), 5);
        $spares = $this->page($this->start('cold'))['spares'];
        $drive = (new Spot($depot->lat, $depot->lon))->minutesTo(new Spot(53.6, 1.6));
        self::assertSame(['Heater 200 W', 'Heater 200 W'], array_column($spares, 'part'), 'what lies at another client is theirs');
        self::assertEquals([0.0, $drive + Spot::PARKING_MIN], array_column($spares, 'minutes'), 'the nearest first');
        self::assertEquals([1.0, 3.0], array_column($spares, 'count'));
        self::assertSame(['Return'], array_column($this->page($this->start('return-dead'))['spares'], 'part'));
    }

    #[Test]
    public function it_closes_after_a_day_in_its_band_with_a_review_that_teaches(): void
    {
        $incident = $this->start('cold');
        foreach (['confirmed', 'people-safe', 'source-stopped', 'holding', 'restoring', 'watching'] as $state) {
            $this->travel(1)->minutes();
            $this->send($incident, [$this->entry('state', now()->toIso8601String(), ['of' => $state])]);
        }
        $item = $this->system->items()->firstOrFail();
        $twin = Fixture::system(self::site('Twin', 'Twin'), $this->planner, 'Twin reef')
            ->items()->create(['job' => 'heater', 'name' => 'T', 'installed_on' => now()->subYears(2)->addMonth()->toDateString()]);
        $close = fn (array $more = []): mixed => $this->actingAs($this->planner)->post("/incidents/{$incident->id}/close", [
            'worked' => 'the neighbour',
            'add' => 'a second heater',
            'failed_item_id' => $item->id,
            'restocked' => false,
            'noticed' => 'the alarm, 03:10',
            'losses' => 'one tang',
            ...$more,
        ]);
        $close()->assertSessionHasErrors('worked');
        $this->travel(24)->hours();
        $off = OffRecord::query()->create([
            'system_id' => $this->system->id,
            'item_id' => $item->id,
            'what' => 'Heater 1',
            'off_at' => now(),
            'off_by' => $this->planner->id,
            'client_uuid' => (string) Str::uuid(),
        ]);
        $close()->assertSessionHasErrors('worked');
        $off->update(['on_at' => now(), 'on_by' => $this->planner->id]);
        $close(['add' => ''])->assertSessionHasErrors('add');
        $close()->assertSessionHasNoErrors();
        $closed = $incident->refresh();
        self::assertNotNull($closed->closed_at);
        self::assertEqualsWithDelta(2.0, $closed->failed_age_years, 0.02);
        // What, how old, how noticed, what was lost, and who else has one as old (X-51).
        self::assertSame($item->id, $closed->failed_item_id);
        $review = $this->page($incident)['incident']['review'];
        self::assertSame(['the alarm, 03:10', 'one tang'], [$review['noticed'], $review['losses']]);
        $restock = FollowUp::query()->sole();
        self::assertStringContainsString('Put back what', $restock->text);
        self::assertSame(now()->addDays(2)->toDateString(), $restock->due_on?->toDateString());
        $page = $this->page($incident);
        self::assertSame(['closed', []], [$page['incident']['stateLabel'], $page['next']]);
        self::assertSame([$twin->id], array_column($page['sameAge'], 'id'));
        $this->actingAs($this->technician)->post("/incidents/{$incident->id}/close")->assertForbidden();
    }

    #[Test]
    public function the_sheet_of_a_place_reads_without_anything_else(): void
    {
        $this->shut('board', 'Cellar, left of the door, breaker 7');
        $pdf = (string) $this->actingAs($this->technician)->get("/sites/{$this->system->site_id}/emergency.pdf")->assertOk()->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        foreach (
            [
                '0100 555 0199',
                'breaker 7',
                'Stay dry',
                'still to survey',
                'Power cut',
                'Too cold',
                'air for',
                $this->system->name,
            ] as $words
        ) {
            self::assertStringContainsString($words, $text);
        }
        self::assertStringContainsString('page 1 of 1', $text, 'one page');
    }

    #[Test]
    public function who_could_stand_there_soonest_follows_from_the_round_and_from_home(): void
    {
        $this->travelTo('2026-03-10 09:30:00');
        $site = $this->system->site()->firstOrFail();
        $near = fn (): array => array_column($this->page(Incident::query()->sole())['near'], 'from', 'name');
        $incident = $this->start('cold');
        self::assertSame([], $near(), 'nobody knows where the place is');
        $site->update(['lat' => 53.62, 'lon' => 1.62]);
        self::assertSame([], $near(), 'nor where anybody lives');
        $this->technician->update(['home_lat' => 53.63, 'home_lon' => 1.62]);
        $this->planner->update(['home_lat' => 53.70, 'home_lon' => 1.62]);
        self::assertSame([$this->technician->name => 'from home', $this->planner->name => 'from home'], $near());
        $more = array_map(fn (): User => Fixture::onCall(self::user('technician')), range(1, 3));
        User::query()->whereKey(array_column($more, 'id'))->update(['home_lat' => 53.69, 'home_lon' => 1.62]);
        self::assertCount(4, $this->page($incident)['near'], 'the nearest four');
        User::query()->whereKey(array_column($more, 'id'))->update(['home_lat' => null]);
        // Far off on the round: the planner is nearer.
        $far = self::site('Far', 'Lighthouse');
        $far->update(['lat' => 54.20, 'lon' => 1.62]);
        $crew = Fixture::crew($this->technician);
        $visit = Fixture::visit(Fixture::system($far, $this->planner, 'Far reef'), $crew);
        $visit->update(['starts_at' => now()->subMinutes(30), 'minutes' => 60]);
        self::assertSame([$this->planner->name, $this->technician->name], array_keys($near()));
        self::assertSame('at Lighthouse by the round', $near()[$this->technician->name]);
        $this->travel(89)->minutes();
        self::assertSame('at Lighthouse by the round', $near()[$this->technician->name]);
        $this->travel(2)->minutes();
        self::assertSame('from home', $near()[$this->technician->name], 'an hour after its end nobody knows');
        $visit->update(['state' => Visit::UNDERWAY, 'starts_at' => now()->subMinutes(719)]);
        self::assertSame('at Lighthouse by the round', $near()[$this->technician->name], 'a long day');
        $visit->update(['starts_at' => now()->subMinutes(721)]);
        self::assertSame('from home', $near()[$this->technician->name], 'nobody is underway for more than twelve hours');
        $here = Fixture::visit($this->system, $crew);
        $here->update(['starts_at' => now()->subMinutes(5), 'minutes' => 60]);
        $first = $this->page($incident)['near'][0];
        self::assertEquals([$this->technician->name, 'there now by the round', 0], [$first['name'], $first['from'], $first['minutes']]);
        $today = ['from_on' => Days::text(), 'until_on' => Days::text()];
        Absence::query()->create([...$today, 'user_id' => $this->technician->id, 'reason' => 'leave']);
        self::assertSame([$this->planner->name], array_keys($near()));
    }

    #[Test]
    public function whether_they_stay_or_go_is_counted_from_who_lives_there(): void
    {
        $incident = $this->start('power-cut');
        $url = "/incidents/{$incident->id}";
        self::assertNull($this->page($incident)['go'], 'nobody has listed anybody');
        self::assertNull($this->page($incident)['stay'], 'nobody has asked');
        $open = $this->page(null, "{$url}?restore=24")['stay'];
        self::assertSame([null, 'Say how long the boxes hold.'], [$open['go'], $open['words']]);
        $tang = Fixture::animal($this->system, $this->planner, ['name' => 'Tang', 'count' => 1, 'length_cm' => 20.0]);
        Fixture::animal($this->system, $this->planner, ['name' => 'Soft coral', 'kind' => 'coral', 'count' => 2, 'length_cm' => null]);
        Fixture::animal($this->system, $this->planner, ['name' => 'Wished', 'state' => 'wished', 'length_cm' => 30.0]);
        $go = $this->page($incident)['go'];
        self::assertSame([['Tang'], ['2 Soft coral']], array_column($go['boxes'], 'animals'));
        self::assertSame($go['boxes'][0]['stillH'], $go['holdH']);
        // Boxes and catching are worked out; what somebody types goes before.
        $stay = $this->page(null, "{$url}?restore=24")['stay'];
        self::assertSame(false, $stay['go']);
        self::assertStringContainsString('boxes would not last', $stay['words']);
        $next = $this->page(null, "{$url}?restore=24&next=1")['stay'];
        self::assertTrue($next['go'], 'they are moved on in time');
        self::assertFalse($this->page(null, "{$url}?restore=24&next=1&boxes=0.5")['stay']['go']);
        self::assertFalse($this->page(null, "{$url}?restore=24&next=1&catch=200")['stay']['go']);
        $tang->update(['length_cm' => 40.0]);
        self::assertSame(['Tang'], $this->page($incident)['go']['unboxed']);
        self::assertNull($this->page(null, "{$url}?restore=24")['stay']['go'], 'no box for the tang, so nobody knows');
        $this->page(null, "{$url}?restore=24");
        $this->actingAs($this->technician)->get("{$url}?restore=minus")->assertSessionHasErrors('restore');
    }

    #[Test]
    public function what_is_days_away_has_no_clock_yet(): void
    {
        $this->system->items()->create(['job' => 'top-off', 'name' => 'Top-off']);
        $by = fn (string $kind): array => array_column($this->page($this->start($kind))['clocks'], 'leftH', 'by');
        $cut = $by('power-cut');
        self::assertArrayHasKey('oxygen', $cut);
        self::assertArrayHasKey('temperature', $cut, 'a reading may shorten it');
        self::assertArrayNotHasKey('thick salt', $cut);
    }

    #[Test]
    public function what_is_too_warm_or_too_cold_is_told_its_way_back(): void
    {
        $incident = $this->start('hot');
        self::assertSame([], $this->page($incident)['cooling'], 'nobody has read it yet');
        $read = fn (float $c): array => $this->send(
            $incident,
            [$this->entry('reading', now()->toIso8601String(), ['of' => 'temperature', 'value' => $c])],
        );
        $read(29.5);
        $warm = $this->page($incident);
        self::assertNull($warm['rewarm']);
        self::assertCount(2, $warm['cooling']);
        foreach ($warm['cooling'] as $change) {
            self::assertSame(1.0, (float) $change['dropK']);
            $mixed = $change['litres'] * (29.5 - $change['freshC']);
            self::assertEqualsWithDelta($this->system->true_volume_l, $mixed, 0.5, 'that much lowers all of it by a degree');
        }
        $this->travel(5)->minutes();
        $read(22.0);
        $cold = $this->page($incident);
        self::assertSame([], $cold['cooling']);
        self::assertNotNull($cold['rewarm']);
    }

    #[Test]
    public function a_place_knows_what_a_generator_must_give_it(): void
    {
        $on = fn (): array => $this->page(null, "/sites/{$this->system->site_id}/ready")['systems'][0]['ready']['generator'];
        self::assertSame([['Heater 1'], []], [$on()['kept'], $on()['needs']]);
        self::assertEqualsWithDelta(300 / 0.8, $on()['leastW'], 1e-6);
        $this->system->items()->create(['job' => 'return-pump', 'name' => 'Return']);
        self::assertSame(['Return'], $on()['needs']);
        $this->system->items()->where('job', 'heater')->update(['away_since' => now()->toDateString()]);
        self::assertSame(['Return'], $on()['kept']);
    }

    #[Test]
    public function the_sheet_says_what_lies_here_and_who_would_go_first(): void
    {
        Fixture::animal($this->system, $this->planner, ['name' => 'Tang', 'count' => 1, 'length_cm' => 20.0]);
        $part = Part::query()->create(['name' => 'Heater 200 W', 'job' => 'heater', 'unit' => 'piece', 'pack' => 1]);
        $site = $this->system->site()->firstOrFail();
        (new MoveStock())->bring((string) Str::uuid(), $part, StockPlace::ofSite($site), 2, [], $this->planner);
        (new MoveStock())->bring((string) Str::uuid(), $part, StockPlace::ofSite(self::site('Else', 'Where')), 5, [], $this->planner);
        $pdf = (string) $this->actingAs($this->technician)->get("/sites/{$site->id}/emergency.pdf")->assertOk()->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/Lies here:\s+2 × Heater 200 W/u', $text);
        self::assertStringNotContainsString('5 × Heater', $text);
        self::assertMatchesRegularExpression('/1\. Tang \(1\.\d h without air\)/', $text);
        self::assertStringContainsString('page 1 of 1', $text);
    }

    #[Test]
    public function a_shut_off_takes_words_a_stranger_follows_and_a_photo(): void
    {
        Storage::fake('local');
        $url = "/sites/{$this->system->site_id}/shut-offs";
        $given = ['kind' => 'water-stop', 'words' => 'Under the sink, blue handle', 'looked_on' => now()->toDateString()];
        $this->actingAs($this->technician)->post($url, $given)->assertForbidden();
        $this->actingAs($this->planner)->post($url, [...$given, 'words' => 'sink'])->assertSessionHasErrors('words');
        $this->post($url, [...$given, 'file' => UploadedFile::fake()->create('a.exe', 3)])->assertSessionHasErrors('file');
        $this->post($url, [...$given, 'file' => UploadedFile::fake()->image('stop.jpg', 60, 40)])->assertSessionHasNoErrors();
        $this->post($url, [...$given, 'words' => 'Under the sink, red handle'])->assertSessionHasNoErrors();
        self::assertSame('Under the sink, red handle', ShutOff::query()->sole()->words);
        $shown = collect($this->page(null, "/sites/{$this->system->site_id}/ready")['shutOffs'])->firstWhere('kind', 'water-stop');
        self::assertNotNull($shown['photo']);
        $sheet = "/sites/{$this->system->site_id}/emergency.pdf";
        $pictures = fn (): string => (new Process(
            ['pdfimages', '-list', '-'],
            input: (string) $this->actingAs($this->planner)->get($sheet)->assertOk()->getContent(),
        ))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/image\s+360\s+240/', $pictures(), 'small, and in its own shape');
        Storage::disk('local')->delete(Attachment::query()->sole()->path);
        self::assertStringNotContainsString('image', $pictures(), 'a photo that is gone takes no sheet away');
    }

    private function start(string $kind, ?string $uuid = null): Incident
    {
        $this->actingAs($this->technician)->post(
            "/systems/{$this->system->id}/incidents",
            ['uuid' => $uuid ?? (string) Str::uuid(), 'kind' => $kind],
        )
            ->assertSessionHasNoErrors();

        return Incident::query()->where('kind', $kind)->firstOrFail();
    }

    private function shut(string $kind, string $words): void
    {
        ShutOff::query()->create([
            'site_id' => $this->system->site_id,
            'kind' => $kind,
            'words' => $words,
            'looked_on' => now()->toDateString(),
            'user_id' => $this->planner->id,
        ]);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function entry(string $kind, string $at, array $payload): array
    {
        return ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $at, 'payload' => $payload];
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return list<array<string, mixed>>
     */
    private function send(Incident $incident, array $entries): array
    {
        return $this->actingAs($this->technician)
            ->postJson("/incidents/{$incident->id}/entries", ['entries' => $entries, 'sent_at' => now()->toIso8601String()])
            ->assertOk()
            ->json('answers');
    }

    /** @return array<string, mixed> */
    private function page(?Incident $incident, string $url = ''): array
    {
        $page = null;
        $this->actingAs($this->planner)
            ->get($incident === null ? $url : "/incidents/{$incident->id}")
            ->assertOk()
            ->assertInertia(function ($p) use (&$page): void {
                $page = $p->toArray()['props'];
            });

        return $page;
    }
}
