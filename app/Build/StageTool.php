<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\Stage;

/** One thing taken along to a stage, in the company's own list (B-72). */
#[UsePolicy(StageToolPolicy::class)]
final class StageTool extends Row
{
    use Audited;

    protected $fillable = ['stage', 'name', 'missed_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['missed_on' => 'immutable_date'];
    }

    /**
     * The company's list where it has one, else the house's.
     *
     * @param  list<Stage>  $stages
     * @return array<string, list<string>> by stage
     */
    public static function lists(array $stages): array
    {
        $own = self::query()->orderBy('id')->get()->groupBy('stage');

        return array_combine(
            array_map(fn (Stage $s): string => $s->key, $stages),
            array_map(
                fn (Stage $s): array => array_values(
                    isset($own[$s->key]) ? $own[$s->key]->map(fn (self $t): string => $t->name)->all() : $s->tools,
                ),
                $stages,
            ),
        );
    }

    /** What was missed once is offered from then on; the house's list becomes the company's with it. */
    public static function missed(Stage $stage, string $name, CarbonImmutable $on): void
    {
        DB::transaction(function () use ($stage, $name, $on): void {
            if (! self::query()->where('stage', $stage->key)->exists()) {
                array_map(
                    fn (string $tool): self => self::query()->create(['stage' => $stage->key, 'name' => $tool]),
                    $stage->tools,
                );
            }
            self::query()->updateOrCreate(
                ['stage' => $stage->key, 'name' => $name],
                ['missed_on' => $on->toDateString()],
            );
        });
    }
}
