<?php

declare(strict_types=1);

namespace Tests\Demo;

use App\Demo\World;
use App\House\RuleBook;
use App\Systems\Judge;
use App\Systems\System;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\TestCase;

/** Where a world is made, and that what it writes in bulk is what the application would write. */
final class AnyWorldTest extends TestCase
{
    #[Test]
    public function a_world_is_made_where_the_demo_is_on_and_nowhere_else(): void
    {
        config()->set('velbrin.demo', false);
        $this->artisan('velbrin:world', ['--fresh' => true])->assertFailed();
        config()->set('velbrin.demo', true);
        DB::table('demo_worlds')->insert(['systems' => 40, 'seed' => 1, 'finished_at' => now()->subDays(30)]);
        $this->artisan('velbrin:world')->expectsOutputToContain('There is a world already')->assertFailed();
        $this->artisan('velbrin:world', ['--once' => true])
            ->expectsOutputToContain('30 days old')
            ->assertSuccessful();
    }

    #[Test]
    public function bulk_judgements_are_the_ones_the_application_writes(): void
    {
        World::make(3, 7, fn (): null => null);
        $system = System::query()->with('bands')->orderBy('id')->firstOrFail();
        foreach ($system->judgements()->get() as $before) {
            Judge::again($system, $before->parameter);
            $after = $system->judgements()->where('parameter', $before->parameter->key())->sole();
            self::assertEqualsWithDelta($before->slope_per_day, $after->slope_per_day, 1e-6);
            self::assertSame($before->standing, $after->standing);
        }
    }

    #[Test]
    public function every_rule_a_finding_quotes_has_its_page(): void
    {
        $quoted = [];
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(base_path('core/src'), RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            preg_match_all("/'([A-Z]-\\d+)'/", (string) file_get_contents((string) $file), $m);
            array_push($quoted, ...$m[1]);
        }
        $quoted = array_unique($quoted);
        self::assertContains('B-32', $quoted);
        self::assertContains('K-2', $quoted);
        self::assertSame([], array_values(array_diff($quoted, array_keys(RuleBook::all()))));
    }
}
