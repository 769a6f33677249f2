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
    public function a_session_ends_after_a_fortnight_however_busy_it_is(): void
    {
        $this->freezeTime();
        $since = fn (int $days): array => ['signed-in-since' => now()->subDays($days)->getTimestamp()];
        $this->actingAs($this->leaver)->withSession($since(14))->get('/')->assertOk();
        $this->actingAs($this->leaver)->withSession($since(15))->get('/')->assertRedirect('/sign-in');
        $this->assertGuest('web');
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

    #[Test]
    public function a_role_is_changed_by_another_owner_and_signs_out(): void
    {
        $this->leaver->createToken('phone', ['ask']);
        $change = fn (User $user, string $role) => $this->actingAs($this->owner)->put(
            "/settings/people/{$user->id}/role",
            ['role' => $role],
        );
        $change($this->leaver, 'planner')->assertSessionHasNoErrors();
        self::assertTrue($this->leaver->refresh()->plans());
        self::assertSame(0, $this->leaver->tokens()->count());
        $change($this->leaver, 'client')->assertSessionHasErrors('role');
        $change($this->owner, 'planner')->assertSessionHasErrors('role');
        $change(self::user('client', self::site()->client_id), 'owner')->assertSessionHasErrors('role');
        $this->actingAs($this->leaver)
            ->put("/settings/people/{$this->owner->id}/role", ['role' => 'technician'])
            ->assertForbidden();
        self::assertSame('owner', $this->owner->refresh()->role->value);
    }

    #[Test]
    public function somebody_comes_back_with_a_new_password_and_nothing_of_before(): void
    {
        config()->set('mail.default', 'catcher');
        $this->actingAs($this->owner);
        $this->post("/settings/people/{$this->leaver->id}/return")->assertSessionHasErrors('person');
        $this->post("/settings/people/{$this->leaver->id}/archive")->assertSessionHasNoErrors();
        $this->post("/settings/people/{$this->leaver->id}/return")->assertSessionHasNoErrors();
        self::assertFalse($this->leaver->refresh()->isArchived());
        self::assertSame($this->leaver->email, CaughtMail::query()->sole()->recipient);
        Auth::forgetGuards();
        $this->post('/sign-in', ['email' => $this->leaver->email, 'password' => 'a-long-enough-password'])
            ->assertSessionHasErrors('email');
    }

    #[Test]
    public function a_fresh_server_gets_its_first_owner_by_a_command_and_only_the_first(): void
    {
        $make = fn (string $mail) => $this->artisan('velbrin:owner', ['name' => 'Marit Solway', 'mail' => $mail]);
        $make('marit@fresh.example')->assertFailed();
        $this->owner->archive();
        User::query()->where('role', 'owner')->get()->each(fn (User $u) => $u->archive());
        $make('not an address')->assertFailed();
        $make('marit@fresh.example')->expectsOutputToContain('/reset-password/')->assertSuccessful();
        self::assertSame('owner', User::query()->where('email', 'marit@fresh.example')->sole()->role->value);
        $make('second@fresh.example')->assertFailed();
    }

    #[Test]
    public function one_door_knocked_at_too_often_shuts_no_other(): void
    {
        config()->set('mail.default', 'catcher');
        $planner = self::user('planner');
        $code = self::site()->codes()->create(['label' => 'Front door', 'code' => '4711']);
        foreach (range(1, 7) as $n) {
            $answer = $this->post('/forgot-password', ['email' => "nobody{$n}@fresh.example"]);
        }
        $answer->assertStatus(429);
        $this->post('/sign-in', ['email' => $planner->email, 'password' => 'a-long-enough-password'])->assertRedirect('/');
        $this->actingAs($planner)->post("/codes/{$code->id}/reveal")->assertOk();
        foreach (range(1, 11) as $_) {
            $this->post("/codes/{$code->id}/reveal")->assertOk();
        }
        $this->post("/codes/{$code->id}/reveal")->assertStatus(429);
        $this->actingAs($this->owner)->post("/codes/{$code->id}/reveal")->assertOk();
    }

    #[Test]
    public function a_name_tried_from_everywhere_is_guarded_too(): void
    {
        $tries = fn (int $from, int $to): array => array_map(
            fn (int $n): int => $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.'.intdiv($n, 4)])
                ->post('/sign-in', ['email' => $this->leaver->email, 'password' => 'wrong'])
                ->getStatusCode(),
            range($from, $to),
        );
        self::assertNotContains(429, $tries(1, 60));
        self::assertSame([429], array_values(array_unique($tries(61, 63))));
    }
}
