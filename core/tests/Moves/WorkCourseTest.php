<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\Work\Mark;
use Velbrin\Core\Moves\Work\OnRecord;
use Velbrin\Core\Moves\Work\Proof;
use Velbrin\Core\Moves\Work\Step;
use Velbrin\Core\Moves\Work\StepState;
use Velbrin\Core\Moves\Work\Todo;
use Velbrin\Core\Moves\Work\WorkCourse;
use Velbrin\Core\Moves\Work\WorkFacts;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkPlan;
use Velbrin\Core\Moves\Work\WorkVerb;

/** Changes of a running system: what comes before what, what takes its hours, what shows that it is done. */
final class WorkCourseTest extends TestCase
{
    private const H = 3600.0;

    private const FACTS = ['flowLh' => 3000.0, 'corals' => 12];

    /** @return iterable<string, array{WorkKind, WorkVerb}> */
    public static function works(): iterable
    {
        foreach (WorkKind::cases() as $kind) {
            foreach ($kind->verbs() as $verb) {
                yield "{$verb->value} {$kind->value}" => [$kind, $verb];
            }
        }
    }

    #[Test]
    #[DataProvider('works')]
    public function every_step_waits_only_for_steps_before_it_and_says_what_it_is(WorkKind $kind, WorkVerb $verb): void
    {
        $seen = [];
        $visit = 1;
        foreach (self::plan($kind, $verb)->steps as $step) {
            self::assertNotContains($step->todo, $seen, 'once');
            foreach ($step->after as $before) {
                self::assertContains($before, $seen, $step->todo->value);
            }
            self::assertGreaterThanOrEqual($visit, $step->visit);
            self::assertTrue($step->holdH <= 0 || $step->after !== [], 'a hold counts from something');
            self::assertNotSame('', $step->todo->says()->in(Units::metric()));
            $visit = $step->visit;
            $seen[] = $step->todo;
        }
    }

    #[Test]
    #[DataProvider('works')]
    public function done_in_order_and_in_time_it_is_complete_and_not_one_step_sooner(WorkKind $kind, WorkVerb $verb): void
    {
        $plan = self::plan($kind, $verb);
        [$marks, $record, $atS] = [[], new OnRecord(), 0.0];
        foreach ($plan->steps as $n => $step) {
            $course = WorkCourse::of($plan, $marks, $record);
            self::assertFalse($course->isComplete());
            self::assertSame($n, $course->done());
            $left = array_map(fn (Step $s): Todo => $s->todo, array_slice($plan->steps, $n));
            self::assertContains($course->next($atS)?->step->todo, $left);
            $atS += 60 + $step->holdH * self::H;
            if ($step->proof->isOnRecord()) {
                $record = self::said($record, $step->proof, $atS);

                continue;
            }
            $mark = self::mark($step, $atS);
            $course->accept($mark);
            $marks[] = $mark;
        }
        $course = WorkCourse::of($plan, $marks, $record);
        self::assertTrue($course->isComplete());
        self::assertNull($course->next($atS));
        // Take any one of them away: it is not complete, and nothing after it may be said.
        foreach ($marks as $n => $gone) {
            $rest = array_values(array_diff_key($marks, [$n => 0]));
            self::assertFalse(WorkCourse::of($plan, $rest, $record)->isComplete(), $gone->todo->value);
        }
    }

    #[Test]
    public function nothing_is_drilled_before_the_panel_is_tried_the_plan_signed_the_packet_read_and_the_water_down(): void
    {
        $plan = self::plan(WorkKind::Overflow, WorkVerb::Add);
        $marks = [new Mark(Todo::OffList, 0), new Mark(Todo::HeatersCool, 0), new Mark(Todo::WaterLowered, 3600),
            new Mark(Todo::HolesSigned, 0), new Mark(Todo::PacketCounted, 0), new Mark(Todo::ToughenedTried, 0, answer: true)];
        self::course($plan, $marks)->accept(new Mark(Todo::Drilled, 4000));
        foreach ([2, 3, 4, 5] as $n) {
            $rest = array_values(array_diff_key($marks, [$n => 0]));
            self::assertRefused('step', $plan, $rest, new Mark(Todo::Drilled, 4000));
        }
        // A no is kept, since it was found; it opens nothing.
        $marks[5] = new Mark(Todo::ToughenedTried, 0, answer: false);
        self::assertTrue(self::state($plan, $marks, Todo::ToughenedTried)->isRefused);
        self::assertRefused('step', $plan, $marks, new Mark(Todo::Drilled, 4000));
        self::assertRefused('answer', $plan, [], new Mark(Todo::ToughenedTried, 0));
    }

