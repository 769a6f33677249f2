<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Stages;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

final class StageGateTest extends TestCase
{
    #[Test]
    public function gates_pass_in_order_and_no_sooner_than_silicone_cures(): void
    {
        $stages = self::stages();
        self::assertSame('First “Survey signed” must pass', StageGate::against('structure', StageGate::PROOF, $stages, [], [], 0));
        self::assertNull(StageGate::against('survey', StageGate::PROOF, $stages, [], [], 0));
        self::assertNotNull(StageGate::against('survey', StageGate::PROOF, $stages, ['survey' => 0], [], 1), 'passed already');
        $passed = ['survey' => 0, 'structure' => 0, 'ordered' => 2];
        self::assertStringContainsString('7 days', (string) StageGate::against('fabricated', StageGate::PROOF, $stages, $passed, [], 8));
        self::assertNull(StageGate::against('fabricated', StageGate::PROOF, $stages, $passed, [], 9));
        self::assertNull(StageGate::against('fabricated', StageGate::WAIVER, $stages, $passed, [], 3), 'a waiver passes, and stays visible');
        self::assertNotNull(StageGate::against('fabricated', StageGate::WAIVER, $stages, $passed, [], 1), 'not before the stage ahead of it');
    }

    #[Test]
    public function what_can_hurt_people_passes_by_numbers_or_a_document_never_by_a_reason(): void
    {
        $stages = self::stages();
        $weak = Finding::of(Severity::Stop, 'B-11', 'floor', Sentence::of('Too much for this floor'), Sentence::of('It bends.'), null, Grounds::plain(Basis::Measured));
        foreach (['structure', 'electrics', 'lights'] as $key) {
            $stage = array_column($stages, null, 'key')[$key];
            self::assertNotContains(StageGate::WAIVER, StageGate::ways($stage, []), $key);
            self::assertContains(StageGate::DOCUMENT, StageGate::ways($stage, []), $key);
        }
        self::assertNull(StageGate::against('structure', StageGate::PROOF, $stages, ['survey' => 0], [], 0), 'the numbers meet the rule');
        self::assertNotNull(StageGate::against('structure', StageGate::PROOF, $stages, ['survey' => 0], [$weak], 0));
        self::assertStringContainsString('hurt people', (string) StageGate::against('structure', StageGate::WAIVER, $stages, ['survey' => 0], [$weak], 0));
        self::assertNull(StageGate::against('structure', StageGate::DOCUMENT, $stages, ['survey' => 0], [$weak], 0));
    }

    #[Test]
    public function what_is_passed_brings_the_rest_forward(): void
    {
        $stages = self::stages();
        $whole = Stages::course($stages);
        $some = Stages::course($stages, ['survey', 'structure', 'ordered']);
        self::assertEqualsWithDelta($whole['ordered'][1], $whole['handover'][1] - $some['handover'][1], 1e-9);
        self::assertSame([0.0, 0.0], Stages::course($stages, array_map(fn (Stage $s): string => $s->key, $stages))['handover']);
    }

    #[Test]
    public function deliveries_move_the_stages_that_need_them(): void
    {
        $stages = self::stages();
        $promised = fn (int $day, ?int $received = null, bool $whole = true): array => [new Delivery('the tank', 'set', $day, $received, $whole)];
        $handover = fn (?array $holds): float => Stages::course($stages, ['survey', 'structure', 'ordered', 'fabricated', 'leak-test'], $holds)['handover'][1];
        self::assertEqualsWithDelta(30.0, $handover(Delivery::holds($promised(140), 110)) - $handover([]), 1e-9, 'thirty days to go, thirty days later');
        self::assertSame($handover([]), $handover(Delivery::holds($promised(140, 120), 125)), 'what is here holds nothing');
        self::assertSame([], Delivery::findings($promised(140), [], 110));
        self::assertStringContainsString('late', Delivery::findings($promised(100), [], 110)[0]->what->template);
        self::assertStringContainsString('incomplete', Delivery::findings($promised(100, 105, false), [], 110)[0]->what->template);
        self::assertEqualsWithDelta(-Stages::LEAD_DAYS, Stages::course($stages, [], [])['handover'][1] - Stages::course($stages)['handover'][1], 1e-9, 'known orders replace the longest lead');
        self::assertSame('The owner has not consented', StageGate::against('survey', StageGate::PROOF, $stages, [], [], 0, ['survey' => 'The owner has not consented']));
    }

    /** @return list<Stage> */
    private static function stages(): array
    {
        return Stages::of(Facts::of(PlanBrief::read(['values' => [
            'lengthMm' => 1024, 'widthMm' => 524, 'heightMm' => 512, 'wallMm' => 12, 'floorMm' => 12, 'rockKg' => 28, 'sandDepthMm' => 0, 'waterGapMm' => 50, 'weirBelowRimMm' => 'none', 'standKg' => 60,
        ]])));
    }
}
