<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\Answered;
use App\Build\KeptAnswer;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Price;
use App\Demo\Builds;
use App\House\CannotThaw;
use App\House\Frozen;
use Illuminate\Validation\ValidationException;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use stdClass;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Phrase as Build;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\WholeAnswer;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;

/** Accepted means frozen: pages and papers read what stood then, gates ask both, and what differs is said with both numbers. */
final class FrozenTest extends TestCase
{
    #[Test]
    #[DataProvider('builds')]
    public function every_build_is_written_and_read_back_the_same(string $build): void
    {
        $values = [...Builds::facts($build), ...Builds::cabinet($build)];
        $whole = WholeAnswer::of(PlanBrief::read(['values' => $values, 'chambers' => Builds::chambers($build)]));
        $json = Frozen::write($whole);
        $back = Frozen::read($json);
        self::assertEquals($whole, $back);
        self::assertInstanceOf(WholeAnswer::class, $back);
        self::assertSame($json, Frozen::write($back), 'to the last digit');
        self::assertGreaterThan(20, count($back->answers->figures));
    }

    /** @return iterable<string, array{0: string}> */
    public static function builds(): iterable
    {
        foreach (['standard', 'long', 'grand', 'cube', 'frag', 'column', 'corner', 'bare'] as $build) {
            yield $build => [$build];
        }
    }

    /** Kept by 0.5.0. A value that changes its shape gets a default, or a step in {@see Frozen}; this file is never written again. */
    #[Test]
    public function what_an_older_velbrin_kept_is_read_for_ever(): void
    {
        $json = gzdecode((string) file_get_contents(__DIR__.'/kept-0.5.0.json.gz'));
        $whole = Frozen::read((string) $json);
        self::assertInstanceOf(WholeAnswer::class, $whole);
        self::assertEqualsWithDelta(395.488, $whole->answers->figure('systemL')?->quantity?->value, 0.001);
        self::assertCount(32, $whole->answers->findings);
        self::assertCount(2, $whole->answers->open);
    }

    #[Test]
    public function a_refusal_kept_before_its_words_were_data_reads_as_it_did(): void
    {
        $error = FieldError::from(OutOfRange::number('weirGapsMm', 401, Build::AtMostRows, ['most' => '3']));
        $kept = json_decode(Frozen::write($error), true);
        unset($kept['allows'], $kept['said']);
        $back = Frozen::read((string) json_encode($kept));
        self::assertInstanceOf(FieldError::class, $back);
        self::assertSame([null, null, 'at most 3 rows', $error->message], [$back->allows, $back->said, $back->allowed, $back->message]);
    }

    #[Test]
    public function what_was_accepted_stands_whatever_the_arithmetic_says_later(): void
    {
        $version = $this->accepted();
        $kept = KeptAnswer::query()->sole();
        self::assertSame([KeptAnswer::ACCEPTED, $version->id], [$kept->how, $kept->plan_version_id]);
        self::assertNull(Answered::of($version)->since(), 'nothing differs on the day');
        $page = fn (): array => self::props($this->get("/plan-versions/{$version->id}"))['view'];
        self::assertNull($page()['since']);
        $was = array_column($page()['answers']['figures'], 'text', 'key')['systemL'];

        // As if it had been accepted by an arithmetic that found 23 litres more, and found one Stop less.
        $answer = json_decode($kept->answer, true);
        $answer['answers']['figures']['systemL']['quantity']['value'] += 23;
        $findings = $answer['answers']['findings'];
        $this->rewrite($kept, ['answer' => json_encode($answer)]);
        $now = $page();
        $figures = array_column($now['answers']['figures'], 'text', 'key');
        self::assertNotSame($was, $figures['systemL'], 'the page says what was accepted');
        self::assertSame([['label' => 'True water volume', 'then' => $figures['systemL'], 'now' => $was]], $now['since']['figures']);
        foreach (['sheet.pdf', 'quote.pdf', 'sheets/carpenter.pdf'] as $paper) {
            $this->get("/plan-versions/{$version->id}/{$paper}")->assertOk();
        }
        self::assertSame(23.0, round($this->handed($version->refresh()) - $this->today($version), 6), 'the handover too');
        self::assertNotSame([], $findings);
    }

