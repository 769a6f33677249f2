<?php

declare(strict_types=1);

namespace Tests\Team;

use App\Team\CompanyRule;
use App\Team\MailPasswordLink;
use App\Team\SecondFactor;
use App\Team\Totp;
use App\Team\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Spatie\Activitylog\Models\Activity;
use Tests\TestCase;

/** A code from a phone beside the password; sessions one can see and end; passwords nobody guesses. */
final class SecondFactorTest extends TestCase
{
    private const PASSWORD = 'a-long-enough-password';

    /** @var list<string> */
    private array $paper = [];

    private string $secret = '';

    #[Test]
    #[DataProvider('published')]
    public function codes_are_the_published_ones(int $at, string $code): void
    {
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        self::assertSame($code, Totp::code($secret, intdiv($at, 30)));
        self::assertSame(intdiv($at, 30), Totp::stepOf($secret, $code, $at));
        self::assertSame(intdiv($at, 30), Totp::stepOf($secret, $code, $at + 30));
        self::assertNull(Totp::stepOf($secret, $code, $at + 90));
        self::assertNull(Totp::stepOf($secret, $code, $at, intdiv($at, 30)));
    }

    /** @return iterable<string, array{int, string}> RFC 6238, appendix B, the last six digits */
    public static function published(): iterable
    {
        yield '1970' => [59, '287082'];
        yield '2005' => [1111111109, '081804'];
        yield '2009' => [1234567890, '005924'];
        yield '2033' => [2000000000, '279037'];
        yield '2603' => [20000000000, '353130'];
    }

    #[Test]
    public function with_it_the_password_alone_opens_nothing(): void
    {
        $user = $this->withFactor(self::user('planner'));
        $this->signIn($user)->assertRedirect('/sign-in/code');
        $this->assertGuest('web');
        $this->get('/settings')->assertRedirect('/sign-in');
        $this->get('/sign-in/code')->assertOk();
        $this->post('/sign-in/code', ['code' => '000000'])->assertSessionHasErrors('code');
        $this->assertGuest('web');
        $this->post('/sign-in/code', ['code' => $this->next()])->assertRedirect('/settings');
        $this->assertAuthenticatedAs($user->refresh(), 'web');
    }

    #[Test]
    public function a_code_opens_once(): void
    {
        $user = $this->withFactor(self::user('technician'));
        $code = $this->next();
        self::assertTrue(SecondFactor::passes($user, $code));
        self::assertFalse(SecondFactor::passes($user, $code));
        self::assertTrue(SecondFactor::passes($user, strtoupper(str_replace('-', '', $this->paper[3]))));
        self::assertFalse(SecondFactor::passes($user, $this->paper[3]));
        self::assertSame(9, SecondFactor::codesLeft($user->refresh()));
        self::assertFalse(SecondFactor::passes($user, ''));
    }

    #[Test]
    public function the_key_is_exchanged_and_everything_still_opens(): void
    {
        $user = $this->withFactor(self::user('technician'));
        $site = self::site();
        $code = $site->codes()->create(['label' => 'Gate', 'code' => '4711']);
        $raw = fn (): array => [
            DB::table('site_codes')->where('id', $code->id)->value('code'),
            DB::table('users')->where('id', $user->id)->value('factor_secret'),
        ];
        $before = $raw();
        $old = config()->string('app.key');
        $new = 'base64:'.base64_encode(str_repeat('n', 32));
        $this->useKeys($new, [$old]);
        self::assertSame('4711', $code->refresh()->code);
        $this->artisan('velbrin:rekey')->assertSuccessful();
        self::assertSame([], array_intersect($before, $raw()));
        self::assertTrue(SecondFactor::passes($user, $this->paper[0]));
        // The old key gone: codes and phone still open, paper of before does not.
        $this->useKeys($new, []);
        self::assertSame('4711', $code->refresh()->code);
        self::assertTrue(SecondFactor::passes($user, $this->next()));
        self::assertFalse(SecondFactor::passes($user, $this->paper[1]));
    }

    /** @param  list<string>  $before */
    private function useKeys(string $key, array $before): void
    {
        config()->set(['app.key' => $key, 'app.previous_keys' => $before]);
        $this->app?->forgetInstance('encrypter');
        Crypt::clearResolvedInstance('encrypter');
        Model::encryptUsing(null);
    }

    #[Test]
    public function who_waits_at_the_door_too_long_starts_again(): void
    {
        $user = $this->withFactor(self::user('technician'));
        $this->freezeTime();
        $this->signIn($user);
        $this->travel(299)->seconds();
        $this->get('/sign-in/code')->assertOk();
        $this->travel(2)->seconds();
        $this->get('/sign-in/code')->assertRedirect('/sign-in');
        $this->post('/sign-in/code', ['code' => $this->paper[0]])->assertRedirect('/sign-in');
        $this->assertGuest('web');
        $this->travelBack();
        // Locked out in between: the code opens nothing either.
        $this->signIn($user);
        $user->archive();
        $this->post('/sign-in/code', ['code' => $this->paper[0]])->assertRedirect('/sign-in');
        $this->assertGuest('web');
    }