    #[Test]
    public function heaters_stand_a_quarter_of_an_hour_before_they_bare(): void
    {
        $plan = self::plan(WorkKind::Overflow, WorkVerb::Replace);
        $marks = [new Mark(Todo::OffList, 100), new Mark(Todo::HeatersCool, 200)];
        self::assertRefused('step', $plan, $marks, new Mark(Todo::WaterLowered, 200 + 899));
        self::course($plan, $marks)->accept(new Mark(Todo::WaterLowered, 200 + 900));
        self::assertSame(1100.0, self::state($plan, $marks, Todo::WaterLowered)->fromS);
        self::assertFalse(self::state($plan, $marks, Todo::WaterLowered)->isOpen(1099));
        self::assertTrue(self::state($plan, $marks, Todo::WaterLowered)->isOpen(1100));
    }

    #[Test]
    public function a_leak_test_lasts_as_long_as_was_said_and_wants_its_photo(): void
    {
        $plan = WorkPlan::of(WorkKind::Vessel, WorkVerb::Add, new WorkFacts(leakH: 36));
        $marks = [new Mark(Todo::FloorLookedAt, 0), new Mark(Todo::FilledToTest, 0)];
        self::assertRefused('step', $plan, $marks, new Mark(Todo::LeakTested, 36 * self::H - 1, hasPhoto: true));
        self::assertRefused('photo', $plan, $marks, new Mark(Todo::LeakTested, 36 * self::H));
        self::course($plan, $marks)->accept(new Mark(Todo::LeakTested, 36 * self::H, hasPhoto: true));
        foreach ([23.9, 168.1] as $leakH) {
            try {
                new WorkFacts(leakH: $leakH);
                self::fail("{$leakH} h");
            } catch (OutOfRange $e) {
                self::assertSame('leakH', $e->field);
            }
        }
    }

    /** @return iterable<string, array{WorkKind, WorkVerb, Todo, float, float}> inside, beyond */
    public static function limits(): iterable
    {
        yield 'a chip to half the seat' => [WorkKind::Overflow, WorkVerb::Add, Todo::ChipsRead, 4.0, 4.01];
        yield 'a flow at the least' => [WorkKind::ReturnPump, WorkVerb::Replace, Todo::FlowRead, 2550, 2549];
        yield 'a flow at the most' => [WorkKind::ReturnPump, WorkVerb::Replace, Todo::FlowRead, 3750, 3751];
        yield 'light a tenth more' => [WorkKind::Lamp, WorkVerb::Replace, Todo::LightReadAgain, 110, 110.1];
        yield 'light at the least' => [WorkKind::Lamp, WorkVerb::Replace, Todo::LightReadAgain, 40, 39.9];
        yield 'salinity below' => [WorkKind::Vessel, WorkVerb::Add, Todo::WaterMixed, -0.5, -0.51];
        yield 'salinity above' => [WorkKind::Vessel, WorkVerb::Add, Todo::WaterMixed, 0.5, 0.51];
        yield 'a kelvin' => [WorkKind::Swap, WorkVerb::Replace, Todo::Refilled, 1.0, 1.01];
        yield 'copper' => [WorkKind::Conversion, WorkVerb::Replace, Todo::CopperRead, 0.01, 0.011];
    }

    #[Test]
    #[DataProvider('limits')]
    public function a_number_within_does_and_one_beyond_is_kept_and_opens_nothing(
        WorkKind $kind,
        WorkVerb $verb,
        Todo $todo,
        float $inside,
        float $beyond,
    ): void {
        $plan = self::plan($kind, $verb);
        $fine = self::state($plan, [new Mark($todo, 50, $inside)], $todo);
        self::assertSame([50.0, false], [$fine->doneS, $fine->isRefused]);
        $kept = self::state($plan, [new Mark($todo, 50, $beyond)], $todo);
        self::assertSame([null, true], [$kept->doneS, $kept->isRefused]);
        self::assertNotSame('', (string) $kept->step->limit()?->in(Units::metric()));
        // Read again, the last counts.
        self::assertSame(60.0, self::state($plan, [new Mark($todo, 50, $beyond), new Mark($todo, 60, $inside)], $todo)->doneS);
        self::assertNull(self::state($plan, [new Mark($todo, 50, $inside), new Mark($todo, 60, $beyond)], $todo)->doneS);
    }

