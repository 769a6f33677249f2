<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\House\TableRows;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Build\ColumnSpec;
use Velbrin\Core\Build\FieldSpec;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Build\TableSpec;

/** Whatever a plan may be told is asked, kept, compared and explained: a new fact or table is missing nowhere. */
final class EverywhereTest extends TestCase
{
    private User $planner;

    private Plan $plan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->plan = Fixture::plan(self::site(), $this->planner);
    }

    #[Test]
    public function every_fact_and_table_is_in_the_schema_and_on_the_page(): void
    {
        $input = (new Desk())->schema('plan')['input']['properties'];
        self::assertEqualsCanonicalizing(array_keys(PlanSheet::fields()), array_keys($input['values']['properties']));
        self::assertSame([], array_diff(array_keys(PlanTables::all()), array_keys($input)));

        $page = self::props($this->actingAs($this->planner)->get("/plans/{$this->plan->id}"));
        self::assertEqualsCanonicalizing(
            array_keys(PlanSheet::fields()),
            array_column($page['sheet'], 'key'),
        );
        self::assertEqualsCanonicalizing(array_keys(TableRows::specs()), array_keys($page['tables']));
        // What the page sends back: chambers stand apart in its type.
        preg_match('/export const TABLES = \[(.*?)\]/s', (string) file_get_contents(resource_path('js/shared/draft.ts')), $list);
        preg_match_all("/'(\w+)'/", $list[1] ?? '', $names);
        self::assertEqualsCanonicalizing(
            array_values(array_diff(array_keys(TableRows::specs()), ['chambers'])),
            $names[1],
        );
    }

    #[Test]
    public function every_fact_and_row_is_kept_as_typed_and_read_back(): void
    {
        $values = array_map(self::some(...), PlanSheet::fields());
        $rows = array_map(fn (TableSpec $t): array => [self::row($t, 'One')], TableRows::specs());
        $this->draft(['values' => $values, 'bases' => [], ...$rows]);
        $draft = $this->plan->refresh()->draft;
        self::assertEquals($values, $draft['values']);
        foreach ($rows as $key => $row) {
            self::assertEquals($row, $draft[$key], $key);
        }
        $raw = PlanReader::raw($this->plan);
        self::assertSame([], array_diff_key($values, $raw['values']));
        self::assertSame([], array_diff(array_keys(PlanTables::all()), array_keys($raw)));
    }

    #[Test]
    public function a_page_that_does_not_know_a_table_yet_takes_nothing_from_it(): void
    {
        foreach (TableRows::specs() as $key => $table) {
            $row = [self::row($table, 'Kept')];
            $this->draft(['values' => [], 'bases' => [], $key => $row]);
            $this->draft(['values' => ['lengthMm' => 900.0], 'bases' => []]);
            self::assertEquals($row, $this->plan->refresh()->draft[$key], "{$key}: not sent, so not touched");
            $this->draft(['values' => [], 'bases' => [], $key => []]);
            self::assertSame([], $this->plan->refresh()->draft[$key], "{$key}: sent empty, so emptied");
        }
    }

    #[Test]
    public function every_difference_of_two_versions_is_said(): void
    {
        $compared = function (array $brief): array {
            $was = $this->version(PlanReader::raw($this->plan));
            $is = $this->version($brief);

            return self::props($this->get("/plans/{$this->plan->id}/compare?a={$was}&b={$is}"))['view'];
        };
        $this->actingAs($this->planner);
        $before = PlanReader::raw($this->plan);
        foreach (['rockKg' => 55.0, 'residual' => 'no', 'standKg' => 71.0] as $key => $value) {
            $view = $compared([...$before, 'values' => [...$before['values'], $key => $value]]);
            self::assertSame([PlanSheet::fields()[$key]->label], array_column($view['facts'], 'label'), $key);
        }
        foreach (PlanTables::all() as $key => $table) {
            $rows = $before[$key];
            $view = $compared([...$before, $key => [...$rows, self::row($table, 'New one')]]);
            self::assertContains(ucfirst($table->says), array_column($view['tables'], 'label'), $key);
            $line = collect($view['tables'])->firstWhere('label', ucfirst($table->says));
            self::assertSame(
                [(string) count($rows), count($rows) + 1 .': new New one'],
                [$line['before'], $line['after']],
                $key,
            );
        }
    }

    /** @param  array<string, mixed>  $draft */
    private function draft(array $draft): void
    {
        $this->actingAs($this->planner)
            ->post("/plans/{$this->plan->id}/draft", [...$draft, 'revision' => $this->plan->refresh()->revision])
            ->assertOk();
    }

    /** @param  array<string, mixed>  $brief */
    private function version(array $brief): int
    {
        return PlanVersion::query()->create([
            'plan_id' => $this->plan->id,
            'number' => $this->plan->versions()->count() + 1,
            'brief' => $brief,
            'core_version' => '1',
            'user_id' => $this->planner->id,
        ])->id;
    }

    private static function some(FieldSpec $spec): float|string
    {
        return $spec->choices !== [] ? array_key_first($spec->choices) : (float) ($spec->least ?? 1);
    }

    /** @return array<string, float|string|bool|null> a sound row */
    private static function row(TableSpec $table, string $name): array
    {
        $row = ['name' => $name];
        foreach ($table->columns as $column) {
            $row[$column->key] = self::cell($column);
        }

        return $row;
    }

    private static function cell(ColumnSpec $column): float|string|bool|null
    {
        return match (true) {
            $column->isFlag() => false,
            $column->choices !== [] => array_key_first($column->choices),
            $column->letters > 0, $column->kind === null => null,
            default => (float) ($column->least ?? 1),
        };
    }
}
