<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Stages;

final class StageGateTest extends TestCase
{
    #[Test]
    public function gates_pass_in_order_and_no_sooner_than_silicone_cures(): void
    {
        self::assertSame('First “Survey signed” must pass', self::against('structure', StageGate::PROOF, [], 0));
        self::assertNull(self::against('survey', StageGate::PROOF, [], 0));
        self::assertNotNull(self::against('survey', StageGate::PROOF, ['survey' => 0], 1), 'passed already');
        $ordered = ['survey' => 0, 'structure' => 0, 'ordered' => 2];
        self::assertNull(
            self::against('fabricated', StageGate::PROOF, $ordered, 3),
            'built the day after: the cure begins then',
        );
        self::assertNotNull(
            self::against('fabricated', StageGate::WAIVER, $ordered, 1),
            'not before the stage ahead of it',
        );
        // Seven days of cure and two of test, from the day it was built.
        $built = [...$ordered, 'fabricated' => 30];
        self::assertStringContainsString('9 days', (string) self::against('leak-test', StageGate::PROOF, $built, 38));
        self::assertNull(self::against('leak-test', StageGate::PROOF, $built, 39));
        self::assertNull(
            self::against('leak-test', StageGate::WAIVER, $built, 31),
            'a waiver passes, and stays visible',
        );
    }

    #[Test]
    public function what_can_hurt_people_passes_by_a_positive_fine_or_a_document_never_by_a_reason(): void
    {
        $stages = array_column(self::stages(), null, 'key');
        foreach (['structure', 'electrics', 'lights'] as $key) {
            self::assertNotContains(StageGate::WAIVER, StageGate::ways($stages[$key], [SoundPlan::answer()]), $key);
            self::assertContains(StageGate::DOCUMENT, StageGate::ways($stages[$key], [SoundPlan::answer()]), $key);
        }
        $survey = ['survey' => 0];
        $weak = SoundPlan::answer(['allowanceKpa' => 1.5]);
        self::assertNull(self::against('structure', StageGate::PROOF, $survey, 0), 'the numbers meet the rule');
        self::assertNotNull(self::against('structure', StageGate::PROOF, $survey, 0, $weak));
        self::assertStringContainsString(
            'hurt people',
            (string) self::against('structure', StageGate::WAIVER, $survey, 0, $weak),
        );
        self::assertNull(self::against('structure', StageGate::DOCUMENT, $survey, 0, $weak));
    }

    /** @return iterable<string, array{0: string, 1: string}> stage, fact taken away */
    public static function silences(): iterable
    {
        foreach (['allowanceKpa', 'spanMm', 'balcony', 'wallOpening', 'rockKg', 'wallMm', 'standKg'] as $fact) {
            yield "the floor without {$fact}" => ['structure', $fact];
        }
        foreach (['lampsKg', 'fixings', 'breakingKg', 'sheaves'] as $fact) {
            yield "the lamps without {$fact}" => ['lights', $fact];
        }
    }

    #[Test]
    #[DataProvider('silences')]
    public function a_gate_stays_shut_on_silence(string $stage, string $fact): void
    {
        $gate = array_column(self::stages(), null, 'key')[$stage];
        self::assertContains(StageGate::PROOF, StageGate::ways($gate, [SoundPlan::answer()]));
        self::assertSame([StageGate::DOCUMENT], StageGate::ways($gate, [SoundPlan::answer([$fact => null])]));
    }

    #[Test]
    public function what_was_accepted_and_what_is_known_today_both_hold_the_gate(): void
    {
        $gate = array_column(self::stages(), null, 'key')['structure'];
        [$sound, $weak] = [SoundPlan::answer(), SoundPlan::answer(['spanMm' => null])];
        self::assertContains(StageGate::PROOF, StageGate::ways($gate, [$sound, $sound]));
        self::assertSame([StageGate::DOCUMENT], StageGate::ways($gate, [$sound, $weak]), 'a rule mended since protects too');
        self::assertSame([StageGate::DOCUMENT], StageGate::ways($gate, [$weak, $sound]), 'what was open then is not closed by a new core');
    }