    #[Test]
    public function codes_are_tried_five_times_a_minute(): void
    {
        $user = $this->withFactor(self::user('technician'));
        $this->signIn($user);
        for ($n = 0; $n < 5; $n++) {
            $this->post('/sign-in/code', ['code' => '000000'])->assertSessionHasErrors('code');
        }
        $this->post('/sign-in/code', ['code' => '000000'])->assertStatus(429);
    }

    #[Test]
    public function setting_it_up_asks_for_the_password_and_ends_the_other_sessions(): void
    {
        $user = self::user('client', self::site()->client_id);
        $this->actingAs($user);
        $this->postJson('/settings/access/factor', ['password' => 'wrong'])->assertStatus(422)->assertJsonValidationErrors('password');
        $begun = $this->postJson('/settings/access/factor', ['password' => self::PASSWORD])->assertOk();
        self::assertStringContainsString((string) $begun->json('secret'), (string) $begun->json('address'));
        self::assertFalse(SecondFactor::isOn($user->refresh()));
        $this->putJson('/settings/access/factor', ['code' => '000000'])->assertStatus(422);
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
        $code = Totp::code((string) $begun->json('secret'), intdiv(time(), 30));
        $codes = $this->putJson('/settings/access/factor', ['code' => $code])->assertOk()->json('codes');
        self::assertCount(10, array_unique($codes));
        self::assertSame(0, DB::table('sessions')->where('id', 'elsewhere')->count());
        $kept = $user->refresh();
        self::assertStringNotContainsString($codes[0], (string) $kept->recovery_codes);
        self::assertStringNotContainsString((string) $begun->json('secret'), (string) $kept->factor_secret);
        self::assertSame([], array_intersect(['factor_secret', 'recovery_codes'], array_keys($kept->toArray())));
        $this->post('/settings/access/factor/off', ['password' => self::PASSWORD])->assertSessionHasNoErrors();
        self::assertFalse(SecondFactor::isOn($user->refresh()));
    }

    #[Test]
    public function where_the_company_asks_for_it_nothing_else_opens_before(): void
    {
        $planner = self::user('planner');
        $this->actingAs(self::user('owner'))->put('/settings/people/second-factor', ['holds' => true])->assertSessionHas('said');
        $this->actingAs($planner)->get('/places')->assertRedirect('/settings/access');
        $this->actingAs($planner)->getJson('/go?q=a')->assertForbidden();
        $this->actingAs($planner)->get('/settings/access')->assertOk();
        $this->actingAs(self::user('technician'))->get('/')->assertOk();
        $this->withFactor($planner);
        $this->actingAs($planner->refresh())->get('/places')->assertOk();
        $this->post('/settings/access/factor/off', ['password' => self::PASSWORD])->assertSessionHasErrors('password');
        self::assertTrue(SecondFactor::isOn($planner->refresh()));
        self::assertSame(1, Activity::query()->where('subject_type', 'company_rule')->count());
        CompanyRule::query()->get()->each->delete();
        $this->post('/settings/access/factor/off', ['password' => self::PASSWORD])->assertSessionHasNoErrors();
    }

    #[Test]
    public function an_owner_helps_when_the_phone_is_gone(): void
    {
        $user = $this->withFactor(self::user('technician'));
        $this->actingAs(self::user('planner'))->post("/settings/people/{$user->id}/factor-off")->assertForbidden();
        $this->actingAs(self::user('owner'))->post("/settings/people/{$user->id}/factor-off")->assertSessionHas('said');
        self::assertFalse(SecondFactor::isOn($user->refresh()));
    }