    #[Test]
    public function corals_are_glued_over_as_many_visits_as_it_takes(): void
    {
        $plan = self::plan(WorkKind::Swap, WorkVerb::Replace);
        $glued = fn (float ...$n): StepState => self::state(
            $plan,
            array_map(fn (float $v): Mark => new Mark(Todo::CoralsGlued, $v, $v), array_values($n)),
            Todo::CoralsGlued,
        );
        self::assertSame([null, 9.0], [$glued(4, 5)->doneS, $glued(4, 5)->counted]);
        self::assertSame(3.0, $glued(4, 5, 3)->doneS);
        $unsaid = WorkPlan::of(WorkKind::Swap, WorkVerb::Replace, new WorkFacts());
        self::assertNull(self::state($unsaid, [new Mark(Todo::CoralsGlued, 1, 500)], Todo::CoralsGlued)->doneS, 'nobody said how many');
        $before = [];
        foreach ($plan->steps as $step) {
            if ($step->todo === Todo::CoralsGlued) {
                break;
            }
            $before[] = self::mark($step, 1e6 * $step->visit + 1e5);
        }
        self::assertRefused('value', $plan, $before, new Mark(Todo::CoralsGlued, 9e6, 0));
        self::assertRefused('value', $plan, $before, new Mark(Todo::CoralsGlued, 9e6, 1.5));
        self::course($plan, $before)->accept(new Mark(Todo::CoralsGlued, 9e6, 1));
    }

    #[Test]
    public function what_may_have_held_copper_is_read_twice_a_week_apart(): void
    {
        $has = fn (?bool $copper): bool => WorkPlan::of(WorkKind::Conversion, WorkVerb::Replace, new WorkFacts(hadCopper: $copper))
            ->step(Todo::CopperReadAgain) !== null;
        self::assertSame([false, true, true], [$has(false), $has(true), $has(null)]);
        $plan = WorkPlan::of(WorkKind::Conversion, WorkVerb::Replace, new WorkFacts(hadCopper: true));
        $marks = [new Mark(Todo::Inspected, 0, answer: true, hasPhoto: true), new Mark(Todo::CopperAsked, 0), new Mark(Todo::Soaked, 0)];
        self::assertRefused('step', $plan, $marks, new Mark(Todo::CopperRead, 48 * self::H - 1, 0));
        $marks[] = new Mark(Todo::CopperRead, 48 * self::H, 0);
        self::assertRefused('step', $plan, $marks, new Mark(Todo::CopperReadAgain, (48 + 168) * self::H - 1, 0));
        self::course($plan, $marks)->accept(new Mark(Todo::CopperReadAgain, (48 + 168) * self::H, 0));
        $all = [Todo::ToughenedTried->value, Todo::HolesSigned->value, Todo::PacketCounted->value, Todo::CopperReadAgain->value];
        self::assertSame($all, array_map(fn (Todo $t): string => $t->value, $plan->step(Todo::Drilled)->after ?? []));
    }

    #[Test]
    public function what_the_record_says_is_not_ticked(): void
    {
        $plan = self::plan(WorkKind::ReturnPump, WorkVerb::Replace);
        self::assertRefused('step', $plan, [], new Mark(Todo::Exchanged, 0));
        self::assertRefused('step', $plan, [], new Mark(Todo::RipplesConfirmed, 0));
        self::assertRefused('step', $plan, [], new Mark(Todo::Drilled, 0));
        $course = WorkCourse::of($plan, [], new OnRecord(exchangedS: 7.0, ripplesS: 8.0, vesselS: 9.0));
        self::assertSame(7.0, $course->stateOf(Todo::Exchanged)?->doneS);
        self::assertNull($course->stateOf(Todo::RipplesConfirmed)?->doneS, 'nothing waits before anything was changed');
        $ran = [new Mark(Todo::JointsDry, 7), new Mark(Todo::FlowRead, 7, 3000), new Mark(Todo::CutRehearsed, 7)];
        $after = WorkCourse::of($plan, $ran, new OnRecord(exchangedS: 7.0, ripplesS: 8.0));
        self::assertSame(8.0, $after->stateOf(Todo::RipplesConfirmed)?->doneS);
        self::assertSame(9.0, WorkCourse::of(
            self::plan(WorkKind::Vessel, WorkVerb::Retire),
            [],
            new OnRecord(vesselS: 9.0),
        )->stateOf(Todo::VesselOnRecord)?->doneS);
    }

