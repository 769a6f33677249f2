<?php

declare(strict_types=1);

namespace App\Risk\Console;

use App\Risk\MeasureCurves;
use App\Risk\StandingReader;
use App\Systems\System;
use Illuminate\Console\Command;

/** Draws anew what money buys on each system whose year or prices moved. */
final class WorkOutMeasures extends Command
{
    protected $signature = 'velbrin:measures';

    protected $description = 'Works out what more money buys on each system, where its year or its prices moved';

    /** Systems read together. */
    private const AT_ONCE = 50;

    public function handle(): int
    {
        $due = MeasureCurves::due();
        $bar = $this->output->createProgressBar(count($due));
        foreach (array_chunk($due, self::AT_ONCE) as $some) {
            MeasureCurves::keep(System::query()->current()->whereKey($some)->with(StandingReader::loads())->get()->toBase());
            $bar->advance(count($some));
        }
        $bar->finish();

        return self::SUCCESS;
    }
}
