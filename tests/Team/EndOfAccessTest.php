<?php

declare(strict_types=1);

namespace Tests\Team;

use App\Front\Http\OnlyKnownHosts;
use App\Rounds\Feed;
use App\Team\CaughtMail;
use App\Team\Http\StillLetIn;
use App\Team\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Whoever is no longer let in is out by every way they had, at once. */
final class EndOfAccessTest extends TestCase
{
    private User $owner;

    private User $leaver;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = self::user('owner');
        $this->leaver = self::user('technician');
    }

    #[Test]
    public function locking_out_ends_sessions_cookie_tokens_links_and_the_calendars_they_knew(): void
    {
        $stays = self::user('technician');
        $theirs = Fixture::crew($this->leaver, $stays);
        $other = Fixture::crew($stays);
        $address = fn (User $by, string $kind, int $id): string => parse_url(
            (string) $this->actingAs($by)->postJson('/rounds/feeds', ['kind' => $kind, 'subject_id' => $id])->assertOk()->json('address'),
            PHP_URL_PATH,
        ) ?: '';
        $made = $address($this->leaver, 'crew', $theirs->id);
        $known = $address($stays, 'crew', $theirs->id);
        $apart = $address($stays, 'crew', $other->id);
        $token = $this->leaver->createToken('phone', ['ask'])->plainTextToken;
        $this->leaver->forceFill(['remember_token' => 'kept-in-a-cookie'])->save();
        DB::table('sessions')->insert([
            'id' => 'theirs',
            'user_id' => $this->leaver->id,
            'payload' => '',
            'last_activity' => time(),
        ]);
        DB::table('password_reset_tokens')->insert(['email' => $this->leaver->email, 'token' => 'x', 'created_at' => now()]);

        $this->actingAs($this->owner)
            ->post("/settings/people/{$this->leaver->id}/archive")
            ->assertSessionHas('said');
        Auth::forgetGuards();
        self::assertSame(0, DB::table('sessions')->where('user_id', $this->leaver->id)->count());
        self::assertNotSame('kept-in-a-cookie', $this->leaver->refresh()->remember_token);
        self::assertSame(0, DB::table('password_reset_tokens')->where('email', $this->leaver->email)->count());
        $this->withToken($token)
            ->getJson('/api/v1/systems')
            ->assertUnauthorized();
        foreach ([[$made, 404], [$known, 404], [$apart, 200]] as [$path, $status]) {
            $this->get($path)->assertStatus($status);
        }
        self::assertSame(1, Feed::query()->whereNull('revoked_at')->count());
    }

    #[Test]
    public function a_cookie_that_still_signs_in_opens_no_page(): void
    {
        $this->leaver->archive();
        $this->actingAs($this->leaver)->get('/')->assertRedirect('/sign-in');
        $this->assertGuest('web');
        $this->actingAs($this->leaver)->getJson('/go?q=x')->assertUnauthorized();
        $this->actingAs($this->owner)->get('/')->assertOk();
    }

    #[Test]
    public function the_people_of_an_archived_client_are_out_with_it(): void
    {
        $site = self::site();
        $reader = self::user('client', $site->client_id);
        $this->actingAs($reader)->get('/')->assertOk();
        self::assertTrue(StillLetIn::isLetIn($reader));
        $site->client()->firstOrFail()->archive();
        self::assertFalse(StillLetIn::isLetIn($reader));
        $this->actingAs($reader)->get('/reports')->assertRedirect('/sign-in');
    }

    #[Test]
    public function somebody_locked_out_gets_no_link_to_come_back_by(): void
    {
        config()->set('mail.default', 'catcher');
        $this->leaver->archive();
        $this->post('/forgot-password', ['email' => $this->leaver->email])->assertSessionHas('said');
        self::assertSame(0, CaughtMail::query()->count());
    }

    #[Test]
    public function a_new_password_ends_the_other_devices_and_ones_tokens(): void
    {
        $this->leaver->createToken('phone', ['ask']);
        $this->leaver->forceFill(['remember_token' => 'kept-in-a-cookie'])->save();
        $this->actingAs($this->leaver)
            ->put('/settings/password', [
                'current_password' => 'a-long-enough-password',
                'password' => 'another-long-password',
                'password_confirmation' => 'another-long-password',
            ])
            ->assertSessionHasNoErrors();
        self::assertSame(0, $this->leaver->tokens()->count());
        self::assertNotSame('kept-in-a-cookie', $this->leaver->refresh()->remember_token);
        $this->get('/')->assertOk();
    }

    #[Test]
    public function only_the_configured_name_and_loopback_are_answered_and_mails_link_there(): void
    {
        config()->set('app.url', 'https://desk.merrowick.example');
        config()->set('mail.default', 'catcher');
        foreach (['desk.merrowick.example', 'DESK.merrowick.example', 'localhost', '127.0.0.1', '[::1]'] as $host) {
            self::assertTrue(OnlyKnownHosts::knows($host), $host);
        }
        foreach (['evil.example', 'merrowick.example', 'desk.merrowick.example.evil.example', '', '127.0.0.2'] as $host) {
            self::assertFalse(OnlyKnownHosts::knows($host), $host);
        }
        $this->post('http://evil.example/forgot-password', ['email' => $this->leaver->email])->assertStatus(421);
        self::assertSame(0, CaughtMail::query()->count());
        $this->post('http://localhost/forgot-password', ['email' => $this->leaver->email])->assertSessionHas('said');
        $mail = CaughtMail::query()->sole()->body;
        self::assertStringContainsString('https://desk.merrowick.example/reset-password/', $mail);
        self::assertStringNotContainsString('http://localhost', $mail);
    }
}
