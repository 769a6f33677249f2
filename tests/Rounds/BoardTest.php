<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Site;
use App\House\Days;
use App\Rounds\Crew;
use App\Rounds\Feed;
use App\Rounds\FollowUp;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Rounds\Visit;
use App\Team\Absence;
use App\Team\User;
use App\Water\WaterBooking;
use PHPUnit\Framework\Attributes\Test;
use Sabre\VObject\Reader;
use Tests\Fixture;
use Tests\TestCase;

/** From what is due to who is where when; a move says what it does before it is done. */
final class BoardTest extends TestCase
{
    private User $planner;

    private User $ines;

    private Crew $crew;

    private string $monday;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->planner, $this->ines] = [self::user('planner'), self::user('technician')];
        $this->crew = Fixture::crew($this->ines);
        // Always a whole week ahead.
        $this->monday = Days::monday()->addWeek()->toDateString();
    }

    #[Test]
    public function the_due_list_becomes_a_week_and_the_week_a_promise_of_water(): void
    {
        $places = [
            $this->place('North', 53.61, 1.62),
            $this->place('South', 53.58, 1.57),
            $this->place('Shut', 53.6, 1.6, open: false),
        ];
        $due = self::props($this->actingAs($this->planner)->get('/rounds/due'));
        self::assertSame(6, $due['counts']['due']);
        self::assertContains('due', array_column($due['tasks'], 'standing'));

        $this->post('/rounds/propose', ['week' => $this->monday])->assertSessionHasNoErrors();
        $board = self::props($this->get("/rounds?week={$this->monday}"))['board'];
        $stops = array_merge(...array_column($board['crews'][0]['days'], 'stops'));
        self::assertEqualsCanonicalizing(['North', 'South'], array_column($stops, 'place'));
        self::assertTrue($board['proposed']);
        self::assertSame(['Shut'], array_column($board['unplanned'], 'place'));
        self::assertStringContainsString('closed', (string) $board['unplanned'][0]['why']);
        self::assertSame(2, WaterBooking::query()->whereNull('released_at')->count());

        $this->post('/rounds/undo', ['week' => $this->monday]);
        self::assertSame(0, Visit::query()->where('state', Visit::PLANNED)->count());
        self::assertSame(
            0,
            WaterBooking::query()->whereNull('released_at')->count(),
            'what is not planned is not promised',
        );
        $this->post('/rounds/propose', ['week' => $this->monday]);
        $this->post('/rounds/accept', ['week' => $this->monday]);
        self::assertFalse(self::props($this->get("/rounds?week={$this->monday}"))['board']['proposed']);
        self::assertCount(3, $places);
    }

    #[Test]
    public function a_move_says_what_it_does_before_it_is_done_and_the_impossible_is_refused(): void
    {
        [$near, $far] = [$this->place('Near', 53.601, 1.601), $this->place('Far', 53.9, 1.9)];
        $this->actingAs($this->planner)->post('/rounds/propose', ['week' => $this->monday]);
        $visit = Visit::query()->where('site_id', $far->id)->sole();
        $friday = Days::monday($this->monday)->addDays(4)->toDateString();
        $to = ['crew_id' => $this->crew->id, 'on' => $friday, 'position' => null];
        $would = $this->postJson("/visits/{$visit->id}/consequence", $to)
            ->assertOk()
            ->json();
        self::assertTrue($would['may']);
        self::assertNotEmpty($would['sentences']);
        self::assertNotSame($friday, $visit->refresh()->planned_on?->toDateString(), 'asking moves nothing');
        $this->post("/visits/{$visit->id}/move", $to)->assertSessionHasNoErrors();
        self::assertSame($friday, $visit->refresh()->planned_on?->toDateString());
        $this->post("/visits/{$visit->id}/pin", ['pinned' => true]);

        Absence::query()->create([
            'user_id' => $this->ines->id,
            'from_on' => $friday,
            'until_on' => $friday,
            'reason' => 'ill',
        ]);
        $other = Visit::query()->where('site_id', $near->id)->sole();
        self::assertSame(
            'That crew does not work that day.',
            $this->postJson("/visits/{$other->id}/consequence", $to)->json('sentences.0'),
        );
        $this->post("/visits/{$other->id}/move", $to)->assertSessionHasErrors('move');
        $this->post("/visits/{$other->id}/move", [
            ...$to,
            'on' => now()->subDays(3)->toDateString(),
        ])->assertSessionHasErrors('move');
        $other->update(['persons' => 2]);
        $refused = $this->postJson("/visits/{$other->id}/consequence", [...$to, 'on' => $this->monday])->json();
        self::assertFalse($refused['may'], 'two-person work needs a crew of two');
        $this->post("/visits/{$other->id}/take-off")->assertSessionHasNoErrors();
        self::assertSame([Visit::OPEN, 'taken off the board'], [$other->refresh()->state, $other->why_unplanned]);
        self::assertTrue($visit->refresh()->pinned);
    }

    #[Test]
    public function tasks_deviate_with_a_reason_rest_on_purpose_and_come_back(): void
    {
        $system = Fixture::system($this->place('Place', 53.6, 1.6), $this->planner, 'Second');
        $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/tasks", ['standard' => true])
            ->assertSessionHasNoErrors();
        $task = Task::query()
            ->where('system_id', $system->id)
            ->whereHas('type', fn ($t) => $t->where('key', 'change'))
            ->sole();
        $this->put("/tasks/{$task->id}", ['every_days' => 21])->assertSessionHasErrors('reason');
        $this->put("/tasks/{$task->id}", [
            'every_days' => 21,
            'earliest_days' => 30,
            'reason' => 'nitrate stays low',
        ])->assertSessionHasErrors('earliest_days');
        $this->put("/tasks/{$task->id}", [
            'every_days' => 21,
            'reason' => 'nitrate stays low',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [21.0, Days::today()->toDateString()],
            [$task->refresh()->every_days, $task->due_on?->toDateString()],
            'never done is due now, whatever its range',
        );
        $task->fill(['last_done_on' => Days::today()->toDateString()])->settle();
        self::assertSame(Days::today()->addDays(21)->toDateString(), $task->due_on?->toDateString());
        $this->post("/tasks/{$task->id}/suspend", [
            'suspended_until' => now()->addDays(9)->toDateString(),
        ])->assertSessionHasErrors('suspended_reason');
        $this->post("/tasks/{$task->id}/suspend", [
            'suspended_until' => now()->addDays(9)->toDateString(),
            'suspended_reason' => 'treatment in the water',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            'treatment in the water',
            self::props($this->get('/rounds/due?what=suspended'))['tasks'][0]['suspendedReason'],
        );

        $this->post("/systems/{$system->id}/follow-ups", [
            'text' => 'Bring a longer hose',
            'owner_id' => $this->ines->id,
            'due_on' => now()->toDateString(),
        ])->assertSessionHasNoErrors();
        $later = self::props($this->actingAs($this->ines)->get('/rounds/due?what=later'))['later'];
        self::assertSame('Bring a longer hose', $later[0]['text']);
        $this->post('/follow-ups/'.FollowUp::query()->sole()->id.'/done')->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get('/rounds/due?what=later'))['later']);
        $this->actingAs($this->planner)
            ->post("/systems/{$system->id}/isolate", ['isolated' => true])
            ->assertSessionHasErrors('reason');
    }

    #[Test]
    public function a_calendar_is_read_by_its_secret_address_alone_and_says_no_more_than_it_must(): void
    {
        $site = $this->place('Harbour view', 53.6, 1.6);
        $site->update(['street' => 'Pilot Terrace 3', 'town' => 'Merrowick', 'access_note' => 'Key under the pot']);
        $visit = Fixture::visit(Fixture::system($site, $this->planner, 'Reef, blue'), $this->crew, 'change');
        $own = self::user('client', $site->client_id);
        $stranger = self::user('client', self::site('Other', 'Elsewhere')->client_id);
        foreach (
            [
                [$this->ines, 'crew', $this->crew->id, 200],
                [$own, 'client', $site->client_id, 200],
                [$stranger, 'client', $site->client_id, 403],
                [$own, 'crew', $this->crew->id, 403],
                [self::user('technician'), 'crew', $this->crew->id, 403],
            ] as [$user, $kind, $id, $status]
        ) {
            self::assertSame(
                $status,
                $this->actingAs($user)
                    ->postJson('/rounds/feeds', ['kind' => $kind, 'subject_id' => $id])
                    ->status(),
            );
        }
        $address = $this->actingAs($own)
            ->postJson('/rounds/feeds', ['kind' => 'client', 'subject_id' => $site->client_id])
            ->json('address');
        auth()->logout();
        $path = (string) parse_url((string) $address, PHP_URL_PATH);
        $calendar = $this->get($path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $event = Reader::read((string) $calendar->getContent())->VEVENT;
        self::assertSame($visit->starts_at?->getTimestamp(), $event->DTSTART->getDateTime()->getTimestamp());
        self::assertSame('Pilot Terrace 3, Merrowick', (string) $event->LOCATION);
        self::assertStringNotContainsString('pot', (string) $calendar->getContent());
        self::assertStringNotContainsString(hash('sha256', substr($path, 7, 64)), $path);
        $this->get('/feeds/'.str_repeat('a', 64).'.ics')->assertNotFound();
        $feed = Feed::query()->where('kind', Feed::CLIENT)->latest('id')->firstOrFail();
        $this->actingAs($stranger)
            ->post("/rounds/feeds/{$feed->id}/revoke")
            ->assertForbidden();
        $this->actingAs($own)
            ->post("/rounds/feeds/{$feed->id}/revoke")
            ->assertSessionHasNoErrors();
        $this->get($path)->assertNotFound();
    }

    private function place(string $name, float $lat, float $lon, bool $open = true): Site
    {
        $site = self::site("Client {$name}", $name);
        $site->update([
            'lat' => $lat,
            'lon' => $lon,
            'access_hours' => $open
                ? array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], '08:00-17:00')
                : ['sat' => '08:00-12:00'],
        ]);
        $system = Fixture::system($site, $this->planner, "{$name} reef");
        TaskStart::library();
        foreach (['change', 'glass'] as $key) {
            Fixture::task($system, $key);
        }

        return $site;
    }
}
