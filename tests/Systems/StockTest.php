<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Clients\Attachment;
use App\Moves\HoldingDesk;
use App\Moves\MoveStart;
use App\Systems\Stock\Animal;
use App\Systems\Stock\AnimalTransfer;
use App\Systems\System;
use App\Team\User;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Moves\Brief\MoveKind;

/** Animals of a system: their weight, their places, and how they go from one system to another without being lost or doubled. */
final class StockTest extends TestCase
{
    private User $planner;

    private System $reef;

    private System $bay;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $site = self::site();
        [$this->reef, $this->bay] = [Fixture::system($site, $this->planner), Fixture::system($site, $this->planner, 'Bay')];
        $this->actingAs($this->planner);
    }

    /** @param  array<string, mixed>  $more */
    private function enters(array $more = []): Animal
    {
        $this->post("/systems/{$this->reef->id}/animals", $more + ['name' => 'Chromis', 'kind' => 'fish', 'count' => 3, 'length_cm' => 10,
            'deep' => false, 'state' => 'here'])->assertSessionHasNoErrors();

        return Animal::query()->latest('id')->firstOrFail();
    }

    #[Test]
    public function once_all_fish_are_measured_the_list_says_what_they_weigh(): void
    {
        $this->enters();
        self::assertEqualsWithDelta(0.06, $this->reef->refresh()->fish_kg, 1e-9);
        self::assertTrue($this->reef->has_animals);
        $wrasse = $this->enters(['name' => 'Wrasse', 'count' => 1, 'length_cm' => null]);
        self::assertEqualsWithDelta(0.06, $this->reef->refresh()->fish_kg, 1e-9, 'one nobody measured: the list does not say');
        $change = ['name' => 'Wrasse', 'kind' => 'fish', 'count' => 1, 'length_cm' => 10, 'deep' => true, 'state' => 'here'];
        $this->put("/animals/{$wrasse->id}", $change)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(0.09, $this->reef->refresh()->fish_kg, 1e-9);
        $this->put("/animals/{$wrasse->id}", ['state' => 'ordered'] + $change);
        self::assertEqualsWithDelta(0.06, $this->reef->refresh()->fish_kg, 1e-9, 'what is ordered does not swim here');
        $this->post("/animals/{$wrasse->id}/out", ['count' => 1, 'why' => 'x'])->assertSessionHasErrors('count');
    }

    #[Test]
    public function a_part_that_goes_is_a_row_of_its_own_and_none_is_lost_or_doubled(): void
    {
        $chromis = $this->enters();
        $go = fn (array $more) => $this->post("/animals/{$chromis->id}/transfer", $more + ['to_system_id' => $this->bay->id, 'count' => 2,
            'why' => 'room for them']);
        $go(['count' => 4])->assertSessionHasErrors('count');
        $go(['to_system_id' => $this->reef->id])->assertSessionHasErrors('to_system_id');
        $go(['why' => ''])->assertSessionHasErrors('why');
        $go([])->assertSessionHasNoErrors();
        $there = Animal::query()->where('system_id', $this->bay->id)->sole();
        self::assertSame([1, 2, $chromis->id], [$chromis->refresh()->count, $there->count, $there->split_of_id]);
        self::assertEqualsWithDelta([0.02, 0.04], [$this->reef->refresh()->fish_kg, $this->bay->refresh()->fish_kg], 1e-9);
        $go(['count' => 1])->assertSessionHasNoErrors();
        self::assertSame($this->bay->id, $chromis->refresh()->system_id, 'all of them: the row itself goes');
        self::assertSame(0.0, $this->reef->refresh()->fish_kg, 'nobody is left');
        self::assertSame(3, (int) Animal::query()->sum('count'));
        self::assertSame([2, 1], AnimalTransfer::query()->orderBy('id')->pluck('count')->all());
        self::assertStringContainsString('went to Bay', (string) $this->reef->logEntries()->latest('id')->value('text'));
    }

    #[Test]
    public function nothing_leaves_an_isolated_system_and_what_is_too_much_is_said(): void
    {
        $tang = $this->enters(['name' => 'Tang', 'count' => 50, 'length_cm' => 25, 'deep' => true]);
        $this->bay->update(['has_animals' => false, 'true_volume_l' => 400, 'measured_volume_l' => 400]);
        $go = fn () => $this->post("/animals/{$tang->id}/transfer", ['to_system_id' => $this->bay->id, 'count' => 1, 'why' => 'x']);
        $this->reef->update(['isolated_since' => now(), 'isolated_reason' => 'spots']);
        $go()->assertSessionHasErrors(['to_system_id' => 'Reef is isolated. Animals, and the water they come in, take along what it was '
            .'isolated for.']);
        self::assertSame(0, AnimalTransfer::query()->count());
        $this->reef->update(['isolated_since' => null]);
        $go()->assertSessionHasNoErrors();
        self::assertStringContainsString('g of fish to the litre in Bay', (string) session('said'));
    }

    /** L-30: how it grows is seen by photos, whichever tank it lives in. */
    #[Test]
    public function its_photos_go_with_it_from_tank_to_tank(): void
    {
        $torch = $this->enters(['name' => 'Torch', 'kind' => 'coral', 'count' => 1, 'length_cm' => null]);
        $this->enters(['name' => 'Other', 'kind' => 'coral', 'count' => 1, 'length_cm' => null]);
        $picture = UploadedFile::fake()->image('torch.jpg', 40, 30);
        $this->post("/systems/{$this->reef->id}/attachments", ['file' => $picture, 'about' => "animal:{$torch->id}"])
            ->assertSessionHasNoErrors();
        $shown = fn (System $of): array => array_column(self::props($this->get("/systems/{$of->id}/stock"))['photos'], 'animal');
        self::assertSame([[$torch->id], []], [$shown($this->reef), $shown($this->bay)]);
        $torch->update(['system_id' => $this->bay->id]);
        self::assertSame([[], [$torch->id]], [$shown($this->reef), $shown($this->bay)]);
        Attachment::query()->sole()->archive();
        self::assertSame([], $shown($this->bay));
    }

    /** X-44: what is not to be moved says so, and whoever moves it says why. */
    #[Test]
    public function what_is_not_to_be_moved_is_moved_for_a_reason_only(): void
    {
        $coral = ['name' => 'Torch', 'kind' => 'coral', 'count' => 1, 'length_cm' => null, 'deep' => false, 'state' => 'here'];
        $torch = $this->enters([...$coral, 'stays_put' => 'grown to the rock']);
        self::assertSame('grown to the rock', self::props($this->get("/systems/{$this->reef->id}/stock"))['animals'][0]['staysPut']);
        $spot = ['x_mm' => 300, 'y_mm' => 200, 'is_home' => true];
        $this->post("/animals/{$torch->id}/places", $spot)->assertSessionHasErrors('why');
        self::assertStringContainsString('grown to the rock', session('errors')->first('why'));
        $this->post("/animals/{$torch->id}/places", $spot + ['why' => 'the rock goes'])->assertSessionHasNoErrors();
        $this->put("/animals/{$torch->id}", [...$coral, 'stays_put' => null])->assertSessionHasNoErrors();
        $this->post("/animals/{$torch->id}/places", $spot)->assertSessionHasNoErrors();
    }

    #[Test]
    public function a_lifted_coral_keeps_its_home_and_light_it_does_not_want_is_said(): void
    {
        $coral = $this->enters(['name' => 'Acropora', 'kind' => 'coral', 'count' => 1, 'length_cm' => null, 'par_low' => 200,
            'par_high' => 350]);
        $place = fn (array $more) => $this->post("/animals/{$coral->id}/places", $more + ['x_mm' => 300, 'y_mm' => 200, 'is_home' => true]);
        foreach (['x_mm' => -1, 'y_mm' => 20001, 'par' => 3001, 'is_home' => 'perhaps'] as $field => $bad) {
            $place([$field => $bad])->assertSessionHasErrors($field);
        }
        $place(['par' => 250, 'depth_mm' => 150])->assertSessionHasNoErrors();
        $of = fn (): array => self::props($this->get("/systems/{$this->reef->id}/stock")->assertOk())['animals'][0];
        self::assertSame([false, null], [$of()['isLifted'], $of()['light']]);
        $place(['x_mm' => 900, 'par' => 90, 'is_home' => false, 'why' => 'sand'])->assertSessionHasNoErrors();
        $lifted = $of();
        self::assertTrue($lifted['isLifted']);
        self::assertStringContainsString('300', $lifted['home']);
        self::assertEqualsWithDelta(900.0, $lifted['xMm'], 1e-9);
        self::assertStringContainsString('Acropora stands at', $lifted['light']);
        self::assertCount(2, $lifted['history']);
        $this->post("/animals/{$coral->id}/out", ['count' => 1, 'why' => 'eaten'])->assertSessionHasNoErrors();
        $page = self::props($this->get("/systems/{$this->reef->id}/stock"));
        self::assertSame([], $page['animals']);
        self::assertStringContainsString('eaten', $page['gone'][0]['gone']);
        $place([])->assertForbidden();
    }

    #[Test]
    public function a_tank_is_taken_away_once_everybody_has_gone_somewhere(): void
    {
        $chromis = $this->enters();
        $move = MoveStart::of('Away', MoveKind::Removal, $this->reef->site()->firstOrFail(), null, $this->reef, null, $this->planner);
        $close = fn () => $this->post("/moves/{$move->id}/close", ['words' => 'Floor dry.', 'still_open' => 'all of it']);
        $close()->assertSessionHasErrors(['words' => 'Still on the list: 3 × Chromis. Say in its stock where they went.']);
        self::assertNull($this->reef->refresh()->archived_at);
        $this->post("/animals/{$chromis->id}/transfer", ['to_system_id' => $this->bay->id, 'count' => 3, 'why' => 'rehomed'])
            ->assertSessionHasNoErrors();
        $close()->assertSessionHasNoErrors();
        self::assertNotNull($this->reef->refresh()->archived_at);
        self::assertStringContainsString('Floor dry.', (string) $this->reef->logEntries()->latest('id')->value('text'));
    }

    #[Test]
    public function a_move_takes_the_list_along_into_the_holding_and_home(): void
    {
        $this->enters();
        $this->enters(['name' => 'Wished', 'state' => 'wished']);
        $move = MoveStart::of('Over', MoveKind::House, $this->reef->site()->firstOrFail(), null, $this->reef, null, $this->planner);
        $chromis = Animal::query()->where('name', 'Chromis')->sole();
        self::assertSame(["stock-{$chromis->id}"], array_column($move->brief['animals'], 'id'));
        $move->update(['brief' => ['holding' => ['litres' => 300, 'person' => 'Ada']] + $move->brief]);
        $holding = HoldingDesk::fill($move, $this->reef->site()->firstOrFail(), $this->planner);
        self::assertSame($holding->id, $chromis->refresh()->system_id);
        HoldingDesk::empty($move, 3, null, $this->planner);
        self::assertSame($this->reef->id, $chromis->refresh()->system_id, 'home, though the holding was isolated');
        self::assertSame(2, AnimalTransfer::query()->count());
    }
}