    #[Test]
    public function an_inspection_is_a_verdict_with_a_photo(): void
    {
        $plan = self::plan(WorkKind::Conversion, WorkVerb::Replace);
        self::assertRefused('answer', $plan, [], new Mark(Todo::Inspected, 0, hasPhoto: true));
        self::assertRefused('photo', $plan, [], new Mark(Todo::Inspected, 0, answer: true));
        self::course($plan, [])->accept(new Mark(Todo::Inspected, 0, answer: false, hasPhoto: true));
        self::assertTrue(self::state($plan, [new Mark(Todo::Inspected, 0, answer: false, hasPhoto: true)], Todo::Inspected)->isRefused);
        self::assertSame(0.0, self::state($plan, [new Mark(Todo::Inspected, 0, answer: true, hasPhoto: true)], Todo::Inspected)->doneS);
    }

    #[Test]
    public function what_may_be_done_comes_before_what_waits_and_what_waits_least_first(): void
    {
        $plan = self::plan(WorkKind::Lamp, WorkVerb::Retire);
        self::assertSame(Todo::SettingsCopied, self::course($plan, [])->next(0)?->step->todo);
        $marks = [new Mark(Todo::SettingsCopied, 0), new Mark(Todo::OffList, 0), new Mark(Todo::HeatersCool, 0)];
        $record = new OnRecord(exchangedS: 1000);
        $marks[] = new Mark(Todo::BackOn, 2000);
        $waits = WorkCourse::of($plan, $marks, new OnRecord(exchangedS: 1000, ripplesS: 2000));
        self::assertSame(Todo::LookedNextDay, $waits->next(3000)?->step->todo);
        self::assertSame(Todo::RipplesConfirmed, WorkCourse::of($plan, $marks, $record)->next(3000)?->step->todo);
        self::assertSame(Todo::LookedNextDay, $waits->next(2000 + 25 * self::H)?->step->todo);
    }

    private static function plan(WorkKind $kind, WorkVerb $verb): WorkPlan
    {
        return WorkPlan::of($kind, $verb, new WorkFacts(...self::FACTS));
    }

    /** @param  list<Mark>  $marks */
    private static function course(WorkPlan $plan, array $marks): WorkCourse
    {
        return WorkCourse::of($plan, $marks, new OnRecord());
    }

    /** @param  list<Mark>  $marks */
    private static function state(WorkPlan $plan, array $marks, Todo $todo): StepState
    {
        return self::course($plan, $marks)->stateOf($todo) ?? self::fail("{$todo->value} is no step");
    }

    /** @param  list<Mark>  $marks */
    private static function assertRefused(string $field, WorkPlan $plan, array $marks, Mark $mark): void
    {
        try {
            self::course($plan, $marks)->accept($mark);
            self::fail("{$mark->todo->value} was accepted");
        } catch (OutOfRange $e) {
            self::assertSame($field, $e->field);
        }
    }

    private static function mark(Step $step, float $atS): Mark
    {
        return new Mark(
            todo: $step->todo,
            atS: $atS,
            value: match ($step->proof) {
                Proof::Number => $step->least ?? 0.0,
                Proof::Count => (float) ($step->wanted ?? 1),
                default => null,
            },
            answer: $step->proof->wantsAnswer() ? true : null,
            hasPhoto: $step->proof->wantsPhoto(),
        );
    }

    private static function said(OnRecord $was, Proof $proof, float $atS): OnRecord
    {
        return new OnRecord(
            exchangedS: $proof === Proof::Register ? $atS : $was->exchangedS,
            vesselS: $proof === Proof::Vessel ? $atS : $was->vesselS,
            ripplesS: $proof === Proof::Ripples ? $atS : $was->ripplesS,
        );
    }
}
