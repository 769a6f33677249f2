<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Systems\SystemBrief;
use App\Systems\SystemFindings;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Regime;

/** A further vessel is typed once, drawn, summed, accepted, and stands in the record. */
final class SeveralVesselsTest extends TestCase
{
    private const FRAG = [
        'name' => 'Frag tank',
        'lengthMm' => 620,
        'widthMm' => 420,
        'heightMm' => 350,
        'wallMm' => 10,
        'waterMm' => 250,
        'bottomMm' => 900,
        'downMm' => 5,
        'ownPump' => true,
    ];

    #[Test]
    public function it_goes_from_the_draft_into_the_record_and_counts_there(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $post = fn (array $vessels): mixed => $this->actingAs($planner)->post("/plans/{$plan->id}/draft", [
            ...array_intersect_key($plan->draft, ['values' => 0, 'chambers' => 0]),
            'bases' => [],
            'revision' => $plan->refresh()->revision,
            'vessels' => $vessels,
        ]);
        $live = self::props($post([self::FRAG])->assertOk())['live'];
        self::assertSame([], $live['answers']['errors']);
        self::assertContains('other-0', array_column($live['answers']['section']['shapes'], 'key'), 'it is drawn');
        self::assertArrayHasKey(
            'vessels.0.waterMm',
            self::props($post([[...self::FRAG, 'waterMm' => 900]]))['live']['answers']['errors'],
        );
        $post([self::FRAG]);

        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan->refresh()),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        $system = Acceptance::accept($version, $planner, 'Reef', 'mixed reef', Regime::Natural);
        $frag = $system->vessels()->where('role', SystemBrief::OTHER)->firstOrFail();
        self::assertSame('Frag tank', $frag->name);
        // 600 × 400 inside, 250 deep.
        self::assertEqualsWithDelta(60.0, (float) $frag->net_l, 1e-9);
        $system->refresh()->load('vessels');
        self::assertEqualsWithDelta(
            60.0,
            SystemFindings::answers($system)->figure('othersL')->quantity->value ?? 0.0,
            1e-9,
        );
        self::assertEqualsWithDelta(
            (float) $system->true_volume_l,
            SystemFindings::answers($system)->figure('systemL')->quantity->value ?? 0.0,
            1e-9,
        );
    }
}
