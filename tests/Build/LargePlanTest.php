<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Plan;
use App\Demo\Builds;
use App\Front\Http\HandleInertiaRequests;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** The largest plan a planner brings stays quick while it is typed. */
final class LargePlanTest extends TestCase
{
    private const MOST_MS = 150.0;

    /** Of the time a fixed sum takes, about 50 ms where the limit above was set: a slower machine is slow at both. */
    private const MOST_SUMS = 3.0;

    private const MOST_BYTES = 64 * 1024 * 1024;

    #[Test]
    public function a_large_plan_is_answered_while_it_is_typed(): void
    {
        $planner = self::user('planner');
        $values = [...Builds::facts('grand'), ...Builds::cabinet('grand')];
        $draft = [
            'values' => $values,
            'bases' => [],
            'chambers' => Builds::chambers('grand'),
            ...Builds::fittings('grand'),
            ...require base_path('bin/lib/large-plan.php'),
        ];
        $plan = Plan::query()->create([
            'site_id' => self::site()->id,
            'name' => 'Large',
            'user_id' => $planner->id,
            'revision' => 1,
            'draft' => $draft,
        ]);
        // Once warm, the least of several stands for the work itself: what else the machine did is in the others.
        $this->type($planner, $plan, $draft, 0);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $answers = $sums = [];
        for ($i = 1; $i <= 8; $i++) {
            $sums[] = self::timed(self::sum(...));
            $answers[] = self::timed(function () use ($planner, $plan, &$draft, $i, &$live): void {
                $live = $this->type($planner, $plan, $draft, $i);
            });
        }

        self::assertSame(10, $live['revision']);
        self::assertCount(5, $live['answers']['light']);
        self::assertNotEmpty($live['answers']['cabinet'][0]['standing'] ?? []);
        self::assertLessThan(self::MOST_BYTES, memory_get_peak_usage() - $before);
        self::assertLessThan(
            max(self::MOST_MS, self::MOST_SUMS * min($sums)),
            min($answers),
            sprintf('the answer took %.0f ms where a fixed sum takes %.0f', min($answers), min($sums)),
        );
    }

    #[Test]
    public function a_change_asks_the_database_little(): void
    {
        $planner = self::user('planner');
        $draft = ['values' => Builds::facts('grand'), 'bases' => []];
        $plan = Plan::query()->create([
            'site_id' => self::site()->id,
            'name' => 'Plan',
            'user_id' => $planner->id,
            'revision' => 1,
            'draft' => $draft,
        ]);
        $this->type($planner, $plan, $draft, 0);
        DB::enableQueryLog();
        $this->type($planner, $plan, $draft, 1);

        self::assertLessThanOrEqual(14, count(DB::getQueryLog()));
    }

    /**
     * @param  array<string, mixed>  $draft
     * @return array<string, mixed>
     */
    private function type(User $planner, Plan $plan, array &$draft, int $kg): array
    {
        $draft['values']['rockKg'] = 100 + $kg;

        return $this->actingAs($planner)
            ->postJson(
                "/plans/{$plan->id}/draft",
                ['revision' => $kg + 1, ...$draft],
                [
                    'X-Inertia' => 'true',
                    'X-Inertia-Version' => (string) app(HandleInertiaRequests::class)->version(request()),
                    'X-Inertia-Partial-Component' => 'build/Plan',
                    'X-Inertia-Partial-Data' => 'live',
                ],
            )
            ->assertOk()
            ->json('props.live');
    }

    private static function sum(): void
    {
        for ($x = $k = 0; $k < 1_500_000; $k++) {
            $x += $k % 7;
        }
    }

    private static function timed(callable $work): float
    {
        $from = hrtime(true);
        $work();

        return (hrtime(true) - $from) / 1e6;
    }
}
