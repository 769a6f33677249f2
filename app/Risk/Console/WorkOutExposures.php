<?php

declare(strict_types=1);

namespace App\Risk\Console;

use App\Risk\Exposures;
use App\Risk\Night;
use App\Risk\StandingReader;
use App\Risk\TonightReader;
use App\Risk\Years;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

final class WorkOutExposures extends Command
{
    protected $signature = 'velbrin:exposures
        {--night=tonight : which hour, or all}
        {--due : only what was not worked out since the last evening}';

    protected $description = 'Works out every system’s hours in hand and keeps them for the fleet';

    /** The day's rounds are in; people look at night. On the company's clock. */
    private const EVENING_HOUR = 17;

    public function handle(Exposures $exposures): int
    {
        $asked = $this->option('night');
        $nights = $asked === 'all' ? Night::cases() : [Night::tryFrom(is_string($asked) ? $asked : '') ?? Night::Tonight];
        foreach ($nights as $night) {
            System::query()
                ->current()
                ->when($this->option('due') === true, fn ($systems) => $systems->whereNotIn('id', self::workedOut($night)))
                ->with(TonightReader::loads())
                ->chunkById(200, fn ($systems) => $exposures->keep($systems->toBase(), $night));
        }

        System::query()
            ->current()
            ->with(StandingReader::loads())
            ->chunkById(100, function ($systems): void {
                $due = Years::due(array_values($systems->map(fn (System $s): int => $s->id)->all()));
                Years::keep($systems->toBase()->whereIn('id', $due)->values());
            });

        return self::SUCCESS;
    }

    private static function workedOut(Night $night): Builder
    {
        $evening = CarbonImmutable::now(config()->string('velbrin.timezone'))->setTime(self::EVENING_HOUR, 0);
        $since = ($evening->isFuture() ? $evening->subDay() : $evening)->utc();

        return DB::table('exposures')
            ->where('night', $night->value)
            ->where('computed_at', '>=', $since)
            ->select('system_id');
    }
}