    #[Test]
    public function the_prices_of_that_day_stand_in_the_quote(): void
    {
        Price::query()->updateOrCreate(['key' => 'rock'], ['minor' => 900]);
        $version = $this->accepted();
        $total = fn (): int => self::props($this->get("/plan-versions/{$version->id}"))['view']['quote']['totalMinor'];
        $before = $total();
        self::assertGreaterThan(0, $before);
        Price::query()->where('key', 'rock')->update(['minor' => 90_000]);
        self::assertSame($before, $total());
        $other = $this->keptVersion('Another house');
        $unaccepted = self::props($this->get("/plan-versions/{$other->id}"))['view']['quote']['totalMinor'];
        self::assertNotSame($before, $unaccepted, 'not accepted yet: today’s prices');
    }

    #[Test]
    public function a_gate_asks_what_was_accepted_and_what_is_known_today(): void
    {
        $version = $this->accepted();
        $ways = fn (): array => array_column(self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'], 'ways', 'key');
        self::assertContains(StageGate::PROOF, $ways()['lights']);
        // What was accepted had a Stop on the hung lights: a milder rule of today does not open the gate.
        $kept = KeptAnswer::query()->sole();
        $answer = json_decode($kept->answer, true);
        foreach ($answer['answers']['findings'] as $n => $finding) {
            if ($finding['rule'] === 'B-53') {
                $answer['answers']['findings'][$n]['severity']['is'] = Severity::Stop->value;
            }
        }
        $this->rewrite($kept, ['answer' => json_encode($answer)]);
        self::assertSame([StageGate::DOCUMENT], $ways()['lights']);
    }

    #[Test]
    public function what_was_accepted_before_whole_answers_were_kept_is_computed_once_and_says_so(): void
    {
        $version = $this->accepted();
        $this->rewrite(KeptAnswer::query()->sole(), null);
        self::assertSame(Answered::TODAY, Answered::of($version->refresh())->how);
        $this->artisan('velbrin:keep-answers')->assertSuccessful();
        $this->artisan('velbrin:keep-answers')->assertSuccessful();
        self::assertSame([KeptAnswer::RECOMPUTED], KeptAnswer::query()->pluck('how')->all(), 'once');
        self::assertSame('recomputed', self::props($this->get("/plan-versions/{$version->id}"))['view']['how']);
    }

    #[Test]
    public function what_cannot_be_read_any_more_is_said_and_nothing_is_made_up(): void
    {
        $version = $this->accepted();
        $kept = KeptAnswer::query()->sole();
        $this->rewrite($kept, ['answer' => str_replace('Build\\\\PlanAnswers', 'Build\\\\OldAnswers', $kept->answer)]);
        self::assertSame('unreadable', self::props($this->get("/plan-versions/{$version->id}"))['view']['how']);
        $this->expectException(LogicException::class);
        $kept->refresh()->update(['how' => KeptAnswer::RECOMPUTED]);
    }

    /** @return iterable<string, array{0: string, 1: string}> */
    public static function unreadable(): iterable
    {
        yield 'a class that is gone' => ['{"@":"Measure\\\\Gone"}', 'no longer a value'];
        yield 'an enum where a value was' => ['{"@":"Measure\\\\Severity"}', 'no longer a value'];
        yield 'a word that is gone' => ['{"@e":"Measure\\\\Severity","is":"mild"}', 'no longer knows mild'];
        yield 'a set of words that is gone' => ['{"@e":"Measure\\\\Mood","is":"mild"}', 'no longer a set'];
        yield 'a property of another kind' => [
            '{"@":"Measure\\\\Quantity","value":"much","kind":{"@e":"Measure\\\\Kind","is":"L"},"moreDigits":0}',
            'another kind',
        ];
        yield 'a property nobody knew then' => ['{"@":"Measure\\\\Quantity","value":1.0}', 'was not known then'];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function it_refuses_what_it_cannot_read(string $json, string $words): void
    {
        $this->expectException(CannotThaw::class);
        $this->expectExceptionMessage($words);
        Frozen::read($json);
    }

    #[Test]
    public function numbers_without_an_end_are_kept_and_strangers_are_not(): void
    {
        self::assertSame([INF, -INF, 1.0, 2], Frozen::read(Frozen::write([INF, -INF, 1.0, 2])));
        self::assertNan(Frozen::read(Frozen::write(NAN)));
        $this->expectException(LogicException::class);
        Frozen::write(new stdClass);
    }

    private function accepted(): PlanVersion
    {
        $version = $this->keptVersion('House');
        Acceptance::accept($version, $version->user()->firstOrFail(), 'Reef', 'mixed reef', Regime::Natural);

        return $version->refresh();
    }

    private function keptVersion(string $site): PlanVersion
    {
        $user = self::user('planner');
        $this->actingAs($user);

        $plan = Fixture::plan(self::site("Client of {$site}", $site), $user);

        return PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $user->id,
        ]);
    }

