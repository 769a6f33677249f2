<?php

declare(strict_types=1);

namespace App\Demo;

use App\Systems\Judge;
use App\Systems\System;
use App\Systems\SystemStart;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\ReadingUnit;

/** Fourteen months of readings, written in bulk and judged by the core. */
final class History
{
    private const WEEKS = 61;

    private const INSTRUMENTS = [
        'temperature' => 'hand thermometer 2',
        'salinity' => 'refractometer A',
        'ph' => 'pH pen',
        'alkalinity' => 'drop kit',
        'calcium' => 'drop kit',
        'magnesium' => 'drop kit',
        'nitrate' => 'colour kit',
        'phosphate' => 'photometer',
        'ammonia' => 'colour kit',
    ];

    /** @var list<array<string, mixed>> */
    private array $readings = [];

    /** @var list<array<string, mixed>> */
    private array $judgements = [];

    /** @param  non-empty-list<int>  $people */
    public function __construct(
        private readonly Chance $chance,
        private readonly array $people,
        private readonly int $everyDays,
    ) {
    }

    /**
     * @param  array<string, array{0: float, 1: float}>  $stories  by parameter: value now and change a day over the last weeks
     */
    public function write(System $system, array $stories): void
    {
        $bands = $system->regime->bands($system->isSettling());
        $rows = [];
        foreach ($bands as $parameter => $band) {
            $rows[] = [
                'system_id' => $system->id,
                'parameter' => $parameter,
                ...SystemStart::columns($band),
                'tracked' => 1,
                'created_at' => now(),
                'updated_at' => now(),
            ];
            $this->series($system, Parameter::from($parameter), $stories[$parameter] ?? null);
        }
        DB::table('bands')->insert($rows);
        if (count($this->readings) > 4000) {
            $this->flush();
        }
    }

    public function flush(): void
    {
        foreach (array_chunk($this->readings, 1000) as $chunk) {
            DB::table('readings')->insert($chunk);
        }
        foreach (array_chunk($this->judgements, 500) as $chunk) {
            DB::table('judgements')->insert($chunk);
        }
        DB::statement(
            'UPDATE systems SET first_leaves_at = (SELECT MIN(leaves_at) FROM judgements WHERE system_id = systems.id) WHERE id '.
            'IN (SELECT DISTINCT system_id FROM judgements) AND first_leaves_at IS NULL',
        );
        $this->readings = $this->judgements = [];
    }

    /** @param  array{0: float, 1: float}|null  $story */
    private function series(System $system, Parameter $parameter, ?array $story): void
    {
        $band = $system->regime->bands($system->isSettling())[$parameter->value];
        $low = $band->fineLow ?? 0.0;
        $high = $band->fineHigh ?? $low + 1;
        $width = $high - $low;
        $middle = $low + $width * $this->chance->float(0.4, 0.6);
        $rare = in_array(
            $parameter,
            [Parameter::Calcium, Parameter::Magnesium, Parameter::Nitrate, Parameter::Phosphate],
            true,
        );
        $now = now();
        $digits =
            $parameter->resolution() >= 5
                ? 0
                : ($parameter->resolution() >= 0.1
                    ? 1
                    : ($parameter->resolution() >= 0.05
                        ? 2
                        : 3));
        $series = [];
        $every = $this->everyDays * ($rare && $story === null ? 2 : 1);
        for ($ago = self::WEEKS * 7; $ago >= 1; $ago -= $every) {
            $at = $now->subDays($ago)->setTime(8 + $this->chance->int(0, 8), $this->chance->int(0, 59));
            $swing = sin($ago / 31 + $system->id) * $width * 0.06;
            $value =
                $story !== null && $ago <= 60
                    ? $story[0] - $story[1] * $ago + $this->chance->noise($parameter->resolution() * 0.2)
                    : ($story === null ? $middle : $story[0] - $story[1] * 60) +
                        $swing +
                        $this->chance->noise($width * 0.04);
            $value = round(max($parameter->plausible()[0], $value), $digits);
            $series[] = Reading::at(Judge::day($at), $value);
            $this->readings[] = [
                'system_id' => $system->id,
                'parameter' => $parameter->value,
                'taken_at' => $at,
                'value' => $value,
                'given_value' => $value,
                'given_unit' => ReadingUnit::for($parameter)[0]->value,
                'method' => $parameter === Parameter::Ph || $parameter === Parameter::Temperature ? 'probe' : 'kit',
                'instrument' => self::INSTRUMENTS[$parameter->value] ?? null,
                'user_id' => $this->chance->pick($this->people),
                'doubtful' => 0,
                'client_uuid' => (string) Str::uuid(),
                'created_at' => $at,
                'updated_at' => $at,
            ];
        }
        $this->judge($system, $parameter, $series, $now);
    }

    /** @param  non-empty-list<Reading>  $series */
    private function judge(System $system, Parameter $parameter, array $series, CarbonImmutable $now): void
    {
        $band = $system->regime->bands($system->isSettling())[$parameter->value];
        $judged = Judgement::of(array_slice($series, -60), $band, $parameter->resolution(), Judge::day($now));
        $last = Judge::moment($series[count($series) - 1]->day);
        $leaves =
            $judged->daysToLeave === null
                ? null
                : ($judged->standing->outside()
                    ? $last
                    : $now->addSeconds((int) min(6e8, $judged->daysToLeave * 86400)));
        $this->judgements[] = [
            'system_id' => $system->id,
            'parameter' => $parameter->value,
            'latest' => $judged->latest,
            'latest_at' => $last,
            'standing' => $judged->standing->value,
            'count' => $judged->count,
            'slope_per_day' => $judged->slopePerDay,
            'steady' => $judged->steady ? 1 : 0,
            'scatter' => $judged->scatter,
            'line_now' => $judged->lineNow,
            'days_to_leave' => $judged->daysToLeave,
            'leaves_at' => $leaves,
            'spread7' => $judged->spread7,
            'spread30' => $judged->spread30,
            'judged_at' => $now,
        ];
    }
}
