<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Rounds\JobSheetVersion;
use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Rounds\BuildJobs;
use Velbrin\Core\Rounds\TaskLibrary;

/** A company that begins, or comes from an older Velbrin, has every kind of job of the library; what it made of its own stays. */
final class LibraryTest extends TestCase
{
    #[Test]
    public function all_kinds_of_job_are_put_in_with_their_sheets_and_its_own_are_kept(): void
    {
        TaskStart::kind('call-out')->sheets()->delete();
        TaskStart::kind('errand')->update(['name' => 'Ours', 'every_days' => 77]);

        $this->artisan('velbrin:library')->expectsOutputToContain('were added from the library')->assertSuccessful();
        $all = count([...TaskLibrary::all(), ...BuildJobs::all()]);
        self::assertSame([$all, $all], [TaskType::query()->count(), JobSheetVersion::query()->where('version', 1)->count()]);
        self::assertSame(['Ours', 77.0], array_values(TaskType::query()->where('key', 'errand')->sole()->only('name', 'every_days')));

        $this->artisan('velbrin:library')->doesntExpectOutputToContain('were added')->assertSuccessful();
        self::assertSame([$all, $all], [TaskType::query()->count(), JobSheetVersion::query()->count()]);
    }

    #[Test]
    public function one_kind_that_came_before_the_others_keeps_none_of_them_away(): void
    {
        TaskStart::kind('call-out');
        $planner = self::user('planner');
        self::assertGreaterThan(5, TaskStart::standard(Fixture::system(self::site(), $planner))->made);

        TaskType::query()->where('key', 'drill-glass')->sole()->sheets()->delete();
        $page = self::props($this->actingAs($planner)->get('/settings/jobs?sheet=drill-glass'));
        self::assertSame('Drill a hole in glass', $page['sheet']['name']);
        self::assertSame(['as the library has it'], array_column($page['history'], 'reason'));
    }
}
