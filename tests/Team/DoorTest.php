<?php

declare(strict_types=1);

namespace Tests\Team;

use App\Team\CaughtMail;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

final class DoorTest extends TestCase
{
    #[Test]
    public function the_door_opens_for_the_right_password_and_closes_after_five_wrong_ones(): void
    {
        $user = self::user('planner');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-enough-password'])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();

        for ($i = 0; $i < 4; $i++) {
            $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
        }
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-enough-password'])->assertStatus(429);
    }

    #[Test]
    public function an_archived_person_stays_outside(): void
    {
        $user = self::user('technician');
        $user->archive();
        $this->post('/sign-in', [
            'email' => $user->email,
            'password' => 'a-long-enough-password',
        ])->assertSessionHasErrors('email');
    }

    #[Test]
    public function a_forgotten_password_is_reset_by_the_caught_mail_and_its_token_is_stored_hashed(): void
    {
        config()->set('mail.default', 'catcher');
        $user = self::user('planner');
        $this->post('/forgot-password', ['email' => $user->email])->assertSessionHas('said');
        $known = session('said');
        $this->post('/forgot-password', ['email' => 'nobody@test.example'])->assertSessionHas('said', $known);

        $mail = CaughtMail::query()->sole();
        self::assertSame(1, preg_match('#/reset-password/([0-9a-f]+)#', $mail->body, $m));
        self::assertNotSame($m[1], DB::table('password_reset_tokens')->value('token'));
        $this->post('/reset-password', [
            'token' => 'x'.$m[1],
            'email' => $user->email,
            'password' => 'another-long-password',
            'password_confirmation' => 'another-long-password',
        ])->assertSessionHasErrors('email');
        $this->post('/reset-password', [
            'token' => $m[1],
            'email' => $user->email,
            'password' => 'short',
            'password_confirmation' => 'short',
        ])->assertSessionHasErrors('password');
        $this->post('/reset-password', [
            'token' => $m[1],
            'email' => $user->email,
            'password' => 'another-long-password',
            'password_confirmation' => 'another-long-password',
        ])->assertRedirect('/sign-in');
        self::assertTrue(Hash::check('another-long-password', $user->refresh()->password));
    }

    #[Test]
    public function a_page_carries_its_policy_and_no_inline_script(): void
    {
        $page = $this->get('/sign-in');
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        preg_match_all('/<script(?![^>]*\bsrc=)([^>]*)>/', (string) $page->getContent(), $inline);
        foreach ($inline[1] as $attributes) {
            self::assertStringContainsString('application/json', $attributes);
        }
    }

    #[Test]
    public function cookies_are_kept_to_this_host(): void
    {
        $cookies = collect($this->get('/sign-in')->headers->getCookies());
        $session = $cookies->first(fn ($c): bool => $c->getName() === 'velbrin_session');
        self::assertTrue($session?->isHttpOnly());
        self::assertSame('lax', $session->getSameSite());
        self::assertNull($session->getDomain());
        // The same settings, as they come out under a public address with https.
        $was = [$_ENV['APP_URL'] ?? null, $_SERVER['APP_URL'] ?? null];
        $_ENV['APP_URL'] = $_SERVER['APP_URL'] = 'https://velbrin.test';
        $under = require config_path('session.php');
        [$_ENV['APP_URL'], $_SERVER['APP_URL']] = $was;
        self::assertSame(['__Host-velbrin_session', true, null], [$under['cookie'], $under['secure'], $under['domain']]);
    }

    #[Test]
    public function units_follow_the_person(): void
    {
        $user = self::user('planner');
        $this->actingAs($user)
            ->put('/settings', [
                'unit_system' => 'us',
                'alkalinity_unit' => 'meq/L',
                'salinity_unit' => 'SG',
                'decimal_mark' => ',',
                'theme' => 'night',
            ])
            ->assertSessionHasNoErrors();
        $shell = self::props($this->actingAs($user->refresh())->get('/settings'))['shell'];
        self::assertSame('gal', $shell['units']['L']['label']);
        self::assertSame('meq/L', $shell['units']['dKH']['label']);
        self::assertNotNull($shell['units']['g/kg']['table']);
        self::assertSame(['night', ','], [$shell['theme'], $shell['decimalMark']]);
    }

    #[Test]
    public function an_owner_lets_people_in_and_out_but_not_themselves(): void
    {
        config()->set('mail.default', 'catcher');
        $owner = self::user('owner');
        $this->actingAs($owner)
            ->post('/settings/people', ['name' => 'New', 'email' => 'new@test.example', 'role' => 'technician'])
            ->assertSessionHasNoErrors();
        self::assertSame('new@test.example', CaughtMail::query()->sole()->recipient);
        $new = User::query()->where('email', 'new@test.example')->sole();
        $this->post("/settings/people/{$new->id}/archive")->assertSessionHasNoErrors();
        self::assertTrue($new->refresh()->isArchived());
        $this->post("/settings/people/{$owner->id}/archive")->assertSessionHasErrors('person');
    }

    /** What stands open with words typed on it is told; whoever goes somewhere is led to the door. */
    #[Test]
    public function a_page_that_looks_for_its_news_is_told_that_the_session_ended_and_stays(): void
    {
        $news = ['X-Inertia' => 'true', 'X-Inertia-Partial-Component' => 'house/Today', 'X-Inertia-Partial-Data' => 'mine'];
        $this->get('/', $news)->assertUnauthorized();
        $this->get('/', ['X-Inertia' => 'true'])->assertRedirect('/sign-in');
        $this->get('/')->assertRedirect('/sign-in');
    }
}