    #[Test]
    public function the_cycle_passes_by_its_readings_not_by_a_day(): void
    {
        $before = array_fill_keys(array_map(fn (Stage $s): string => $s->key, array_slice(self::stages(), 0, 13)), 0);
        $lacks = ['cycle' => 'the proof asks for two'];
        $gate = fn (string $by, array $lacks): ?string => StageGate::against(
            'cycle',
            $by,
            self::stages(),
            $before,
            [SoundPlan::answer()],
            400,
            lacks: $lacks,
        );
        self::assertSame('the proof asks for two', $gate(StageGate::PROOF, $lacks), 'four hundred days prove nothing');
        self::assertNull($gate(StageGate::WAIVER, $lacks));
        self::assertNull(
            StageGate::against('cycle', StageGate::PROOF, self::stages(), $before, [SoundPlan::answer()], 5),
        );
    }

    #[Test]
    public function what_is_passed_brings_the_rest_forward(): void
    {
        $stages = self::stages();
        $whole = Stages::course($stages);
        $some = Stages::course($stages, ['survey', 'structure', 'ordered']);
        self::assertEqualsWithDelta($whole['ordered'][1], $whole['handover'][1] - $some['handover'][1], 1e-9);
        self::assertSame(
            [0.0, 0.0],
            Stages::course($stages, array_map(fn (Stage $s): string => $s->key, $stages))['handover'],
        );
    }

    #[Test]
    public function deliveries_move_the_stages_that_need_them(): void
    {
        $stages = self::stages();
        $promised = fn (int $day, ?int $received = null, bool $whole = true): array => [
            new Delivery('the tank', 'set', $day, $received, $whole),
        ];
        $handover = fn (?array $holds): float => Stages::course(
            $stages,
            ['survey', 'structure', 'ordered', 'fabricated', 'leak-test'],
            $holds,
        )['handover'][1];
        self::assertEqualsWithDelta(
            30.0,
            $handover(Delivery::holds($promised(140), 110)) - $handover([]),
            1e-9,
            'thirty days to go, thirty days later',
        );
        self::assertSame(
            $handover([]),
            $handover(Delivery::holds($promised(140, 120), 125)),
            'what is here holds nothing',
        );
        self::assertSame([], Delivery::findings($promised(140), [], 110));
        self::assertStringContainsString('late', Delivery::findings($promised(100), [], 110)[0]->what->template);
        self::assertStringContainsString(
            'incomplete',
            Delivery::findings($promised(100, 105, false), [], 110)[0]->what->template,
        );
        self::assertEqualsWithDelta(
            -Stages::LEAD_DAYS,
            Stages::course($stages, [], [])['handover'][1] - Stages::course($stages)['handover'][1],
            1e-9,
            'known orders replace the longest lead',
        );
        self::assertSame(
            'The owner has not consented',
            StageGate::against('survey', StageGate::PROOF, $stages, [], [SoundPlan::answer()], 0, [
                'survey' => 'The owner has not consented',
            ]),
        );
    }

    /** @param  array<string, int>  $passed */
    private static function against(
        string $key,
        string $by,
        array $passed,
        int $day,
        ?PlanAnswers $answers = null,
    ): ?string {
        return StageGate::against($key, $by, self::stages(), $passed, [$answers ?? SoundPlan::answer()], $day);
    }

    #[Test]
    public function a_tank_is_set_by_two_at_least_and_by_one_for_each_fifty_kilograms(): void
    {
        $persons = [];
        $large = ['lengthMm' => 3000, 'widthMm' => 1000, 'heightMm' => 1000];
        foreach ([...range(6, 24), ...range(14, 32)] as $n => $wallMm) {
            $facts = Facts::of(SoundPlan::brief(['wallMm' => $wallMm, 'floorMm' => $wallMm] + ($n < 19 ? [] : $large)));
            $set = array_values(array_filter(Stages::of($facts), fn (Stage $s): bool => $s->key === 'set'))[0];
            $kg = DisplayTank::vessel($facts)->massKg();
            self::assertSame(min(8, max(2, (int) ceil($kg / 50))), $set->persons, "{$kg} kg");
            $persons[] = $set->persons;
        }
        self::assertGreaterThan(3, count(array_unique($persons)));
        self::assertSame(8, max($persons), 'more find no hold: an aid lifts it');
    }

    /** @return list<Stage> */
    private static function stages(): array
    {
        return Stages::of(
            Facts::of(
                PlanBrief::read([
                    'values' => [
                        'lengthMm' => 1024,
                        'widthMm' => 524,
                        'heightMm' => 512,
                        'wallMm' => 12,
                        'floorMm' => 12,
                        'rockKg' => 28,
                        'sandDepthMm' => 0,
                        'waterGapMm' => 50,
                        'weirBelowRimMm' => 'none',
                        'standKg' => 60,
                    ],
                ]),
            ),
        );
    }
}
