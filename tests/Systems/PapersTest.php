<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Clients\Attachment;
use App\Systems\System;
use App\Systems\SystemBrief;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Spatie\Activitylog\Models\Activity;
use Tests\Fixture;
use Tests\TestCase;

/** Notes, log, papers and the trail behind them. */
final class PapersTest extends TestCase
{
    #[Test]
    public function a_standing_note_stands_on_every_page_until_it_is_taken_down(): void
    {
        $tech = Fixture::onCall(self::user('technician'));
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs($tech)
            ->post("/systems/{$system->id}/notes", ['text' => 'Valve half closed on purpose.'])
            ->assertSessionHasNoErrors();
        $this->post("/systems/{$system->id}/notes", ['text' => ''])->assertSessionHasErrors('text');
        foreach (['', '/readings', '/register', '/log'] as $tab) {
            self::assertSame(
                'Valve half closed on purpose.',
                self::props($this->get("/systems/{$system->id}{$tab}"))['header']['notes'][0]['text'],
            );
        }
        $note = $system->standingNotes()->sole();
        $this->post("/notes/{$note->id}/archive")->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get("/systems/{$system->id}"))['header']['notes']);
        self::assertSame(1, $system->standingNotes()->count(), 'the row stays');
    }

    #[Test]
    public function the_log_takes_what_happened_and_nothing_from_the_future(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs(Fixture::onCall(self::user('technician')));
        $this->post("/systems/{$system->id}/log", [
            'kind' => 'observed',
            'text' => 'All fish seen.',
        ])->assertSessionHasNoErrors();
        $this->post("/systems/{$system->id}/log", ['kind' => 'dreamt', 'text' => 'x'])->assertSessionHasErrors('kind');
        $this->post("/systems/{$system->id}/log", [
            'kind' => 'work',
            'text' => 'x',
            'happened_at' => now()->addDay()->toIso8601String(),
        ])->assertSessionHasErrors('happened_at');
        $entries = self::props($this->get("/systems/{$system->id}/log"))['entries'];
        self::assertSame(['All fish seen.', 'Record opened'], array_column($entries, 'text'));
        self::assertSame('Seen', $entries[0]['kind']);
    }

    #[Test]
    public function papers_of_a_system_are_kept_and_archived_but_never_lost(): void
    {
        Storage::fake('local');
        $system = Fixture::system(self::site(), $planner = self::user('planner'));
        $this->actingAs(Fixture::onCall(self::user('technician')))
            ->post("/systems/{$system->id}/attachments", [
                'file' => UploadedFile::fake()->image('sump.png', 40, 30),
                'caption' => 'Sump',
            ])
            ->assertSessionHasNoErrors();
        $kept = Attachment::query()->sole();
        self::assertSame(['system', 'photo', 'image/png'], [$kept->subject_type, $kept->kind, $kept->mime]);
        $this->post("/attachments/{$kept->id}/archive")->assertForbidden();
        $this->actingAs($planner)
            ->post("/attachments/{$kept->id}/archive")
            ->assertSessionHasNoErrors();
        self::assertSame([], self::props($this->get("/systems/{$system->id}/papers"))['attachments']);
        Storage::disk('local')->assertExists($kept->path);
        $this->actingAs(self::user('client', $system->site()->sole()->client_id))
            ->get("/attachments/{$kept->id}")
            ->assertForbidden();
    }

    #[Test]
    public function the_trail_says_who_changed_what_from_what_to_what(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $this->actingAs($planner)
            ->put("/systems/{$system->id}", [
                'name' => 'Renamed',
                'kind' => 'mixed reef',
                'regime' => 'natural',
                'started_precision' => 'about',
                'measured_volume_l' => 388,
                'measured_how' => '1 kg of salt',
            ])
            ->assertSessionHasNoErrors();
        self::assertSame(388.0, $system->refresh()->volumeL(), 'a measured volume overrides the computed one');
        $line = Activity::query()
            ->where('subject_type', 'system')
            ->where('event', 'updated')
            ->latest('id')
            ->firstOrFail();
        self::assertSame(
            ['Reef', 'Renamed', $planner->id],
            [
                $line->properties->toArray()['old']['name'],
                $line->properties->toArray()['attributes']['name'],
                $line->causer_id,
            ],
        );
        $trail = self::props($this->actingAs(self::user('owner'))->get('/settings/audit'))['lines'];
        self::assertNotEmpty(
            array_filter($trail, fn (array $l): bool => in_array('name: Reef → Renamed', $l['changes'], true)),
        );
    }

    #[Test]
    public function a_system_can_be_taken_on_without_a_plan_and_settles_with_wider_nutrients(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $this->actingAs($planner)
            ->post("/sites/{$site->id}/systems", [
                'name' => 'Old tank',
                'kind' => 'mixed',
                'regime' => 'natural',
                'started_precision' => 'about',
                'started_on' => '2009-01-01',
                'settling_until' => now()->addMonth()->toDateString(),
            ])
            ->assertRedirect();
        $system = System::query()->sole();
        self::assertSame(20.0, $system->bands()->where('parameter', 'nitrate')->sole()->fine_high);
        $header = self::props($this->get("/systems/{$system->id}"))['header'];
        self::assertSame('running since about 2009', $header['age']);
        self::assertStringStartsWith('settling until', $header['settling']);
        self::assertNull(
            self::props($this->get("/systems/{$system->id}"))['answers']['section'],
            'nothing is drawn that nobody measured',
        );
        $this->post("/sites/{$site->id}/systems", [
            'name' => 'Old tank',
            'kind' => 'mixed',
            'regime' => 'natural',
            'started_precision' => 'day',
        ])->assertSessionHasErrors('name');
    }

    #[Test]
    public function cool_water_animals_are_judged_by_their_own_limit(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $reef = Fixture::system($site, $planner, 'Reef');
        $cool = Fixture::system($site, $planner, 'Seahorses', 'cool');
        $limit = fn (System $s): float => (float) SystemBrief::read($s->load('vessels'))->values['upperHarmC'];
        self::assertSame([30.0, 27.0], [$limit($reef), $limit($cool)]);
        self::assertArrayNotHasKey(
            'upperHarmC',
            $cool->facts,
            'it follows the regime and is not frozen into the record',
        );
    }

    #[Test]
    public function rules_have_pages_and_lost_pages_say_what_to_do(): void
    {
        $this->actingAs(Fixture::onCall(self::user('technician')));
        self::assertSame('B-32', self::props($this->get('/rules/B-32'))['current']);
        config()->set('app.debug', false);
        $this->get('/rules/Z-99')
            ->assertNotFound()
            ->assertInertia(fn ($page) => $page->component('house/Error')->where('status', 404));
        $this->get('/settings/people')
            ->assertForbidden()
            ->assertInertia(fn ($page) => $page->component('house/Error')->where('status', 403));
        $this->put('/settings', [
            'unit_system' => 'imperial',
            'alkalinity_unit' => 'dKH',
            'salinity_unit' => 'g/kg',
            'decimal_mark' => '.',
            'theme' => 'paper',
        ])->assertSessionHasErrors('unit_system');
    }
}
