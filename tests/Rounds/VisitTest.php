<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\House\Days;
use App\Reports\Report;
use App\Rounds\Bookings;
use App\Rounds\FollowUp;
use App\Rounds\Lock;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\SandProfile;
use App\Rounds\TaskStart;
use App\Rounds\Visit;
use App\Rounds\VisitEntry;
use App\Rounds\VisitMaker;
use App\Rounds\VisitTask;
use App\Systems\Reading;
use App\Systems\Stock\Animal;
use App\Systems\System;
use App\Team\User;
use App\Water\WaterBooking;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\VisitLoad;

/** A visit as a phone sends it: once, in order, whatever the connection does; nothing left off by accident. */
final class VisitTest extends TestCase
{
    private User $ines;

    private User $jory;

    private System $system;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->ines, $this->jory] = [self::user('technician'), self::user('technician')];
        $this->system = Fixture::system(self::site(), self::user('planner'));
        foreach (['skimmer' => 'Skimmer', 'top-off' => 'Top-off'] as $job => $name) {
            $this->system->items()->create(['job' => $job, 'name' => $name]);
        }
        $this->visit = Fixture::visit($this->system, Fixture::crew($this->ines, $this->jory), 'change', 'glass');
        $this->visit->update(['salt_l' => 40]);
    }

    #[Test]
    public function from_the_door_to_the_report(): void
    {
        Bookings::follow([$this->visit->id]);
        self::assertSame(40.0, WaterBooking::query()->sole()->litres, 'a planned change is a promise of water');
        [$change, $glass] = $this->jobs();
        $held = $this->send(
            $this->ines,
            ['open', []],
            ['step', ['taskId' => $change, 'step' => 0]],
            ['done', ['taskId' => $change]],
        );
        self::assertSame(['ok', 'ok', 'refused'], $held['outcomes']);
        self::assertStringContainsString(
            'tick “Check the new water',
            (string) $held['words'][2],
            'a hold nobody ticked',
        );
        $dry = $this->send($this->ines, ['step', ['taskId' => $change, 'step' => 3]], ['done', ['taskId' => $change]]);
        self::assertStringContainsString('how many litres went out', (string) $dry['words'][1]);
        $early = $this->send($this->ines, ['done', ['taskId' => $change, 'outL' => 40, 'inL' => 40]]);
        self::assertStringContainsString('skimmer, top-off must have been off', (string) $early['words'][0]);

        $ticks = array_keys(LeaveSafe::TICKS);
        $answers = $this->send(
            $this->ines,
            ['off', ['systemId' => $this->system->id, 'what' => 'Skimmer']],
            ['off', ['systemId' => $this->system->id, 'what' => 'Top-off']],
            ['water', ['taskId' => $change, 'tempC' => 25.0, 'salinity' => 35.0]],
            ['litres', ['taskId' => $change, 'outL' => 40, 'reason' => 'nutrients']],
            ['litres', ['taskId' => $change, 'inL' => 40]],
            ['done', ['taskId' => $change]],
            [
                'reading',
                ['systemId' => $this->system->id, 'parameter' => 'alkalinity', 'value' => 8.2, 'unit' => 'dKH'],
            ],
            ['seen', ['systemId' => $this->system->id, 'sign' => 'green-algae', 'grade' => 'little']],
            ['part', ['systemId' => $this->system->id, 'name' => 'O-ring', 'quantity' => 2]],
            ['note', ['systemId' => $this->system->id, 'text' => 'Left pane has a scratch.']],
            [
                'skip',
                [
                    'taskId' => $glass,
                    'reason' => 'blade broken',
                    'againOn' => Days::today()->addDays(3)->toDateString(),
                ],
            ],
            ['close', ['ticked' => $ticks]],
        );
        self::assertSame('refused', end($answers['outcomes']));
        self::assertStringContainsString('still off: skimmer, top-off', (string) end($answers['words']));
        self::assertStringContainsString('in the fine band', (string) $answers['words'][6]);

        $offs = OffRecord::query()->orderBy('id')->get();
        $last = $this->send(
            $this->ines,
            ['on', ['off' => $offs[0]->client_uuid]],
            [
                'stays-off',
                [
                    'off' => $offs[1]->client_uuid,
                    'because' => 'float is cracked',
                    'substitute' => 'topped up by hand',
                    'reviewOn' => Days::today()->addDays(2)->toDateString(),
                ],
            ],
            ['close', ['ticked' => $ticks, 'leftNote' => 'Key is with the desk']],
        );
        self::assertSame(['ok', 'ok', 'ok'], $last['outcomes']);

        self::assertSame(Visit::CLOSED, $this->visit->refresh()->state);
        $tasks = $this->system->refresh();
        self::assertSame(
            Days::today()->toDateString(),
            $this->visit->tasks()->firstOrFail()->task?->last_done_on?->toDateString(),
        );
        self::assertSame(
            Days::today()->addDays(14)->toDateString(),
            $this->visit->tasks()->firstOrFail()->task?->due_on?->toDateString(),
            'the next one follows from today',
        );
        self::assertSame(
            Days::today()->subDays(14)->toDateString(),
            $this->visit->tasks()->latest('id')->firstOrFail()->task?->last_done_on?->toDateString(),
            'what was skipped was not done',
        );
        self::assertSame(
            ['carry-over', 'off-review'],
            FollowUp::query()->whereNull('done_at')->orderBy('kind')->pluck('kind')->all(),
        );
        self::assertNotNull(WaterBooking::query()->sole()->released_at);
        self::assertStringContainsString(
            'Water change, 40 L. Not done: Glass (blade broken).',
            (string) $tasks->logEntries()->where('kind', 'work')->latest('id')->value('text'),
        );

        $report = self::props($this->actingAs(self::user('planner'))->get('/reports/'.Report::query()->sole()->id))[
            'view'
        ]['systems'][0];
        self::assertSame(["Water change, 40\u{A0}L, to lower nutrients"], $report['done']);
        self::assertSame("8.2\u{A0}dKH", $report['readings'][0]['value']);
        self::assertSame(['a little green algae'], $report['seen']);
        self::assertStringContainsString(
            'Top-off is switched off on purpose: float is cracked. Meanwhile: topped up by hand.',
            $report['know'][0],
        );
    }

    #[Test]
    public function what_arrives_twice_happens_once_and_gets_the_same_answer(): void
    {
        [$change, $glass] = $this->jobs();
        $lot = array_map(fn (array $e): array => $this->entry(...$e), [
            ['open', []],
            ['reading', ['systemId' => $this->system->id, 'parameter' => 'nitrate', 'value' => 7.0, 'unit' => 'mg/L']],
            ['part', ['name' => 'Hose', 'quantity' => 1]],
            ['skip', ['taskId' => $glass, 'reason' => 'no time']],
            ['step', ['taskId' => $change, 'step' => 1]],
            ['done', ['taskId' => $change]],
        ]);
        $first = $this->post2($this->ines, $lot);
        // The answer is lost after the commit; the phone sends the lot again, part of it with more behind.
        $second = $this->post2($this->ines, [
            ...$lot,
            $this->entry('note', ['systemId' => $this->system->id, 'text' => 'One more.']),
        ]);
        self::assertSame($first['outcomes'], array_slice($second['outcomes'], 0, 6));
        self::assertSame($first['words'], array_slice($second['words'], 0, 6));
        self::assertSame(7, VisitEntry::query()->count());
        self::assertSame(
            [1, 1, 1],
            [Reading::query()->count(), $this->visit->parts()->count(), FollowUp::query()->count()],
        );
        self::assertSame(
            ['ok', 'ok'],
            $this->post2($this->ines, [$lot[0], $lot[0]])['outcomes'],
            'twice in one lot is once',
        );
        self::assertSame(7, VisitEntry::query()->count());
        // Somebody else’s number opens nothing.
        self::assertSame('refused', $this->post2($this->jory, [$lot[1]])['outcomes'][0]);
    }

    #[Test]
    public function what_comes_before_its_turn_waits_and_is_taken_when_its_turn_comes(): void
    {
        $off = $this->entry('off', ['systemId' => $this->system->id, 'what' => 'Skimmer']);
        $on = $this->entry('on', ['off' => $off['uuid']]);
        self::assertSame(['wait'], $this->post2($this->ines, [$on])['outcomes']);
        self::assertSame(0, VisitEntry::query()->where('kind', 'on')->count(), 'not taken, so it may be sent again');
        self::assertSame(['ok', 'ok'], $this->post2($this->ines, [$off, $on])['outcomes']);
        self::assertNotNull(OffRecord::query()->sole()->on_at);
    }

    #[Test]
    public function what_one_hand_switched_off_the_other_cannot_leave_off(): void
    {
        $this->send($this->ines, ['off', ['systemId' => $this->system->id, 'what' => 'Skimmer']]);
        $seen = self::props($this->actingAs($this->jory)->get("/visits/{$this->visit->id}"))['systems'][0]['offs'];
        self::assertSame(['Skimmer', $this->ines->name], [$seen[0]['what'], $seen[0]['by']]);
        [$change, $glass] = $this->jobs();
        $answer = $this->send(
            $this->jory,
            ['off', ['systemId' => $this->system->id, 'what' => 'Skimmer']],
            ['skip', ['taskId' => $change, 'reason' => 'no water']],
            ['skip', ['taskId' => $glass, 'reason' => 'no time']],
            ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]],
        );
        self::assertSame(['ok', 'ok', 'ok', 'refused'], $answer['outcomes']);
        self::assertSame(1, OffRecord::query()->count(), 'it is off once');
        self::assertSame(Visit::UNDERWAY, $this->visit->refresh()->state);
        // By its name, since the second hand’s own number led to the first one’s record.
        self::assertSame(
            ['ok'],
            $this->send($this->jory, [
                'on',
                ['off' => (string) Str::uuid(), 'systemId' => $this->system->id, 'what' => 'Skimmer'],
            ])['outcomes'],
        );
        self::assertSame(
            ['ok'],
            $this->send($this->jory, ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]])['outcomes'],
        );
    }

    #[Test]
    public function a_doubtful_reading_is_asked_once_and_an_impossible_one_refused(): void
    {
        $read = fn (float $v, bool $sure = false): array => [
            'reading',
            [
                'systemId' => $this->system->id,
                'parameter' => 'salinity',
                'value' => $v,
                'unit' => 'g/kg',
                ...$sure ? ['sure' => true] : [],
            ],
        ];
        self::assertSame(['asked', 'refused'], $this->send($this->ines, $read(28.0), $read(350.0))['outcomes']);
        self::assertSame(0, Reading::query()->count());
        self::assertSame(['ok'], $this->send($this->ines, $read(28.0, sure: true))['outcomes']);
        self::assertTrue(Reading::query()->sole()->doubtful);
        [$change] = $this->jobs();
        $this->send($this->ines, [
            'reading',
            ['systemId' => $this->system->id, 'parameter' => 'temperature', 'value' => 25.0, 'unit' => '°C'],
        ]);
        $shock = $this->send($this->ines, [
            'water',
            ['taskId' => $change, 'tempC' => 10.0, 'salinity' => 5.0, 'litres' => 200],
        ]);
        self::assertSame(['asked'], $shock['outcomes']);
        // 1 200 × 600 mm in 12 mm glass with 42 kg of rock: 60 mm are 38.7 L of open water.
        self::assertSame(
            ['ok'],
            $this->send($this->ines, ['litres', ['taskId' => $change, 'outMm' => 60]])['outcomes'],
        );
        self::assertEqualsWithDelta(38.7, $this->visit->tasks()->findOrFail($change)->out_l, 0.3);
        self::assertSame(
            ['refused', 'refused', 'refused'],
            $this->send(
                $this->ines,
                ['litres', ['taskId' => $change, 'outL' => -4]],
                ['dance', []],
                ['done', ['taskId' => 999999]],
            )['outcomes'],
        );
    }

    #[Test]
    public function what_comes_after_closing_is_kept_as_late_with_its_hour_and_a_device_left_off_is_told_at_once(): void
    {
        $planner = User::query()->where('role', 'planner')->firstOrFail();
        $keeper = self::user('technician');
        $this->system->update(['keeper_id' => $keeper->id]);
        [$change, $glass] = $this->jobs();
        $this->send(
            $this->ines,
            ['skip', ['taskId' => $change, 'reason' => 'no water']],
            ['skip', ['taskId' => $glass, 'reason' => 'no time']],
            ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]],
        );
        self::assertSame(Visit::CLOSED, $this->visit->refresh()->state);
        $typed = now()->subMinutes(40);
        $at = fn (array $entry): array => [...$entry, 'at' => $typed->toIso8601String()];
        $late = $this->post2(
            $this->jory,
            array_map($at, [
                $this->entry('reading', [
                    'systemId' => $this->system->id,
                    'parameter' => 'ph',
                    'value' => 8.1,
                    'unit' => 'pH',
                ]),
                $this->entry('off', ['systemId' => $this->system->id, 'what' => 'Skimmer']),
                $this->entry('done', ['taskId' => $change, 'outL' => 38, 'inL' => 38]),
                $this->entry('part', ['systemId' => $this->system->id, 'name' => 'O-ring', 'quantity' => 1]),
                $this->entry('seen', ['systemId' => $this->system->id, 'sign' => 'noise', 'grade' => 'much']),
                $this->entry('skip', ['taskId' => $glass, 'reason' => 'again']),
                $this->entry('close', ['ticked' => []]),
            ]),
        );
        self::assertSame(['ok', 'ok', 'ok', 'ok', 'ok', 'refused', 'ok'], $late['outcomes']);
        $off = OffRecord::query()->sole();
        self::assertSame([null, $typed->format('H:i')], [$off->on_at, $off->off_at->format('H:i')]);
        $told = FollowUp::query()->where('text', 'like', 'Skimmer is off since%')->get();
        self::assertEqualsCanonicalizing([$planner->id, $keeper->id, $this->jory->id], $told->pluck('owner_id')->all());
        self::assertSame(
            [Days::today()->toDateString()],
            $told->map(fn (FollowUp $f): string => $f->due_on->toDateString())->unique()->all(),
        );
        $done = $this->visit->tasks()->findOrFail($change);
        self::assertSame(
            ['done', 38.0, Days::date(Days::ofMoment($typed->toDateTimeString()))->toDateString()],
            [$done->state, $done->out_l, $done->task?->last_done_on?->toDateString()],
            'on the day it was done, whatever day it is now',
        );
        self::assertSame(1, Observation::query()->count());
        $shown = self::props($this->actingAs($this->ines)->get("/visits/{$this->visit->id}"))['visit']['late'];
        self::assertCount(5, $shown);
        self::assertContains('switched off: Skimmer', array_column($shown, 'what'));
    }

    #[Test]
    public function a_phone_whose_clock_is_wrong_is_set_right_and_a_bad_entry_holds_up_nothing(): void
    {
        [$change] = $this->jobs();
        $fast = now()->addMinutes(10);
        $note = [
            ...$this->entry('note', ['systemId' => $this->system->id, 'text' => 'Pump hums.']),
            'at' => $fast->copy()->subMinutes(5)->toIso8601String(),
        ];
        $answer = $this->actingAs($this->ines)
            ->postJson("/visits/{$this->visit->id}/entries", [
                'sent_at' => $fast->toIso8601String(),
                'entries' => [
                    ['uuid' => 'none', 'kind' => 'note', 'at' => $fast->toIso8601String(), 'payload' => []],
                    'words',
                    [...$this->entry('note', []), 'at' => ['x']],
                    [...$this->entry('note', []), 'at' => now()->subDays(61)->toIso8601String()],
                    [...$this->entry('note', []), 'payload' => 'text'],
                    $note,
                ],
            ])
            ->assertOk()
            ->json();
        self::assertSame(
            ['refused', 'refused', 'refused', 'refused', 'refused', 'ok'],
            array_column($answer['answers'], 'outcome'),
        );
        self::assertStringContainsString('60 days', $answer['answers'][3]['words']);
        self::assertEqualsWithDelta(-600, $answer['skewS'], 2);
        $kept = $this->system->logEntries()->where('text', 'Pump hums.')->sole();
        self::assertEqualsWithDelta(
            now()->subMinutes(5)->getTimestamp(),
            $kept->happened_at->getTimestamp(),
            2,
            'five minutes ago, whatever that phone shows',
        );
        $slow = $this->actingAs($this->ines)
            ->postJson("/visits/{$this->visit->id}/entries", [
                'sent_at' => now()->subSeconds(20)->toIso8601String(),
                'entries' => [$this->entry('step', ['taskId' => $change, 'step' => 0])],
            ])
            ->json('skewS');
        self::assertSame(0, $slow, 'seconds are the way through the air');
    }

    #[Test]
    public function a_reason_alone_writes_no_litres_and_what_was_done_by_mistake_is_open_again(): void
    {
        [$change, $glass] = $this->jobs();
        $this->send($this->ines, ['litres', ['taskId' => $change, 'reason' => 'ammonia']]);
        $job = $this->visit->tasks()->findOrFail($change);
        self::assertSame([null, null, 'ammonia'], [$job->out_l, $job->in_l, $job->reason]);

        self::assertSame(
            ['ok', 'ok'],
            $this->send($this->ines, ['done', ['taskId' => $glass]], ['undo', ['taskId' => $glass]])['outcomes'],
        );
        self::assertSame('open', $this->visit->tasks()->findOrFail($glass)->state);
        $task = $this->visit->tasks()->findOrFail($glass)->task;
        $due = $task?->due_on?->toDateString();
        $this->send($this->ines, [
            'skip',
            ['taskId' => $glass, 'reason' => 'no time', 'againOn' => Days::today()->addDays(5)->toDateString()],
        ]);
        self::assertSame(Days::today()->addDays(5)->toDateString(), $task?->refresh()->due_on?->toDateString());
        $this->send($this->ines, ['undo', ['taskId' => $glass]]);
        self::assertSame(
            ['open', $due, 0],
            [
                $this->visit->tasks()->findOrFail($glass)->state,
                $task->refresh()->due_on?->toDateString(),
                FollowUp::query()->whereNull('done_at')->count(),
            ],
        );
    }

    #[Test]
    public function a_job_added_on_the_phone_is_done_there_under_the_phones_own_number(): void
    {
        $job = $this->entry('job', ['systemId' => $this->system->id, 'text' => 'Tighten the union', 'minutes' => 10]);
        self::assertSame(
            ['ok', 'ok', 'ok'],
            $this->post2($this->ines, [
                $this->entry('open', []),
                $job,
                $this->entry('done', ['taskId' => $job['uuid']]),
            ])['outcomes'],
        );
        $this->post2($this->ines, [$job]);
        $row = $this->visit->tasks()->where('client_uuid', $job['uuid'])->sole();
        self::assertSame(['done', 'Tighten the union'], [$row->state, $row->title]);
    }

    #[Test]
    public function sand_is_one_job_measured_carried_lifted_put_back_locked_and_looked_at_again(): void
    {
        TaskStart::library();
        $sand = Fixture::task($this->system, 'sand-topup', 400);
        $next = Fixture::visit($this->system, Fixture::crew($this->ines), 'photo');
        $places = array_map(fn (int $mm): array => ['place' => "p{$mm}", 'mm' => $mm], [20, 30, 40, 30]);
        $depths = $this->send($this->ines, [
            'depths',
            ['systemId' => $this->system->id, 'places' => $places, 'aimMm' => 50],
        ]);
        $area = SandProfile::query()->sole()->area_m2;
        // 20 mm lack in the mean; a millimetre on a square metre is a litre, of 1.5 kg.
        $kg = $area * 20 * 1.5;
        self::assertStringContainsString('it lacks', (string) $depths['words'][0]);
        VisitMaker::until(Days::today());
        $job = VisitTask::query()->where('task_id', $sand->id)->sole();
        self::assertEqualsWithDelta($kg, $job->kg, 1e-6);
        self::assertEqualsWithDelta(VisitLoad::TOOLS_KG + $kg, $job->visit?->kg, 1e-6, 'into the load and the payload');
        $thin = $this->send($this->ines, [
            'depths',
            ['systemId' => $this->system->id, 'places' => [['place' => 'middle', 'mm' => 10]]],
        ]);
        self::assertSame(['ok'], $thin['outcomes']);
        self::assertEqualsWithDelta(
            $area * 40 * 1.5,
            $job->refresh()->kg,
            1e-6,
            'the aim is kept, the kg follow the new profile',
        );
        self::assertSame(
            ['refused'],
            $this->send($this->ines, ['depths', ['systemId' => $this->system->id, 'places' => []]])['outcomes'],
        );

        $job->update(['visit_id' => $this->visit->id]);
        foreach (['grown to the rock', null] as $why) {
            Animal::query()->create(['system_id' => $this->system->id, 'name' => $why === null ? 'Free' : 'Torch', 'kind' => 'coral',
                'count' => 1, 'deep' => false, 'state' => 'here', 'stays_put' => $why, 'user_id' => $this->ines->id]);
        }
        $page = self::props($this->actingAs($this->ines)->get("/visits/{$this->visit->id}"));
        self::assertSame(['Torch is not to be moved: grown to the rock'], $page['systems'][0]['sand']['staying']);
        [$change, $glass] = $this->jobs();
        $lift = $this->entry('lift', [
            'systemId' => $this->system->id,
            'what' => 'Big fleshy one',
            'place' => 'left front, by the overflow',
        ]);
        $this->post2($this->ines, [$lift]);
        $offs = array_map(
            fn (string $what): array => $this->entry('off', ['systemId' => $this->system->id, 'what' => $what]),
            ['Skimmer', 'Top-off'],
        );
        $blind = $this->post2($this->ines, [...$offs, $this->entry('done', ['taskId' => $job->id])]);
        self::assertStringContainsString('a photo of how it looked before', (string) $blind['words'][2]);
        self::assertSame(
            ['refused', 'refused', 'ok'],
            $this->post2($this->ines, [
                $this->entry('before', ['taskId' => $job->id]),
                $this->entry('before', ['taskId' => $job->id, 'photo' => 'no number']),
                $this->entry('before', ['taskId' => $job->id, 'photo' => (string) Str::uuid()]),
            ])['outcomes'],
        );
        self::assertNull($job->refresh()->before_because);
        $held = $this->post2($this->ines, [$this->entry('note', ['systemId' => $this->system->id, 'text' => 'windy']),
            $this->entry('note', ['systemId' => $this->system->id, 'text' => 'wet']), $this->entry('done', ['taskId' => $job->id])]);
        self::assertStringContainsString('Depth at four places', (string) $held['words'][2]);
        $steps = array_map(fn (int $n): array => $this->entry('step', ['taskId' => $job->id, 'step' => $n]), [0, 1, 6]);
        $ons = array_map(fn (array $off): array => $this->entry('on', ['off' => $off['uuid']]), $offs);
        $rest = [
            ['skip', ['taskId' => $change, 'reason' => 'no water']],
            ['skip', ['taskId' => $glass, 'reason' => 'no time']],
            ['close', ['ticked' => array_keys(LeaveSafe::TICKS)]],
        ];
        $early = $this->post2($this->ines, [
            ...$steps,
            $this->entry('done', ['taskId' => $job->id]),
            ...$ons,
            ...array_map(fn (array $e): array => $this->entry(...$e), $rest),
        ]);
        self::assertStringContainsString('still out of its place: Big fleshy one', (string) end($early['words']));
        self::assertSame(
            ['ok', 'ok'],
            $this->post2($this->ines, [
                $this->entry('put-back', ['lift' => $lift['uuid']]),
                $this->entry('close', ['ticked' => array_keys(LeaveSafe::TICKS)]),
            ])['outcomes'],
        );
        $locks = Lock::words($this->system->id);
        self::assertStringContainsString(
            'No glass magnet near the sand until '.Days::today()->addDays(3)->format('j M'),
            $locks[0],
        );
        $look = FollowUp::query()->where('kind', 'check-back')->sole();
        self::assertSame(
            [true, Days::today()->addDay()->toDateString()],
            [$look->on_site, $look->due_on->toDateString()],
            'looked at again the next day',
        );
        VisitMaker::until(Days::today()->addDays(2));
        self::assertTrue(
            VisitTask::query()->where('follow_up_id', $look->id)->where('state', 'open')->exists(),
            'and somebody comes for it',
        );
        self::assertNotNull($next);
    }

    #[Test]
    public function a_session_that_ran_out_keeps_nothing_and_loses_nothing(): void
    {
        $lot = ['entries' => [$this->entry('open', [])]];
        $this->postJson("/visits/{$this->visit->id}/entries", $lot)->assertUnauthorized();
        self::assertSame(0, VisitEntry::query()->count());
        $this->actingAs($this->ines)
            ->postJson("/visits/{$this->visit->id}/entries", $lot)
            ->assertOk();
        self::assertSame(1, VisitEntry::query()->count());
    }

    #[Test]
    public function photos_come_once_and_only_ones_own_visits_open(): void
    {
        Storage::fake('local');
        $uuid = (string) Str::uuid();
        for ($n = 0; $n < 2; $n++) {
            $this->actingAs($this->ines)
                ->post(
                    "/visits/{$this->visit->id}/photos",
                    ['uuid' => $uuid, 'caption' => 'Sump', 'file' => UploadedFile::fake()->image('a.jpg', 60, 40)],
                    ['Accept' => 'application/json'],
                )
                ->assertOk();
        }
        self::assertSame(1, $this->visit->attachments()->count());
        $this->actingAs($this->ines)
            ->post(
                "/visits/{$this->visit->id}/photos",
                ['uuid' => (string) Str::uuid(), 'file' => UploadedFile::fake()->create('a.exe', 3)],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(422);
        $this->actingAs($this->ines)
            ->get("/visits/{$this->visit->id}")
            ->assertOk();
        foreach ([self::user('technician'), self::user('client', $this->visit->site?->client_id)] as $stranger) {
            $this->actingAs($stranger)
                ->get("/visits/{$this->visit->id}")
                ->assertForbidden();
            $this->actingAs($stranger)
                ->postJson("/visits/{$this->visit->id}/entries", ['entries' => [$this->entry('open', [])]])
                ->assertForbidden();
        }
        $elsewhere = Fixture::system(self::site('Other', 'Other place'), self::user('planner'));
        self::assertSame(
            ['refused'],
            $this->send($this->ines, ['note', ['systemId' => $elsewhere->id, 'text' => 'Not mine.']])['outcomes'],
            'another place’s system is not of this visit',
        );
    }

    #[Test]
    public function a_photo_whose_visit_moved_is_told_where_else_it_may_go(): void
    {
        Storage::fake('local');
        $mine = Fixture::visit($this->system, Fixture::crew($this->ines), 'photo');
        $this->visit->update(['crew_id' => Fixture::crew($this->jory)->id]);
        $send = fn (Visit $to, string $uuid) => $this->actingAs($this->ines)->post(
            "/visits/{$to->id}/photos",
            ['uuid' => $uuid, 'file' => UploadedFile::fake()->image('a.jpg', 60, 40)],
            ['Accept' => 'application/json'],
        );
        $uuid = (string) Str::uuid();
        $answer = $send($this->visit, $uuid)->assertForbidden()->json();
        self::assertSame(['moved', [$mine->id]], [$answer['outcome'], array_column($answer['others'], 'id')]);
        $send($mine, $uuid)->assertOk();
        self::assertSame([0, 1], [$this->visit->attachments()->count(), $mine->attachments()->count()]);
    }

    #[Test]
    public function what_was_missing_stands_on_the_next_load_list_and_no_longer_after_it(): void
    {
        $this->send($this->ines, ['missed', ['systemId' => $this->system->id, 'text' => 'long hose']]);
        $carry = fn (Visit $v): array => self::props($this->actingAs($this->ines)->get("/visits/{$v->id}"))['visit'][
            'carry'
        ];
        self::assertNotContains('missing last time: long hose', $carry($this->visit), 'it is missing today');
        $next = Fixture::visit($this->system, $this->visit->crew, 'photo');
        self::assertContains('missing last time: long hose', $carry($next));
        $this->travel(1)->hours();
        $close = fn (Visit $v): array => (array) $this->actingAs($this->ines)
            ->postJson("/visits/{$v->id}/entries", [
                'entries' => [
                    $this->entry('open', []),
                    $this->entry('done', ['taskId' => $v->tasks()->sole()->id]),
                    $this->entry('close', ['ticked' => array_keys(LeaveSafe::TICKS)]),
                ],
            ])
            ->json('answers');
        self::assertSame(['ok', 'ok', 'ok'], array_column($close($next), 'outcome'));
        self::assertSame(0, FollowUp::query()->where('kind', 'bring')->whereNull('done_at')->count());
    }

    #[Test]
    public function a_sand_job_takes_its_change_along_and_before_it(): void
    {
        TaskStart::library();
        $other = Fixture::system(self::site('Sandy', 'Beach'), self::user('planner'));
        $change = Fixture::task($other, 'change', 1);
        $sand = Fixture::task($other, 'sand-topup', 400);
        VisitMaker::until(Days::today());
        $ids = VisitTask::query()->where('system_id', $other->id)->orderBy('id')->pluck('task_id')->all();
        self::assertSame(
            [$change->id, $sand->id],
            array_slice($ids, 0, 2),
            'not due for long, and part of it all the same',
        );
    }

    /** @return list<int> */
    private function jobs(): array
    {
        return array_values($this->visit->tasks()->orderBy('id')->get()->map(fn ($t): int => $t->id)->all());
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array{uuid: string, kind: string, at: string, payload: array<string, mixed>}
     */
    private function entry(string $kind, array $payload): array
    {
        return [
            'uuid' => (string) Str::uuid(),
            'kind' => $kind,
            'at' => now()->toIso8601String(),
            'payload' => $payload,
        ];
    }

    /**
     * @param  array{0: string, 1: array<string, mixed>}  ...$entries
     * @return array{outcomes: list<string>, words: list<string|null>}
     */
    private function send(User $by, array ...$entries): array
    {
        return $this->post2($by, array_map(fn (array $e): array => $this->entry(...$e), $entries));
    }

    /**
     * @param  array<int, mixed>  $entries
     * @return array{outcomes: list<string>, words: list<string|null>}
     */
    private function post2(User $by, array $entries): array
    {
        $answers = $this->actingAs($by)
            ->postJson("/visits/{$this->visit->id}/entries", ['entries' => array_values($entries)])
            ->assertOk()
            ->json('answers');

        return ['outcomes' => array_column($answers, 'outcome'), 'words' => array_column($answers, 'words')];
    }
}
