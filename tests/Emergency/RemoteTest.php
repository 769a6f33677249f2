<?php

declare(strict_types=1);

namespace Tests\Emergency;

use App\Clients\RemoteAccess;
use App\Clients\Site;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** Who reaches in from afar: named, taken back on leaving, and what they switch off has a way back (X-58, X-11). */
final class RemoteTest extends TestCase
{
    private User $owner;

    private User $planner;

    private User $technician;

    private Site $site;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->owner, $this->planner, $this->technician] = [self::user('owner'), self::user('planner'), self::user('technician')];
        $this->site = self::site();
        $this->system = Fixture::system($this->site, $this->planner);
    }

    #[Test]
    public function an_access_names_one_holder_and_only_the_office_gives_it(): void
    {
        $url = "/sites/{$this->site->id}/remote";
        $given = ['what' => 'The controller', 'given_on' => now()->toDateString()];
        $this->actingAs($this->technician)->post($url, [...$given, 'user_id' => $this->technician->id])->assertForbidden();
        $this->actingAs($this->planner)->post($url, $given)->assertSessionHasErrors('user_id');
        $contact = $this->site->client()->firstOrFail()->contacts()->create(['name' => 'Ada']);
        $both = [...$given, 'user_id' => $this->technician->id, 'contact_id' => $contact->id];
        $this->post($url, $both)->assertSessionHasErrors('user_id');
        $stranger = self::site('Other', 'Other')->client()->firstOrFail()->contacts()->create(['name' => 'Bo']);
        $this->post($url, [...$given, 'contact_id' => $stranger->id])->assertSessionHasErrors('contact_id');
        $this->post($url, [...$given, 'contact_id' => $contact->id])->assertSessionHasNoErrors();
        self::assertSame(['Ada'], array_column($this->remote(), 'holder'));
        $this->post('/remote/'.RemoteAccess::query()->sole()->id.'/withdraw');
        self::assertSame([], $this->remote());
    }

    #[Test]
    public function what_is_switched_off_from_afar_stands_in_the_off_list_with_its_end(): void
    {
        $access = $this->access($this->technician);
        $item = $this->system->items()->create(['job' => 'skimmer', 'name' => 'Skimmer']);
        $url = "/remote/{$access->id}/acts";
        $act = ['item_id' => $item->id, 'because' => 'it ran over', 'until' => now()->addDays(2)->toDateString()];
        $this->actingAs(self::user('technician'))->post($url, $act)->assertForbidden();
        $past = [...$act, 'until' => now()->subDay()->toDateString()];
        $this->actingAs($this->technician)->post($url, $past)->assertSessionHasErrors('until');
        $this->post($url, [...$act, 'because' => ''])->assertSessionHasErrors('because');
        $elsewhere = Fixture::system(self::site('B', 'B'), $this->planner)->items()->create(['job' => 'skimmer', 'name' => 'Other']);
        $this->post($url, [...$act, 'item_id' => $elsewhere->id])->assertSessionHasErrors('item_id');
        $this->post($url, $act)->assertSessionHasNoErrors();
        $off = OffRecord::query()->sole();
        self::assertSame([$access->id, $this->technician->id, 'it ran over'], [$off->remote_access_id, $off->off_by, $off->stays_because]);
        self::assertSame([$item->id], app(OffDevices::class)->ids([$this->system->id]));
        $this->post($url, $act)->assertSessionHasErrors('item_id');
        $access->update(['withdrawn_on' => now()->toDateString()]);
        $this->post($url, $act)->assertForbidden();
    }

    #[Test]
    public function whoever_leaves_is_asked_out_of_every_access_once(): void
    {
        $this->access($this->technician);
        $taken = $this->access($this->technician);
        $taken->update(['withdrawn_on' => now()->toDateString()]);
        $this->access($this->planner);
        $this->actingAs($this->owner)->post("/settings/people/{$this->technician->id}/archive")->assertSessionHasNoErrors();
        $job = FollowUp::query()->sole();
        self::assertSame([$this->owner->id, $this->system->id], [$job->owner_id, $job->system_id]);
        self::assertStringContainsString('take back The controller', $job->text);
        self::assertSame([true, false], array_column($this->remote(), 'hasLeft'));
    }

    #[Test]
    public function the_household_s_sheet_says_what_holds_in_this_house(): void
    {
        $read = fn (): string => (new Process(
            ['pdftotext', '-layout', '-', '-'],
            input: (string) $this->actingAs($this->planner)->get("/sites/{$this->site->id}/household.pdf")->assertOk()->getContent(),
        ))->mustRun()->getOutput();
        $plain = $read();
        self::assertStringContainsString('No spray', $plain);
        self::assertStringNotContainsString('Pets (', $plain);
        self::assertStringNotContainsString('Children (', $plain);
        $this->site->update(['pets' => 'two cats', 'children' => 'one, four years old']);
        $room = $this->site->rooms()->create(['name' => 'Hall', 'winter_night_c' => 18, 'heating' => 'Only the caretaker switches it']);
        $this->system->update(['room_id' => $room->id]);
        $full = $read();
        foreach (['two cats', 'one, four years old', 'Only the caretaker switches it', 'Ring'] as $words) {
            self::assertStringContainsString($words, $full);
        }
        $this->site->update(['pets' => 'none']);
        self::assertStringNotContainsString('Pets (', $read());
    }

    #[Test]
    public function a_sheet_asked_for_in_the_background_sends_nobody_there_on_signing_in(): void
    {
        $url = "/sites/{$this->site->id}/emergency.pdf";
        $this->get($url, ['X-Requested-With' => 'XMLHttpRequest', 'Accept' => '*/*'])
            ->assertUnauthorized()
            ->assertSessionMissing('url.intended');
        $this->get($url)->assertRedirect('/sign-in')->assertSessionHas('url.intended');
    }

    private function access(User $holder): RemoteAccess
    {
        return RemoteAccess::query()->create([
            'site_id' => $this->site->id,
            'what' => 'The controller',
            'user_id' => $holder->id,
            'given_on' => now()->toDateString(),
            'given_by' => $this->planner->id,
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function remote(): array
    {
        return self::props($this->actingAs($this->planner)->get("/sites/{$this->site->id}/ready")->assertOk())['remote'];
    }
}
