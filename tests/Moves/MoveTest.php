<?php

declare(strict_types=1);

namespace Tests\Moves;

use App\Alerts\Alarm;
use App\Clients\Attachment;
use App\Front\Today\MovesSoon;
use App\House\Days;
use App\House\Money;
use App\Moves\AnsweredOnce;
use App\Moves\Kit\OwnLine;
use App\Moves\Move;
use App\Moves\MoveDocument;
use App\Moves\MoveEvent;
use App\Moves\MoveStart;
use App\Rounds\FollowUp;
use App\Systems\Stock\Animal;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\OriginLeft;
use Velbrin\Core\Tests\Moves\MoveAnswersTest;

/** A move from its system’s record to its last word: planned, kept, said on the day, once each. */
final class MoveTest extends TestCase
{
    private User $planner;

    private User $technician;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->technician = self::user('technician');
        $this->system = Fixture::system(self::site(), $this->planner);
    }

    private function move(?string $on = null): Move
    {
        return MoveStart::of(
            'Over the river',
            MoveKind::House,
            $this->system->site()->firstOrFail(),
            null,
            $this->system,
            $on === null ? null : CarbonImmutable::parse($on),
            $this->planner,
        );
    }

    /** @param  array<string, mixed>  $change @return array<string, mixed> */
    private function brief(array $change = []): array
    {
        $brief = array_replace_recursive(array_diff_key(MoveAnswersTest::sound(), ['schema' => 1, 'kind' => 1]), $change);
        $brief['people'][0] = ['id' => "u{$this->technician->id}", 'label' => 'Ada', 'limitKg' => 25];

        return ['ticks' => [], ...$brief];
    }

    /** @return array<string, mixed> */
    private function page(Move $move, string $tab = ''): array
    {
        return self::props($this->actingAs($this->planner)->get("/moves/{$move->id}{$tab}")->assertOk());
    }

    #[Test]
    public function the_light_at_the_new_place_is_told_for_its_day(): void
    {
        $move = $this->move('2026-12-21');
        $there = self::site('Them', 'North');
        $move->update(['to_site_id' => $there->id]);
        $dark = fn (): ?int => $this->page($move->refresh(), '/plan')['darkMin'];
        self::assertNull($dark(), 'nobody has put it on the map');
        $there->update(['lat' => 51.5, 'lon' => 0.0, 'timezone' => 'Europe/London']);
        // At Greenwich on the shortest day the sun sets at 15:53.
        self::assertEqualsWithDelta(953, $dark(), 3);
        $move->update(['on' => '2026-06-21']);
        self::assertEqualsWithDelta(1281, $dark(), 3, '21:21 by summer time');
        $there->update(['lat' => 78.0]);
        self::assertNull($dark(), 'there it does not set');
    }

    #[Test]
    public function what_can_be_said_is_worked_out_once_and_anew_when_anything_known_changes(): void
    {
        $move = $this->move(now()->addWeek()->toDateString());
        $move->update(['brief' => $this->brief()]);
        $answer = fn (): MoveAnswers => AnsweredOnce::of($move, MoveDocument::read($move));
        $first = $answer();
        $kept = Cache::get("move-answers|{$move->id}");
        self::assertEquals($first, $answer());
        self::assertSame($kept, Cache::get("move-answers|{$move->id}"), 'the second was read, not worked out');
        self::assertEquals($first, MoveAnswers::of(MoveDocument::read($move)), 'and says what would be worked out');
        $move->update(['brief' => $this->brief(['truckBackMin' => 700])]);
        self::assertNotEquals($first->findings, $answer()->findings);
        self::assertEquals($answer(), MoveAnswers::of(MoveDocument::read($move)));
        // What an older release left, or a disk spoiled, is worked out anew.
        $asked = Cache::get("move-answers|{$move->id}")['asked'];
        foreach (['O:8:"No\\Such":0:{}', 'not written by anybody', serialize(['a'])] as $spoilt) {
            Cache::put("move-answers|{$move->id}", ['asked' => $asked, 'answers' => $spoilt]);
            self::assertEquals(MoveAnswers::of(MoveDocument::read($move)), $answer());
        }
    }

    #[Test]
    public function a_move_begins_with_what_the_record_knows(): void
    {
        $this->system->update(['true_volume_l' => 431.4, 'hose_flow_lh' => 720]);
        $this->actingAs($this->planner)->post('/moves', [
            'name' => 'Over the river',
            'kind' => 'house',
            'from_site_id' => $this->system->site_id,
            'to_site_id' => null,
            'system_id' => $this->system->id,
            'on' => null,
        ])->assertSessionHasNoErrors();
        $move = Move::query()->sole();
        self::assertSame([431.0, 720.0], [(float) $move->brief['waters']['oldL'], (float) $move->brief['waters']['drainLh']]);
        self::assertContains('tank', array_column($move->brief['pieces'], 'kind'));
        $page = $this->page($move);
        self::assertNull($page['course']);
        self::assertContains('who comes', $page['missing']);
        // A system of another place is no system of this one.
        $elsewhere = $this->system->site()->firstOrFail()->replicate(['name'])->fill(['name' => 'Elsewhere']);
        $elsewhere->save();
        $other = ['name' => 'x', 'kind' => 'house', 'from_site_id' => $elsewhere->id];
        $this->post('/moves', [...$other, 'system_id' => $this->system->id])->assertSessionHasErrors('system_id');
        $this->post('/moves', [...$other, 'kind' => 'flight'])->assertSessionHasErrors('kind');
    }

    #[Test]
    public function what_is_typed_is_kept_at_once_and_worked_out_and_nobody_is_written_over(): void
    {
        $move = $this->move();
        $this->actingAs($this->planner);
        $kept = self::props($this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 1])->assertOk());
        self::assertFalse($kept['conflict']);
        self::assertSame(2, $kept['move']['revision']);
        self::assertSame([$this->technician->id], $move->hands()->pluck('users.id')->all());
        self::assertEquals(454.0, $kept['course']['finishMin']);
        self::assertSame('box 1', $kept['course']['clocks'][0]['label']);
        self::assertCount(3, $kept['boxes']);
        self::assertNotEmpty($kept['trucks'][0]['stowed']);
        // Somebody who read the older one.
        $late = self::props($this->put("/moves/{$move->id}", [...$this->brief(['beginsMin' => 100]), 'revision' => 1])->assertOk());
        self::assertTrue($late['conflict']);
        self::assertSame(540, $move->refresh()->brief['beginsMin']);
    }

    #[Test]
    public function a_move_of_the_next_seven_days_stands_on_today(): void
    {
        $move = $this->move();
        $lines = fn (): int => count(MovesSoon::groups($this->planner)[0]->lines ?? []);
        foreach ([0 => 1, 7 => 1, 8 => 0, -1 => 0] as $ahead => $shown) {
            $move->update(['on' => Days::text($ahead)]);
            self::assertSame($shown, $lines(), "in {$ahead} days");
        }
    }

    #[Test]
    public function a_hired_van_takes_what_somebody_puts_in_it_and_an_older_page_does_not_send_it_away(): void
    {
        $move = $this->move();
        $this->actingAs($this->planner);
        $van = ['id' => 'van', 'label' => 'the van', 'hired' => true, 'backMin' => 1300, 'lengthMm' => 2500, 'widthMm' => 1600,
            'heightMm' => 1700, 'payloadKg' => 800, 'crewKg' => 80];
        $brief = $this->brief(['vehicles' => [$van], 'boxes' => [0 => ['rides' => 'van', 'leaves' => 2]]]);
        $page = self::props($this->put("/moves/{$move->id}", [...$brief, 'revision' => 1])->assertOk());
        self::assertSame(['the truck', 'the van'], array_column($page['trucks'], 'label'));
        self::assertSame([false, true], array_column($page['trucks'], 'isHired'));
        self::assertSame([$brief['boxes'][0]['id']], array_column($page['trucks'][1]['stowed'], 'id'));
        self::assertContains('the van back', array_column($page['course']['steps'], 'label'));
        // Somebody’s page from before there were several.
        $page = self::props($this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 2])->assertOk());
        self::assertCount(2, $page['trucks']);
        $page = self::props($this->put("/moves/{$move->id}", [...$this->brief(), 'vehicles' => [], 'revision' => 3])->assertOk());
        self::assertCount(1, $page['trucks']);
        $bads = [['vehicles' => [['id' => '7']]], ['vehicles' => [['backMin' => 9999] + $van]], ['boxes' => [0 => ['leaves' => 1.5]]]];
        foreach ($bads as $bad) {
            $this->put("/moves/{$move->id}", [...$this->brief($bad), 'revision' => 4])->assertSessionHasErrors();
        }
    }

    #[Test]
    public function an_hour_late_has_its_price_and_an_older_page_keeps_it(): void
    {
        $move = $this->move();
        $this->actingAs($this->planner);
        $early = ['truckBackMin' => 700];
        $moved = function (array $sent, int $revision) use ($move): ?array {
            $page = self::props($this->put("/moves/{$move->id}", [...$this->brief(), ...$sent, 'revision' => $revision])->assertOk());

            return collect($page['course']['mends'])->firstWhere('end', 'the truck back');
        };
        self::assertNull($moved($early, 1)['cost']);
        self::assertNull($this->page($move, '/plan')['crewNeeded'], 'an end breaks: nobody can stay at home');
        $priced = $moved([...$early, 'late' => ['truck' => 60.0]], 2);
        $lateMin = $priced['atMin'] + 540 - 700;
        self::assertSame(Money::about($lateMin), $priced['cost'], 'one a minute');
        self::assertSame($priced['cost'], $moved($early, 3)['cost'], 'a page that does not know of it takes nothing away');
        self::assertNull($moved([...$early, 'late' => []], 4)['cost']);
        $this->put("/moves/{$move->id}", [...$this->brief(), 'truckBackMin' => 2000, 'revision' => 5])->assertOk();
        $planned = count($this->brief()['people']);
        self::assertLessThanOrEqual($planned, $this->page($move, '/plan')['crewNeeded']);
        foreach ([['truck' => -1], ['ferry' => 5], ['truck' => '60']] as $wrong) {
            $this->put("/moves/{$move->id}", [...$this->brief(), 'late' => $wrong, 'revision' => 6])->assertSessionHasErrors();
        }
    }

    #[Test]
    public function what_cannot_be_is_said_by_its_field_and_nothing_is_lost(): void
    {
        $move = $this->move();
        $this->actingAs($this->planner);
        $odd = $this->brief(['way' => ['outdoorC' => -300]]);
        $page = self::props($this->put("/moves/{$move->id}", [...$odd, 'revision' => 1])->assertOk());
        self::assertSame('way.outdoorC', $page['wrong']['field']);
        self::assertSame(-300, $page['written']['way']['outdoorC']);
        foreach ([
            'boxes.0.id' => ['boxes' => [0 => ['id' => '7']]],
            'boxes.0.litres' => ['boxes' => [0 => ['litres' => 'many']]],
            'beginsMin' => ['beginsMin' => 1440],
        ] as $field => $change) {
            $this->put("/moves/{$move->id}", [...$this->brief($change), 'revision' => 2])->assertSessionHasErrors($field);
        }
        $this->put("/moves/{$move->id}", ['revision' => 2])->assertSessionHasErrors(['people', 'boxes']);
    }

    /** @param  array<string, mixed>  $payload */
    private function say(Move $move, User $user, string $kind, array $payload, string $at, ?string $uuid = null): mixed
    {
        return $this->actingAs($user)->postJson("/moves/{$move->id}/entries", [
            'entries' => [['uuid' => $uuid ?? (string) Str::uuid(), 'kind' => $kind, 'at' => $at, 'payload' => $payload]],
            'sent_at' => CarbonImmutable::now()->toIso8601ZuluString(),
        ]);
    }

    private function underWay(): Move
    {
        $move = $this->move(Days::text());
        $move->update(['brief' => $this->brief(), 'revision' => 2]);
        $move->hands()->sync([$this->technician->id]);
        $this->travelTo(Days::moment(Days::text(), 540));

        return $move->refresh();
    }

    /** Every box is counted in and out into its new water. @param  array<string, int>  $missing of a box */
    private function countHome(Move $move, array $missing = []): void
    {
        $planned = [];
        foreach ($move->brief['animals'] as $animal) {
            $planned[$animal['box']] = ($planned[$animal['box']] ?? 0) + ($animal['count'] ?? 1);
        }
        foreach ($planned as $box => $count) {
            $at = CarbonImmutable::now()->toIso8601ZuluString();
            $this->say($move, $this->technician, 'count', ['of' => $box, 'value' => $count], $at)
                ->assertJsonPath('answers.0.outcome', 'ok');
            $this->travel(1)->seconds();
            $at = CarbonImmutable::now()->toIso8601ZuluString();
            $this->say($move, $this->technician, 'home', ['of' => $box, 'value' => $count - ($missing[$box] ?? 0)], $at);
        }
    }

    #[Test]
    public function animals_are_counted_box_by_box_and_who_is_missed_keeps_the_move_open(): void
    {
        $move = $this->underWay();
        self::photo($move);
        $now = fn (): string => CarbonImmutable::now()->toIso8601ZuluString();
        $close = fn (array $more = []) => $this->actingAs($this->planner)->post("/moves/{$move->id}/close", $more + self::left());
        $close()->assertSessionHasErrors('left');
        self::assertStringContainsString('nobody has counted the animals home', session('errors')->first('left'));
        foreach ([['of' => 'b1'], ['of' => 'b1', 'value' => 1.5], ['of' => 'b1', 'value' => -1], ['of' => 'b1', 'value' => 10_001],
            ['value' => 1]] as $wrong) {
            $this->say($move, $this->technician, 'count', $wrong, $now())->assertJsonPath('answers.0.outcome', 'refused');
        }
        $this->say($move, $this->technician, 'loaded', [], $now())->assertJsonPath('answers.0.outcome', 'refused');
        $this->say($move, $this->technician, 'count', ['of' => 'b2', 'value' => 10_000], $now())->assertJsonPath('answers.0.outcome', 'ok');
        $this->travel(1)->seconds();
        $this->countHome($move, ['b2' => 1]);
        $this->say($move, $this->technician, 'loaded', ['of' => 'b2'], $now())->assertJsonPath('answers.0.outcome', 'ok');
        $page = $this->page($move);
        self::assertSame(['planned' => 2, 'in' => 2, 'home' => 1, 'held' => null, 'lost' => 0, 'lostBefore' => 0, 'loaded' => true,
            'off' => false], $page['boxes'][1]['heads']);
        self::assertContains('box 2: 2 went in, 1 came out', array_column($page['findings'], 'what'));
        $asked = array_column($page['gates'], 'asked', 'key');
        self::assertTrue($asked['G3'][0]['isSo']);
        $close()->assertSessionHasErrors('left');
        self::assertStringContainsString('1 of 15 animals are neither counted home nor signed for', session('errors')->first('left'));
        // Nowhere to be found: somebody signs for it, and the list of the system knows.
        $listed = Animal::query()->create(['system_id' => $this->system->id, 'name' => 'clown pair', 'kind' => 'fish', 'count' => 2,
            'state' => 'here', 'user_id' => $this->planner->id]);
        $brief = $move->refresh()->brief;
        $brief['animals'][1]['id'] = "stock-{$listed->id}";
        $move->update(['brief' => $brief]);
        $this->travel(1)->minutes();
        $lost = ['of' => "stock-{$listed->id}", 'value' => 1, 'words' => 'dead in the cloth'];
        $this->say($move, $this->technician, 'lost', $lost, $now())->assertJsonPath('answers.0.outcome', 'ok');
        $this->say($move, $this->technician, 'lost', ['of' => 'tang', 'value' => 0], $now());
        self::assertNotContains('box 2: 2 went in, 1 came out', array_column($this->page($move)['findings'], 'what'));
        $close()->assertSessionHasNoErrors()->assertRedirect('/moves');
        self::assertSame(1, $listed->refresh()->count);
        $gone = Animal::query()->where('split_of_id', $listed->id)->sole();
        self::assertSame(['gone', 1], [$gone->state->value, $gone->count]);
        self::assertSame("lost in {$move->name}, signed for by {$this->technician->name}. dead in the cloth", $gone->out_why);
    }

    #[Test]
    public function a_plan_that_cannot_be_read_closes_no_move_without_a_word(): void
    {
        $move = $this->underWay();
        self::photo($move);
        $this->countHome($move);
        $move->update(['brief' => [...$move->refresh()->brief, 'boxes' => [['id' => 'b1', 'wall' => 'paper']]]]);
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", self::left())->assertSessionHasErrors('left');
        self::assertStringContainsString('the plan cannot be read', session('errors')->first('left'));
    }

    #[Test]
    public function a_loss_nobody_had_listed_stands_in_the_log_and_what_stays_open_is_a_job(): void
    {
        $move = $this->underWay();
        self::photo($move);
        $this->countHome($move, ['b1' => 1, 'b2' => 1]);
        $this->say($move, $this->technician, 'lost', ['of' => 'tang', 'value' => 1], CarbonImmutable::now()->toIso8601ZuluString());
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", ['still_open' => 'one hides in the sump'] + self::left())
            ->assertRedirect('/moves');
        self::assertSame(1, $this->system->logEntries()->where('text', 'like', '1 × tang lost in%')->count());
        $job = FollowUp::query()->where('kind', 'follow-up')->sole();
        self::assertStringContainsString('1 of 15 animals are neither counted home nor signed for. one hides in the sump', $job->text);
        self::assertSame([Days::text(3), 30.0], [$job->due_on?->toDateString(), $job->minutes]);
    }

    #[Test]
    public function of_what_is_said_twice_within_a_second_the_last_counts(): void
    {
        $move = $this->underWay();
        $nets = fn (): array => collect($this->page($move, '/papers')['takeAlong'])->firstWhere('code', 'nets');
        $second = CarbonImmutable::now()->subMinute()->startOfSecond();
        $at = fn (int $ms): string => $second->addMilliseconds($ms)->format('Y-m-d\TH:i:s.v\Z');
        $said = [['ffffffff', 'taken', 3, 100], ['eeeeeeee', 'back', 1, 200], ['00000000', 'back', 3, 900]];
        foreach ($said as [$begins, $kind, $value, $ms]) {
            $uuid = $begins.substr((string) Str::uuid(), 8);
            $this->say($move, $this->technician, $kind, ['of' => 'nets', 'value' => $value], $at($ms), $uuid)
                ->assertJsonPath('answers.0.outcome', 'ok');
        }
        self::assertSame([3, 3], [$nets()['taken'], $nets()['back']]);
    }

    #[Test]
    public function what_goes_along_is_the_companys_list_and_is_counted_back(): void
    {
        $move = $this->underWay();
        self::photo($move);
        $this->countHome($move);
        $what = fn (): array => array_column($this->page($move, '/papers')['takeAlong'], 'what');
        self::assertContains('buckets', $what());
        $keep = fn (array $line) => $this->actingAs($this->planner)->post('/moves/kit', $line);
        $keep(['what' => 'Long saw', 'owner' => 'Jory', 'count' => 2])->assertSessionHasNoErrors();
        $keep(['what' => 'Long saw', 'owner' => 'Jory', 'count' => 2]);
        $keep(['drops' => 'buckets'])->assertSessionHasNoErrors();
        $keep(['drops' => 'buckets', 'what' => 'both'])->assertSessionHasErrors('drops');
        $keep([])->assertSessionHasErrors('what');
        $keep(['what' => 'Rope', 'count' => 0])->assertSessionHasErrors('count');
        $this->actingAs($this->technician)->post('/moves/kit', ['what' => 'Rope'])->assertForbidden();
        self::assertSame(2, OwnLine::query()->count(), 'the same line once');
        self::assertNotContains('buckets', $what());
        $page = $this->page($move, '/papers');
        self::assertSame(['buckets'], array_column($page['leftOff'], 'what'));
        $saw = collect($page['takeAlong'])->firstWhere('what', 'Long saw');
        self::assertSame([2, 'Jory', null, null], [$saw['count'], $saw['owner'], $saw['taken'], $saw['back']]);

        $now = fn (): string => CarbonImmutable::now()->toIso8601ZuluString();
        $this->say($move, $this->technician, 'taken', ['of' => $saw['code'], 'value' => 2], $now())
            ->assertJsonPath('answers.0.outcome', 'ok');
        $this->say($move, $this->technician, 'back', ['of' => $saw['code'], 'value' => 1], $now());
        $this->say($move, $this->technician, 'taken', ['of' => 'nets', 'value' => 1], $now());
        $close = fn () => $this->actingAs($this->planner)->post("/moves/{$move->id}/close", self::left());
        // What leaves the list while it is along is missed all the same, and goes once it is back.
        $keep(['drops' => 'nets'])->assertSessionHasNoErrors();
        $ours = OwnLine::query()->where('what', 'Long saw')->sole();
        $this->actingAs($this->planner)->post("/moves/kit/{$ours->id}/archive")->assertSessionHasNoErrors();
        self::assertContains('nets, two sizes; a dark tub', $what());
        $close()->assertSessionHasErrors('left');
        $said = session('errors')->first('left');
        self::assertStringContainsString('nets, two sizes; a dark tub not back; Long saw of Jory not back', $said);
        $this->say($move, $this->technician, 'back', ['of' => 'nets', 'value' => 1], $now());
        $this->travel(1)->minutes();
        $this->say($move, $this->technician, 'back', ['of' => $saw['code'], 'value' => 2], $now());
        self::assertSame([], array_intersect(['nets, two sizes; a dark tub', 'Long saw'], $what()));
        $close()->assertSessionHasNoErrors();

        $line = OwnLine::query()->where('drops', 'buckets')->sole();
        $this->actingAs($this->technician)->post("/moves/kit/{$line->id}/archive")->assertForbidden();
        $this->actingAs($this->planner)->post("/moves/kit/{$line->id}/archive")->assertSessionHasNoErrors();
        self::assertContains('buckets', $what());
    }

    #[Test]
    public function the_day_goes_on_from_what_is_said(): void
    {
        $move = $this->underWay();
        $now = fn (): string => CarbonImmutable::now()->toIso8601ZuluString();
        $this->say($move, $this->technician, 'began', ['of' => 'off'], $now())->assertOk()->assertJsonPath('answers.0.outcome', 'ok');
        $this->travel(20)->minutes();
        $this->say($move, $this->technician, 'done', ['of' => 'off'], $now());
        $page = $this->page($move);
        self::assertEquals(2.0, $page['course']['factor'], 'ten minutes took twenty');
        self::assertSame('done', $page['course']['steps'][0]['state']);
        self::assertGreaterThan(454.0, $page['course']['finishMin']);
        $this->say($move, $this->technician, 'reading', ['of' => 'b1', 'value' => 24.2], $now());
        self::assertSame(24.2, $this->page($move)['boxes'][0]['readC']);
        $this->say($move, $this->technician, 'gate', ['of' => 'G2', 'words' => 'reason: the heater came late'], $now());
        $gate = $this->page($move)['gates'][2];
        self::assertSame(
            ['reason: the heater came late', $this->technician->name, $now()],
            [$gate['decided'], $gate['decidedBy'], $gate['decidedAt']],
        );
        $this->travel(5)->minutes();
        $this->say($move, $this->planner, 'gate', ['of' => 'G2', 'words' => 'plan-b'], $now());
        $gate = $this->page($move)['gates'][2];
        self::assertSame(['plan-b', $this->planner->name, $now()], [$gate['decided'], $gate['decidedBy'], $gate['decidedAt']]);
        self::assertNull($this->page($move)['gates'][3]['decidedBy'], 'nobody has decided on the next');
    }

    #[Test]
    public function what_is_done_if_a_stop_is_still_one_is_kept_with_it(): void
    {
        $move = $this->move();
        $says = fn (): array => array_column($this->page($move->refresh())['findings'], 'what');
        $keep = fn (array $planB, int $revision) => $this->actingAs($this->planner)->put("/moves/{$move->id}", [
            ...$this->brief(['pieces' => [1 => ['verdict' => 'cracked']], 'planB' => $planB]),
            'revision' => $revision,
        ]);
        $keep([], $move->revision)->assertSessionHasNoErrors();
        self::assertContains('A Stop has no plan B of its own', $says());
        $stop = collect($this->page($move)['findings'])->firstWhere('what', 'stand is cracked')['key'];
        $keep(['stops' => [['stop' => $stop, 'then' => str_repeat('a', 201)]]], $move->revision)
            ->assertSessionHasErrors('planB.stops.0.then');
        $keep(['stops' => [['stop' => $stop, 'then' => 'The spare stand.']]], $move->revision)->assertSessionHasNoErrors();
        self::assertNotContains('A Stop has no plan B of its own', $says());
    }

    #[Test]
    public function a_day_whose_end_breaks_says_what_else_would_mend_it(): void
    {
        $move = $this->underWay();
        self::assertSame([], $this->page($move)['course']['mends']);
        $move->update(['brief' => $this->brief(['truckBackMin' => 700]), 'revision' => 3]);
        $course = $this->page($move->refresh())['course'];
        self::assertSame(['Em'], $course['spares']);
        $kinds = array_column($course['mends'], 'kind');
        self::assertContains('end-moved', $kinds);
        self::assertSame('plan-b', $kinds[count($kinds) - 1]);
        $moved = $course['mends'][array_search('end-moved', $kinds, true)];
        self::assertSame('the truck back', $moved['end']);
        $move->update(['brief' => $this->brief(['truckBackMin' => 540 + $moved['atMin']]), 'revision' => 4]);
        self::assertSame([], $this->page($move->refresh())['course']['mends'], 'moved there, it holds');
    }

    #[Test]
    public function whoever_goes_home_before_a_late_day_ends_is_named_while_it_runs(): void
    {
        $move = $this->underWay();
        $all = array_fill(0, 4, ['untilMin' => 1140]);
        $move->update(['brief' => $this->brief(['people' => $all]), 'revision' => 3]);
        $brief = $move->brief;
        $brief['people'][0]['untilMin'] = 1140;
        $move->update(['brief' => $brief]);
        $says = fn (): array => array_values(array_filter(
            array_column($this->page($move->refresh())['findings'], 'what'),
            fn (string $what): bool => str_contains($what, 'outside the hours'),
        ));
        self::assertSame([], $says(), 'planned, they are home by seven');
        $this->say($move, $this->technician, 'began', ['of' => 'off'], CarbonImmutable::now()->toIso8601ZuluString());
        $this->travel(4)->hours();
        self::assertNotSame([], $says(), 'the first stage has taken four hours');
    }

    #[Test]
    public function each_word_counts_once_and_a_strangers_number_is_refused(): void
    {
        $move = $this->underWay();
        $uuid = (string) Str::uuid();
        $at = CarbonImmutable::now()->toIso8601ZuluString();
        foreach (range(1, 3) as $time) {
            $this->say($move, $this->technician, 'began', ['of' => 'off'], $at, $uuid)->assertJsonPath('answers.0.outcome', 'ok');
        }
        self::assertSame(1, MoveEvent::query()->count());
        $this->say($move, $this->planner, 'began', ['of' => 'lamps'], $at, $uuid)->assertJsonPath('answers.0.outcome', 'refused');
        self::assertSame('off', MoveEvent::query()->sole()->of);
    }

    #[Test]
    public function one_bad_word_does_not_hold_up_the_good_ones_beside_it(): void
    {
        $move = $this->underWay();
        $at = CarbonImmutable::now()->toIso8601ZuluString();
        $entry = fn (string $kind, array $payload, array $more = []): array => [
            'uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $at, 'payload' => $payload, ...$more,
        ];
        $answers = $this->actingAs($this->technician)->postJson("/moves/{$move->id}/entries", ['entries' => [
            $entry('began', ['of' => 'off']),
            $entry('flown', []),
            $entry('reading', ['of' => 'b1', 'value' => 451]),
            $entry('reading', ['of' => 'b1', 'value' => 45]),
            $entry('gate', ['of' => 'G2', 'words' => 'maybe']),
            $entry('longer', ['of' => 'off', 'value' => 0]),
            $entry('note', ['words' => ' ']),
            $entry('done', ['of' => 'off'], ['at' => 'soon']),
            $entry('done', ['of' => 'off'], ['uuid' => 'x']),
            $entry('done', ['of' => 'off'], ['at' => now()->subDays(60)->subMinute()->toIso8601ZuluString()]),
            'nonsense',
            $entry('note', ['words' => 'kept on a phone'], ['at' => now()->subDays(60)->addMinute()->toIso8601ZuluString()]),
        ]])->assertOk()->json('answers');
        self::assertSame(
            ['ok', 'refused', 'refused', 'ok', 'refused', 'refused', 'refused', 'refused', 'refused', 'refused', 'refused', 'ok'],
            array_column($answers, 'outcome'),
        );
        self::assertSame(3, MoveEvent::query()->count());
    }

    #[Test]
    public function a_wrong_phone_clock_is_set_right_and_the_future_is_now(): void
    {
        $move = $this->underWay();
        $fast = CarbonImmutable::now()->addHour();
        $this->actingAs($this->technician)->postJson("/moves/{$move->id}/entries", [
            'entries' => [['uuid' => (string) Str::uuid(), 'kind' => 'began', 'at' => $fast->subMinutes(5)->toIso8601ZuluString(),
                'payload' => ['of' => 'off']]],
            'sent_at' => $fast->toIso8601ZuluString(),
        ])->assertJsonPath('skewS', -3600);
        self::assertSame(-300, (int) CarbonImmutable::now()->diffInSeconds(MoveEvent::query()->sole()->at));
    }

    #[Test]
    public function only_the_team_and_those_who_work_there_speak_and_only_planners_plan(): void
    {
        $move = $this->underWay();
        $at = CarbonImmutable::now()->toIso8601ZuluString();
        $stranger = self::user('technician');
        $this->say($move, $stranger, 'note', ['words' => 'hello'], $at)->assertForbidden();
        $this->say($move, Fixture::onCall($stranger), 'note', ['words' => 'hello'], $at)->assertOk();
        $this->actingAs($this->technician)->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 2])->assertForbidden();
        $client = self::user('client', $this->system->site()->firstOrFail()->client_id);
        $this->actingAs($client)->get("/moves/{$move->id}")->assertForbidden();
    }

    #[Test]
    public function who_has_visits_or_another_move_that_day_is_said(): void
    {
        $first = $this->underWay();
        $second = $this->move(Days::text());
        $busy = collect($this->page($second)['people'])->firstWhere('id', $this->technician->id)['busy'];
        self::assertSame("goes to {$first->name}", $busy);
        self::assertNull(collect($this->page($first)['people'])->firstWhere('id', $this->technician->id)['busy']);
        $twice = fn (Move $move): array => array_values(array_filter(
            array_column($this->page($move->refresh())['findings'], 'what'),
            fn (string $what): bool => str_contains($what, 'planned twice'),
        ));
        $second->update(['brief' => $this->brief(), 'revision' => 2]);
        self::assertSame(["Ada is planned twice that day: goes to {$first->name}"], $twice($second));
        self::assertSame([], $twice($first), 'the other is not of its team yet');
    }

    #[Test]
    public function photos_stand_with_the_place_that_is_left_each_by_what_it_shows(): void
    {
        Storage::fake('local');
        $move = $this->move();
        $this->actingAs($this->planner)->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 1])->assertOk();
        $codes = fn (): array => array_column($this->page($move)['findings'], 'what');
        $asks = fn (string $words): bool => array_filter($codes(), fn (string $w): bool => str_contains($w, $words)) !== [];
        self::assertTrue($asks('where each coral stands'));
        self::assertTrue($asks('what was found of tank'));
        $send = fn (string $about, ?UploadedFile $file = null) => $this->post("/moves/{$move->id}/photos", [
            'about' => $about,
            'file' => $file ?? UploadedFile::fake()->image('a.jpg', 60, 40),
        ]);
        $send('move:999999:places')->assertSessionHasErrors('about');
        $send("move:{$move->id}:places", UploadedFile::fake()->create('a.exe', 2))->assertSessionHasErrors('file');
        $send("move:{$move->id}:places")->assertSessionHasNoErrors();
        $send("move:{$move->id}:tank")->assertSessionHasNoErrors();
        self::assertSame([false, false], [$asks('where each coral stands'), $asks('what was found of tank')]);
        self::assertTrue($asks('what was found of stand'));
        self::assertSame(['places', 'tank'], array_column($this->page($move)['photos'], 'of'));
        // What waited on a phone is kept once, however often it is sent.
        $uuid = (string) Str::uuid();
        foreach ([1, 2] as $again) {
            $this->post("/moves/{$move->id}/photos", [
                'uuid' => $uuid,
                'about' => "move:{$move->id}:places",
                'file' => UploadedFile::fake()->image('again.jpg', 60, 40),
            ], ['Accept' => 'application/json'])->assertOk()->assertExactJson(['outcome' => 'ok']);
        }
        self::assertSame(3, Attachment::query()->where('about', 'like', "move:{$move->id}:%")->count());
        Attachment::query()->where('client_uuid', $uuid)->sole()->delete();
        $this->post("/moves/{$move->id}/photos", ['uuid' => 'x', 'about' => "move:{$move->id}:places"], ['Accept' => 'application/json'])
            ->assertJsonValidationErrors('uuid');
        self::assertSame(2, $move->from()->firstOrFail()->morphMany(Attachment::class, 'subject')->count());
    }

    #[Test]
    public function what_comes_before_the_day_is_booked_with_it_moves_with_it_and_goes_with_it(): void
    {
        $jobs = fn (): array => FollowUp::query()->where('text', 'like', 'Before Over the river: %')->orderBy('due_on')->orderBy('id')
            ->get()->map(fn (FollowUp $f): array => [$f->due_on->toDateString(), $f->on_site])->all();
        $move = $this->move();
        self::assertSame([], $jobs(), 'no day yet');
        $head = fn (?string $on) => $this->actingAs($this->planner)
            ->put("/moves/{$move->id}/head", ['name' => 'Over the river', 'on' => $on])
            ->assertSessionHasNoErrors();
        $head(Days::text(40));
        self::assertContains([Days::text(19), false], $jobs(), 'decided three weeks before');
        $this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 1])->assertOk();
        $before = $jobs();
        self::assertContains([Days::text(39), false], $before, 'its water the day before');
        self::assertCount(count($before), $this->page($move)['before']);
        $this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 2])->assertOk();
        self::assertSame($before, $jobs(), 'once, however often it is kept');

        FollowUp::query()->where('text', 'like', '%rides, is serviced%')->sole()->update(['done_at' => now()]);
        $head(Days::text(50));
        self::assertContains([Days::text(19), false], $jobs(), 'and keeps its day, though the move gets a later one');
        $head(Days::text(10));
        self::assertContains([Days::text(19), false], $jobs(), 'what is done stays done');
        self::assertContains([Days::text(9), false], $jobs());
        $head(Days::text(1));
        self::assertContains([Days::text(), true], $jobs(), 'photographs today, as they cannot be in time any sooner');
        $this->travelTo(Days::moment(Days::text(1), 540));
        $this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 3])->assertOk();
        self::assertContains(true, array_column($this->page($move)['before'], 'isLate'), 'what is late is not lost');

        $this->post("/moves/{$move->id}/archive");
        self::assertSame([[Days::text(18), false]], $jobs(), 'given up, only what was done is left');
    }

    #[Test]
    public function keeping_a_move_again_puts_off_nothing_that_is_late(): void
    {
        $move = $this->move(Days::text(5));
        $photos = fn (): string => (string) FollowUp::query()->where('text', 'like', '%photograph%')->sole()->due_on->toDateString();
        $due = $photos();
        self::assertSame(Days::text(), $due);
        $this->travel(2)->days();
        $this->actingAs($this->planner)->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 1])->assertOk();
        self::assertSame($due, $photos());
    }

    #[Test]
    public function five_moves_that_are_over_teach_how_long_loading_takes_us(): void
    {
        $this->actingAs($this->planner);
        $planned = function (): array {
            $move = $this->move();
            $page = self::props($this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 1])->assertOk());

            $steps = collect($page['course']['steps']);

            return [$move, $steps->firstWhere('id', 'load'), $page['course']['learned'], $steps->firstWhere('isRest', true)['id']];
        };
        [, $usual, $learned] = $planned();
        self::assertSame([], $learned);
        $minutes = $usual['untilMin'] - $usual['fromMin'];
        for ($n = 1; $n <= 5; $n++) {
            [$move, $load, $learned, $rest] = $planned();
            self::assertSame([], $learned, 'of four nothing is learned');
            $at = CarbonImmutable::now()->subHours(5);
            $says = fn (string $kind, string $of, float $min) => $move->events()->create(['uuid' => (string) Str::uuid(), 'kind' => $kind,
                'of' => $of, 'user_id' => $this->planner->id, 'at' => $at->addSeconds((int) round($min * 60)), 'created_at' => now()]);
            $says('began', 'load', 0);
            $says('done', 'load', 1.5 * $minutes);
            // Said again: the first counts. Nobody said when this one began: nothing is learned of it.
            $says('done', 'load', 9 * $minutes);
            $says('done', 'lash', 20);
            // A rest takes its time: nothing is learned of it.
            $says('began', $rest, 0);
            $says('done', $rest, 90);
            $this->post("/moves/{$move->id}/close", ['words' => 'Done.', 'still_open' => 'all'])->assertSessionHasNoErrors();
            self::assertSame(['load'], DB::table('move_paces')->where('move_id', $move->id)->pluck('step')->all());
        }
        [, $load, $learned] = $planned();
        self::assertEqualsWithDelta(1.5 * $minutes, $load['untilMin'] - $load['fromMin'], 1.0);
        self::assertEqualsWithDelta(150.0, $learned[0]['percent'], 1.0);
    }

    #[Test]
    public function how_far_a_move_is_stands_over_it_and_in_the_list(): void
    {
        $move = $this->move();
        $head = fn (): array => $this->page($move->refresh())['move'];
        $listed = fn (): array => collect(self::props($this->actingAs($this->planner)->get('/moves'))['moves'])
            ->firstWhere('id', $move->id);
        self::assertSame(['draft', 'draft'], [$head()['stateLabel'], $listed()['stateLabel']]);
        $move->update(['brief' => $this->brief(['ticks' => ['surveyed']]), 'revision' => 2]);
        self::assertSame(['holding proved', 'holding proved'], [$head()['stateLabel'], $listed()['stateLabel']]);
        self::assertSame([true, true, true, false], array_slice(array_column($head()['states'], 'reached'), 0, 4));
        $this->actingAs($this->planner)->put("/moves/{$move->id}/head", ['name' => 'Now', 'on' => Days::text(), 'to_site_id' => null]);
        self::assertSame(['day promised', true], [$head()['stateLabel'], $listed()['isToday']]);
        $this->travelTo(Days::moment(Days::text(), 540));
        $move->hands()->sync([$this->technician->id]);
        $now = CarbonImmutable::now()->toIso8601ZuluString();
        $this->say($move, $this->technician, 'began', ['of' => 'off'], $now)->assertJsonPath('answers.0.outcome', 'ok');
        self::assertSame(['under way', 'under way'], [$head()['stateLabel'], $listed()['stateLabel']]);
        $this->say($move, $this->technician, 'gate', ['of' => 'G2', 'words' => 'plan-b'], $now);
        self::assertSame('plan B: in the holding', $head()['stateLabel']);
        self::assertSame([], array_filter(array_column($head()['states'], 'now')));
        $this->countHome($move);
        self::photo($move);
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", ['stands_there' => false] + self::left())
            ->assertSessionHasNoErrors();
        self::assertSame(['closed', 'closed'], [$head()['stateLabel'], $listed()['stateLabel']]);
        $this->system->refresh()->update(['settling_until' => Days::text(-1)]);
        self::assertSame(['settled', 'settled'], [$head()['stateLabel'], $listed()['stateLabel']]);
    }

    #[Test]
    public function a_closed_move_is_read_and_no_longer_written(): void
    {
        $move = $this->underWay();
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", ['words' => ''])->assertSessionHasErrors('words');
        $this->post("/moves/{$move->id}/close", ['words' => 'Floor dry, keys back.', 'still_open' => 'photo'])->assertRedirect('/moves');
        $this->put("/moves/{$move->id}", [...$this->brief(), 'revision' => 2])->assertForbidden();
        self::assertSame('Floor dry, keys back.', $this->page($move)['move']['closedWords']);
        self::assertSame(['closed'], array_column(self::props($this->get('/moves'))['moves'], 'state'));
    }

    #[Test]
    public function after_a_move_the_record_stands_at_the_new_place_and_what_is_owed_is_booked(): void
    {
        $move = $this->underWay();
        $there = $this->system->site()->firstOrFail()->replicate(['name'])->fill(['name' => 'Terrace']);
        $there->save();
        $move->update(['to_site_id' => $there->id]);
        $heater = $this->system->items()->create(['job' => 'heater', 'name' => 'Heater 1', 'state' => 'tested', 'outlet' => 'A1',
            'installed_precision' => 'day', 'bases' => []]);
        $controller = Fixture::controller($this->system->site()->firstOrFail());
        $alarm = fn (?int $head): Alarm => Alarm::query()->create(['system_id' => $this->system->id, 'name' => 'Cold', 'watches' => [],
            'quantity' => 'temperature', 'low_limit' => 24, 'delay_min' => 10, 'tested_on' => Days::text(), 'controller_id' => $head]);
        [$own, $watched] = [$alarm(null), $alarm($controller->id)];
        $visit = Fixture::visit($this->system);
        self::photo($move);
        $this->countHome($move);
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", self::left())
            ->assertSessionHasNoErrors();
        $this->system->refresh();
        self::assertSame([$there->id, null], [$this->system->site_id, $this->system->room_id]);
        self::assertSame(['mounted', null], [$heater->refresh()->state->value, $heater->outlet_id]);
        self::assertNull($own->refresh()->tested_on);
        self::assertTrue($watched->refresh()->isArchived());
        self::assertSame(0, $visit->tasks()->where('system_id', $this->system->id)->where('state', 'open')->count());
        self::assertSame(Days::text(14), $this->system->settling_until?->toDateString());
        $owed = FollowUp::query()->where('system_id', $this->system->id)->orderBy('due_on')->get();
        self::assertCount(12, $owed);
        self::assertSame(Days::text(), $owed->first()?->due_on->toDateString());
        self::assertSame(Days::text(14), $owed->last()?->due_on->toDateString());
        self::assertSame($this->technician->id, $owed->first()?->owner_id);
    }

    #[Test]
    public function notes_and_photos_stay_behind_when_the_animals_get_a_new_owner(): void
    {
        foreach ([false, true] as $isNew) {
            $move = $this->underWay();
            $there = $this->system->site()->firstOrFail()->replicate(['name'])->fill(['name' => $isNew ? 'Terrace' : 'Attic']);
            $there->save();
            $brief = $move->brief;
            $brief['way']['newOwner'] = $isNew;
            $move->update(['to_site_id' => $there->id, 'brief' => $brief]);
            $note = $this->system->standingNotes()->create(['text' => 'The code is the dog’s birthday.', 'user_id' => $this->planner->id]);
            $photo = $this->system->attachments()->create(['caption' => 'Sofa', 'original_name' => 'a.jpg', 'path' => 'attachments/a.jpg',
                'mime' => 'image/jpeg', 'bytes' => 10, 'kind' => Attachment::PHOTO, 'sha256' => str_repeat('b', 64),
                'user_id' => $this->planner->id, 'standing' => Attachment::READY]);
            self::photo($move);
            $this->countHome($move);
            $this->actingAs($this->planner)->post("/moves/{$move->id}/close", self::left())->assertSessionHasNoErrors();
            self::assertSame([$isNew, $isNew], [$note->refresh()->isArchived(), $photo->refresh()->isArchived()]);
        }
    }

    /** @return array<string, mixed> a move that ended well, and whose old place was left so */
    private static function left(): array
    {
        return ['words' => 'Done.', 'stands_there' => true, 'signed_by' => 'the caretaker', 'left' => array_map(fn (): bool => true,
            OriginLeft::ASKED)];
    }

    private static function photo(Move $move): void
    {
        $site = $move->from()->firstOrFail();
        Attachment::query()->create(['subject_type' => $site->getMorphClass(), 'subject_id' => $site->id, 'caption' => 'as it was left',
            'original_name' => 'left.jpg', 'path' => 'attachments/left.jpg', 'mime' => 'image/jpeg', 'bytes' => 100,
            'kind' => Attachment::PHOTO, 'sha256' => str_repeat('a', 64), 'user_id' => $move->user_id,
            'standing' => Attachment::READY]);
    }

    #[Test]
    public function the_old_place_is_left_as_asked_and_signed_for_or_what_is_open_becomes_a_job(): void
    {
        $move = $this->underWay();
        $this->countHome($move);
        $close = fn (array $given) => $this->actingAs($this->planner)->post("/moves/{$move->id}/close", $given);
        $close(self::left())->assertSessionHasErrors('left');
        self::assertStringContainsString('a photo of the place as it was left', session('errors')->first('left'));
        self::photo($move);
        foreach (array_keys(OriginLeft::ASKED) as $name) {
            $close(array_replace_recursive(self::left(), ['left' => [$name => false]]))->assertSessionHasErrors('left');
        }
        $close(['signed_by' => ' '] + self::left())->assertSessionHasErrors('left');
        $close(['left' => ['roof' => true]] + self::left())->assertSessionHasErrors('left');
        self::assertNull($move->refresh()->closed_at);
        $open = array_replace_recursive(self::left(), ['left' => ['keys' => false], 'still_open' => 'the caretaker is away until Monday']);
        $close($open)->assertRedirect('/moves');
        $job = FollowUp::query()->where('kind', 'follow-up')->sole();
        self::assertStringContainsString('keys and codes are back. the caretaker is away', $job->text);
        self::assertSame(Days::text(3), $job->due_on->toDateString());
        self::assertSame(['the caretaker', 1], [$move->refresh()->left_place['signedBy'], $move->left_place['photos']]);
    }

    #[Test]
    public function a_holding_is_a_system_of_its_own_until_the_last_animal_is_home(): void
    {
        $move = $this->underWay();
        $fill = fn (array $given = []) => $this->actingAs($this->planner)
            ->post("/moves/{$move->id}/holding", $given + ['site_id' => $move->from_site_id]);
        $move->update(['brief' => [...$move->brief, 'holding' => [...$move->brief['holding'], 'person' => null]]]);
        $fill()->assertSessionHasErrors('holding');
        $move->update(['brief' => [...$move->brief, 'holding' => [...$move->brief['holding'], 'person' => 'Ada', 'litres' => 400,
            'heaterW' => 300]]]);
        $fill(['site_id' => $move->from_site_id + 999])->assertSessionHasErrors('site_id');
        $fill()->assertSessionHasNoErrors();
        $fill()->assertSessionHasErrors('holding');
        $holding = System::query()->findOrFail($move->refresh()->holding_system_id);
        self::assertSame([400.0, true, Days::text()], [$holding->measured_volume_l, $holding->has_animals,
            $holding->isolated_since->toDateString()]);
        self::assertSame(300.0, $holding->items()->sole()->watts);
        $jobs = FollowUp::query()->where('system_id', $holding->id)->orderBy('due_on')->get();
        self::assertSame([Days::text(), Days::text(6)], [$jobs->first()->due_on->toDateString(), $jobs->last()->due_on->toDateString()]);
        self::assertStringContainsString('Ada looks after it.', $jobs->first()->text);
        self::assertSame([20.0], $jobs->pluck('minutes')->unique()->values()->all());
        // It keeps the move open, and is emptied by count.
        self::photo($move);
        $this->post("/moves/{$move->id}/close", self::left())->assertSessionHasErrors('words');
        $listed = array_sum(array_map(fn (array $a): int => $a['count'] ?? 1, $move->brief['animals']));
        $this->post("/moves/{$move->id}/holding/empty", ['count' => $listed - 1])->assertSessionHasErrors('words');
        // Counted into it box by box: that many come home.
        $now = CarbonImmutable::now()->toIso8601ZuluString();
        $this->say($move, $this->technician, 'held', ['of' => 'b3', 'value' => 12], $now)->assertJsonPath('answers.0.outcome', 'ok');
        $this->actingAs($this->planner)->post("/moves/{$move->id}/holding/empty", ['count' => $listed])->assertSessionHasErrors('words');
        self::assertStringStartsWith("12 are in it by the count, {$listed} came home", session('errors')->first('words'));
        $move->events()->delete();
        $this->post("/moves/{$move->id}/holding/empty", ['count' => $listed - 1, 'words' => 'One stays with the dealer.'])
            ->assertSessionHasNoErrors();
        self::assertTrue($holding->refresh()->isArchived());
        self::assertSame([false, null], [$holding->has_animals, $holding->isolated_since]);
        self::assertSame(0, FollowUp::query()->where('system_id', $holding->id)->whereNull('done_at')->count());
        $this->post("/moves/{$move->id}/close", self::left())->assertRedirect('/moves');
        $this->actingAs($this->technician)->post("/moves/{$move->id}/holding", ['site_id' => 1])->assertForbidden();
    }

    #[Test]
    public function a_swap_stays_where_it_is(): void
    {
        $move = MoveStart::of(
            name: 'Weeps',
            kind: MoveKind::Swap,
            from: $this->system->site()->firstOrFail(),
            to: null,
            system: $this->system,
            on: null,
            user: $this->planner,
        );
        $was = $this->system->site_id;
        $this->actingAs($this->planner)->post("/moves/{$move->id}/close", ['words' => 'Done.', 'stands_there' => true]);
        self::assertSame($was, $this->system->refresh()->site_id);
        self::assertSame(12, FollowUp::query()->where('system_id', $this->system->id)->count());
    }

    #[Test]
    public function what_was_missed_stands_on_the_next_list(): void
    {
        $move = $this->underWay();
        $at = CarbonImmutable::now()->toIso8601ZuluString();
        $this->say($move, $this->technician, 'note', ['of' => 'missed', 'words' => 'long hose'], $at)->assertOk();
        $papers = $this->page($this->move(), '/papers');
        self::assertSame(['long hose'], $papers['missed']);
        $own = $this->page($move, '/papers');
        self::assertCount(3, $own['labels']);
        self::assertSame(['load space', 'load space', 'load space'], array_column($own['labels'], 'rides'));
        $brief = $move->brief;
        $brief['boxes'][1]['cabin'] = true;
        $move->update(['brief' => $brief]);
        self::assertSame(['load space', 'cabin', 'load space'], array_column($this->page($move, '/papers')['labels'], 'rides'));
        self::assertSame(3, collect($own['takeAlong'])->firstWhere('what', 'boxes with lids and labels')['count']);
        self::assertNotNull($own['labels'][0]['lastsUntil']);
    }

    #[Test]
    public function a_move_that_is_near_stands_on_the_day_of_whoever_comes(): void
    {
        $move = $this->underWay();
        $lines = fn (User $user): array => collect(self::props($this->actingAs($user)->get('/'))['groups'])
            ->firstWhere('title', 'Moves')['lines'] ?? [];
        self::assertSame("/moves/{$move->id}/go", $lines($this->technician)[0]['href'] ?? null);
        self::assertSame("/moves/{$move->id}", $lines($this->planner)[0]['href'] ?? null);
        self::assertSame([], $lines(self::user('technician')));
        $move->update(['on' => Days::text(8)]);
        self::assertSame([], $lines($this->planner));
        $move->update(['on' => Days::text(7)]);
        self::assertCount(1, $lines($this->planner));
    }
}