    private function handed(PlanVersion $version): float
    {
        return Answered::of($version)->answers()->figure('systemL')->quantity->value ?? 0.0;
    }

    private function today(PlanVersion $version): float
    {
        return Answered::of($version)->now()->answers->figure('systemL')->quantity->value ?? 0.0;
    }

    /** @param  array<string, mixed>|null  $row  null: nothing was kept */
    private function rewrite(KeptAnswer $kept, ?array $row): void
    {
        $of = KeptAnswer::query()->toBase()->where('id', $kept->id);
        $row === null ? $of->delete() : $of->update($row);
    }

    #[Test]
    public function a_version_is_accepted_once_whoever_presses_too(): void
    {
        $version = $this->accepted();
        $this->expectException(ValidationException::class);
        $this->expectExceptionMessage('it is accepted already');
        Acceptance::accept($version, $version->user()->firstOrFail(), 'Another reef', 'mixed reef', Regime::Natural);
    }

    #[Test]
    public function what_was_sound_then_and_is_not_today_keeps_its_gate_shut(): void
    {
        $user = self::user('planner');
        $this->actingAs($user);
        // Today the fixings are weak; what was kept says they are not.
        $plan = Fixture::plan(self::site(), $user, ['allowanceKpa' => null]);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $user->id,
        ]);
        $sound = WholeAnswer::of(PlanBrief::read(PlanReader::raw(Fixture::plan(self::site('Sound', 'Sound house'), $user))));
        $version->update(['accepted_at' => now(), 'accepted_by' => $user->id]);
        KeptAnswer::keep($version, $sound, KeptAnswer::ACCEPTED);
        $answered = Answered::of($version->refresh());
        self::assertTrue($answered->answers()->isClear('B-11'), 'what was accepted was sound');
        $gate = array_column(
            self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'],
            'ways',
            'key',
        );
        self::assertSame([StageGate::DOCUMENT], $gate['structure'], 'a rule mended since protects too');
    }

    #[Test]
    public function a_waiver_that_knew_its_stop_by_its_words_is_told_its_name(): void
    {
        $user = self::user('planner');
        $this->actingAs($user);
        $plan = Fixture::plan(self::site(), $user, ['outletBelowRimMm' => 260.0, 'breakBelowRimMm' => 'none']);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $user->id,
        ]);
        $stop = collect(Answered::of($version)->answers()->stops())->firstOrFail(fn (Finding $f): bool => $f->rule === 'B-32');
        $waiver = $version->waivers()->create([
            'finding_key' => $stop->voice(),
            'rule' => 'B-32',
            'what' => 'said then',
            'kind' => 'reason',
            'reason' => 'the sump is exchanged',
            'signed_by' => 'A. Client',
            'signed_on' => '2026-01-01',
            'user_id' => $user->id,
        ]);
        $open = fn (): array => array_map(
            fn (Finding $f): string => $f->key(),
            Acceptance::open($version->refresh()->load('waivers'), Answered::of($version)->answers()),
        );
        self::assertNotContains('B-32.working', $open(), 'while its words stand, it is found by them');
        $this->artisan('velbrin:keep-answers')->assertSuccessful();
        self::assertSame('B-32.working', $waiver->refresh()->finding_key);
        self::assertNotContains('B-32.working', $open(), 'and by its name whatever they become');
        $waiver->delete();
        self::assertContains('B-32.working', $open());
    }
}
