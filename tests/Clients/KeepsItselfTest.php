<?php

declare(strict_types=1);

namespace Tests\Clients;

use App\Clients\Site;
use App\Team\User;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** What is typed at a desk keeps itself, as people write it, and never silently over somebody else’s words. */
final class KeepsItselfTest extends TestCase
{
    private User $marit;

    private User $owner;

    private Site $site;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->marit, $this->owner] = [self::user('planner'), self::user('owner')];
        $this->site = self::site();
    }

    #[Test]
    public function opening_hours_are_taken_as_people_write_them_and_kept_in_one_way(): void
    {
        $this->about([
            'access_hours' => ['mon' => '8-17', 'tue' => '9:00 – 12, 14-18', 'wed' => 'closed', 'thu' => ''],
        ])->assertSessionHasNoErrors();
        self::assertSame(
            ['mon' => '08:00-17:00', 'tue' => '09:00-12:00, 14:00-18:00', 'wed' => 'closed', 'thu' => null],
            $this->site->refresh()->access_hours,
        );
        $this->about(['access_hours' => ['mon' => 'mornings']])->assertSessionHasErrors('access_hours.mon');
        self::assertStringContainsString('8-17', session('errors')->first('access_hours.mon'));
        $this->about(['access_hours' => ['someday' => '8-17']])->assertSessionHasErrors('access_hours');
    }

    #[Test]
    public function whoever_writes_on_top_of_somebody_else_is_told_whose_words_they_are(): void
    {
        $read = self::props($this->actingAs($this->marit)->get("/sites/{$this->site->id}"))['view'];
        $this->actingAs($this->owner);
        $this->about(['parking' => 'in the yard'], as: $this->owner)->assertSessionHasNoErrors();
        $late = $this->about(['parking' => 'on the street', 'stamp' => $read['aboutStamp']]);
        $late->assertSessionHasErrors('stamp');
        self::assertStringContainsString(
            "Changed meanwhile by {$this->owner->name}",
            session('errors')->first('stamp'),
        );
        self::assertSame('in the yard', $this->site->refresh()->parking);
        $fresh = self::props($this->get("/sites/{$this->site->id}"))['view'];
        $this->about(['parking' => 'on the street', 'stamp' => $fresh['aboutStamp']])->assertSessionHasNoErrors();
        self::assertSame('on the street', $this->site->refresh()->parking);
        self::assertNull(session('said'), 'what keeps itself says nothing at each key');
    }

    #[Test]
    public function room_way_in_enquiry_and_people_hold_to_what_was_read(): void
    {
        $room = $this->site->rooms()->create(['name' => 'Hall']);
        $contact = $this->site
            ->client()
            ->firstOrFail()
            ->contacts()
            ->create(['name' => 'Ada']);
        $view = self::props($this->actingAs($this->marit)->get("/sites/{$this->site->id}"))['view'];
        $way = fn (int $mm, string $stamp, ?User $as = null) => $this->actingAs($as ?? $this->marit)->put(
            "/sites/{$this->site->id}/passages",
            [
                'passages' => [['name' => 'Door', 'widthMm' => $mm, 'heightMm' => 2000]],
                'stamp' => $stamp,
                'quiet' => true,
            ],
        );
        $way(800, $view['passagesStamp'])->assertSessionHasNoErrors();
        $way(900, $view['passagesStamp'], $this->owner)->assertSessionHasErrors('stamp');
        self::assertSame(800.0, $this->site->passages()->sole()->width_mm);

        $survey = fn (string $name, string $stamp, ?User $as = null) => $this->actingAs($as ?? $this->marit)->put(
            "/rooms/{$room->id}",
            ['name' => $name, 'facts' => [], 'stamp' => $stamp],
        );
        $survey('Great hall', $view['rooms'][0]['stamp'])->assertSessionHasNoErrors();
        $survey('Small hall', $view['rooms'][0]['stamp'], $this->owner)->assertSessionHasErrors('stamp');

        $asked = fn (string $words, string $stamp, ?User $as = null) => $this->actingAs($as ?? $this->marit)->put(
            "/sites/{$this->site->id}/enquiry",
            ['built' => $words, 'stamp' => $stamp],
        );
        $asked('nothing', $view['enquiryStamp'])->assertSessionHasNoErrors();
        $asked('a wall', $view['enquiryStamp'], $this->owner)->assertSessionHasErrors('stamp');

        $stamp = self::props($this->get("/clients/{$this->site->client_id}"))['view']['contacts'][0]['stamp'];
        $this->actingAs($this->marit)
            ->put("/contacts/{$contact->id}", ['name' => 'Ada B', 'stamp' => $stamp])
            ->assertSessionHasNoErrors();
        // One’s own lost answer is nobody else’s word.
        $this->put("/contacts/{$contact->id}", ['name' => 'Ada B', 'stamp' => $stamp])->assertSessionHasNoErrors();
        $this->actingAs($this->owner)
            ->put("/contacts/{$contact->id}", ['name' => 'Ada C', 'stamp' => $stamp])
            ->assertSessionHasErrors('stamp');
        self::assertSame('Ada B', $contact->refresh()->name);
    }

    #[Test]
    public function messages_name_the_field_in_words(): void
    {
        $room = $this->site->rooms()->create(['name' => 'Hall']);
        $this->actingAs($this->marit)
            ->put("/rooms/{$room->id}", ['name' => 'Hall', 'facts' => ['winter_night_c' => 900]])
            ->assertSessionHasErrors('facts.winter_night_c');
        self::assertStringNotContainsString('facts.', session('errors')->first('facts.winter_night_c'));
        $this->put("/sites/{$this->site->id}/passages", [
            'passages' => [['name' => '', 'widthMm' => 800, 'heightMm' => 2000]],
        ])->assertSessionHasErrors(['passages.0.name' => 'Passage 1 needs a name.']);
    }

    /** @param  array<string, mixed>  $more */
    private function about(array $more, ?User $as = null): TestResponse
    {
        return $this->actingAs($as ?? $this->marit)->put("/sites/{$this->site->id}", [
            'name' => $this->site->name,
            'timezone' => 'Europe/London',
            'quiet' => true,
            ...$more,
        ]);
    }
}