    #[Test]
    public function sessions_are_listed_without_their_keys_and_ended_one_by_one_or_all(): void
    {
        $user = self::user('technician');
        $other = self::user('technician');
        foreach ([['one', $user], ['two', $user], ['theirs', $other]] as [$id, $whose]) {
            DB::table('sessions')->insert([
                'id' => $id,
                'user_id' => $whose->id,
                'user_agent' => 'Mozilla/5.0 (Linux; Android 14)',
                'payload' => '',
                'last_activity' => time(),
            ]);
        }
        $user->forceFill(['remember_token' => 'kept-in-a-cookie'])->save();
        $this->actingAs($user);
        $props = self::props($this->get('/settings/access'));
        $phone = 'a phone or tablet (Android)';
        self::assertSame([$phone, $phone], array_column($props['view']['sessions'], 'device'));
        self::assertStringNotContainsString('"one"', (string) json_encode($props));
        $names = array_column($props['view']['sessions'], 'name');
        $this->post('/settings/access/sessions/'.str_repeat('a', 32).'/end')->assertSessionHas('said');
        self::assertSame(3, DB::table('sessions')->whereIn('id', ['one', 'two', 'theirs'])->count());
        $this->post("/settings/access/sessions/{$names[0]}/end")->assertSessionHas('said');
        self::assertSame(2, DB::table('sessions')->whereIn('id', ['one', 'two', 'theirs'])->count());
        self::assertNotSame('kept-in-a-cookie', $user->refresh()->remember_token);
        $user->createToken('phone', ['ask']);
        $this->post('/settings/access/end-all')->assertSessionHas('said');
        self::assertSame(['theirs'], DB::table('sessions')->whereIn('id', ['one', 'two', 'theirs'])->pluck('id')->all());
        self::assertSame(0, $user->tokens()->count());
    }

    #[Test]
    #[DataProvider('passwords')]
    public function a_password_everybody_tries_or_made_of_ones_name_is_refused(string $password, bool $isGood): void
    {
        $user = User::query()->forceCreate([
            'name' => 'Marit Österdal',
            'email' => 'marit.osterdal@test.example',
            'password' => self::PASSWORD,
            'role' => 'technician',
        ]);
        $answer = $this->actingAs($user->refresh())->put('/settings/password', [
            'current_password' => self::PASSWORD,
            'password' => $password,
            'password_confirmation' => $password,
        ]);
        $isGood ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('password');
    }

    /** @return iterable<string, array{string, bool}> */
    public static function passwords(): iterable
    {
        yield 'words nobody connects' => ['kelp-anvil-ferry-nine', true];
        yield 'eleven characters' => ['kelp-anvil-', false];
        yield 'twelve' => ['kelp-anvil-x', true];
        yield 'a common one with digits behind' => ['password123456', false];
        yield 'a common one with signs round it' => ['!!!!Superman!!!!', false];
        yield 'one short piece' => ['ab1ab1ab1ab1', false];
        yield 'ones own name' => ['marit-osterdal-1', false];
        yield 'ones own name, accents and all' => ['Österdal2026!', false];
        yield 'seventy-two bytes' => [str_repeat('kelp anvil ', 6).'abcdef', true];
        yield 'a byte more' => [str_repeat('kelp anvil ', 6).'abcdefg', false];
        yield 'ones own name and words enough' => ['marit kelp anvil ferry', true];
    }

    #[Test]
    public function asking_for_a_link_says_the_same_for_a_name_nobody_has(): void
    {
        Queue::fake();
        foreach ([self::user('planner')->email, 'nobody@test.example'] as $email) {
            $this->post('/forgot-password', ['email' => $email])->assertSessionHas('said');
        }
        Queue::assertPushed(MailPasswordLink::class, 2);
    }

    #[Test]
    public function names_that_differ_in_an_accent_are_two_peoples(): void
    {
        self::user('owner');
        $make = fn (string $email) => User::query()->forceCreate([
            'name' => 'B', 'email' => $email, 'password' => self::PASSWORD, 'role' => 'technician',
        ]);
        $plain = $make('boje@test.example');
        $accent = $make('böje@test.example');
        self::assertNotSame($plain->id, $accent->id);
        $this->post('/sign-in', ['email' => 'BOJE@test.example', 'password' => self::PASSWORD])->assertRedirect('/');
        $this->assertAuthenticatedAs($plain->refresh(), 'web');
    }

    #[Test]
    public function who_comes_in_and_who_is_refused_stands_in_the_trail(): void
    {
        $user = self::user('planner');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'nobody@test.example', 'password' => 'wrong'])->assertSessionHasErrors('email');
        $this->signIn($user);
        self::assertSame(
            ['sign-in-refused', 'sign-in-refused', 'sign-in'],
            Activity::query()->whereIn('event', ['sign-in', 'sign-in-refused'])->orderBy('id')->pluck('event')->all(),
        );
    }

    private function signIn(User $user): \Illuminate\Testing\TestResponse
    {
        Auth::guard('web')->logout();

        return $this->post('/sign-in', ['email' => $user->email, 'password' => self::PASSWORD]);
    }

    private function withFactor(User $user): User
    {
        $this->secret = Totp::newSecret();
        $codes = SecondFactor::turnOn($user, $this->secret, Totp::code($this->secret, intdiv(time(), 30) - 1));
        self::assertNotNull($codes);
        $this->paper = $codes;

        return $user->refresh();
    }

    private function next(): string
    {
        return Totp::code($this->secret, intdiv(time(), 30));
    }
}
