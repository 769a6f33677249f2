<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Rounds\LeaveSafe;

/** Litres that do not fit, what other visits left off, who may open one, and what rides along: each on both sides of its limit. */
final class LimitsOfAVisitTest extends TestCase
{
    private User $ines;

    private System $system;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ines = self::user('technician');
        $this->system = Fixture::system(self::site(), self::user('planner'));
        $this->visit = Fixture::visit($this->system, Fixture::crew($this->ines), 'change');
    }

    /** @return iterable<string, array{0: float, 1: float, 2: bool}> out L, in L, whether it asks */
    public static function litres(): iterable
    {
        yield 'the same' => [40, 40, false];
        yield 'a tenth less' => [40, 36, false];
        yield 'more than a tenth less' => [40, 35.9, true];
        yield 'more than a tenth more' => [40, 44.1, true];
        yield 'two litres of a small change' => [10, 12, false];
        yield 'more than two litres of a small change' => [10, 12.1, true];
        yield 'ten times as much' => [40, 400, true];
    }

    #[Test]
    #[DataProvider('litres')]
    public function out_and_in_may_differ_by_a_tenth_or_two_litres(float $out, float $in, bool $asks): void
    {
        $said = $this->send('litres', ['taskId' => $this->task()->id, 'outL' => $out, 'inL' => $in]);
        self::assertSame('ok', $said['outcome']);
        self::assertSame($asks, str_contains((string) $said['words'], 'is the level where it was?'), (string) $said['words']);
    }

    #[Test]
    public function a_change_is_no_larger_than_the_system_and_a_fifth(): void
    {
        $most = 1.2 * (float) $this->system->volumeL();
        $litres = fn (float $l): string => $this->send(
            'litres',
            ['taskId' => $this->task()->id, 'outL' => $l, 'inL' => $l],
        )['outcome'];
        self::assertSame(['ok', 'refused'], [$litres($most - 0.01), $litres($most + 0.01)]);
    }

    #[Test]
    public function what_another_visit_left_off_holds_this_one_until_it_is_on_or_meant(): void
    {
        $this->send('open', []);
        $this->send('litres', ['taskId' => $this->task()->id, 'outL' => 40, 'inL' => 40]);
        $this->task()->update(['state' => 'done', 'done_at' => now(), 'done_by' => $this->ines->id]);
        $other = Fixture::visit($this->system);
        $off = OffRecord::query()->create([
            'visit_id' => $other->id,
            'system_id' => $this->system->id,
            'what' => 'Skimmer',
            'off_at' => now()->subDays(2),
            'off_by' => $this->ines->id,
            'client_uuid' => (string) Str::uuid(),
        ]);
        $close = fn (): array => $this->send('close', ['ticked' => array_keys(LeaveSafe::TICKS)]);
        $held = $close();
        self::assertSame('refused', $held['outcome']);
        self::assertStringContainsString('still off: skimmer', (string) $held['words']);
        $off->update(['stays_because' => 'motor at the maker', 'review_on' => now()->addWeek()->toDateString()]);
        self::assertSame('ok', $close()['outcome'], 'meant to stay off');
    }

    #[Test]
    public function only_its_crew_opens_a_visit(): void
    {
        $this->actingAs($this->ines)->get("/visits/{$this->visit->id}")->assertOk();
        $other = self::user('technician');
        $this->actingAs($other)->get("/visits/{$this->visit->id}")->assertForbidden();
        $this->actingAs($other)
            ->postJson("/visits/{$this->visit->id}/entries", ['entries' => []])
            ->assertForbidden();
        self::assertTrue($this->visit->load('crew.members')->isMine($this->ines));
        self::assertFalse($this->visit->isMine($other));
    }

    #[Test]
    public function what_may_be_done_by_then_rides_along_and_what_may_not_waits(): void
    {
        // Due today; of a fortnight's interval one begun two weeks less a day ago may come along, one of yesterday may not.
        $site = self::site('Client of riders', 'House of riders');
        $system = Fixture::system($site, self::user('planner'));
        Fixture::task($system, 'change', 60);
        $every = (int) Fixture::taskType('glass')->every_days;
        Fixture::task($system, 'glass', $every - 1);
        Fixture::task($system, 'carbon', 1);
        VisitMaker::at([$site->id]);
        $visit = Visit::query()->where('site_id', $site->id)->sole();
        self::assertEqualsCanonicalizing(
            ['change', 'glass'],
            $visit->tasks()->with('type')->get()->map(fn (VisitTask $t): string => (string) $t->type?->key)->all(),
        );
    }

    private function task(): VisitTask
    {
        return $this->visit->tasks()->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array{outcome: string, words: string|null}
     */
    private function send(string $kind, array $payload): array
    {
        $answers = $this->actingAs($this->ines)
            ->postJson("/visits/{$this->visit->id}/entries", [
                'entries' => [
                    [
                        'uuid' => (string) Str::uuid(),
                        'kind' => $kind,
                        'at' => now()->toIso8601String(),
                        'payload' => $payload,
                    ],
                ],
            ])
            ->assertOk()
            ->json('answers');

        return $answers[0];
    }
}
