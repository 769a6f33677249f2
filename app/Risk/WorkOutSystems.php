<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\System;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out the hours in hand of some systems for one night: a part of a fleet's run. */
final class WorkOutSystems implements ShouldQueue
{
    use Batchable, Queueable;

    public int $tries = 2;

    public int $timeout = 300;

    /** @param  list<int>  $systemIds */
    public function __construct(private readonly array $systemIds, private readonly Night $night)
    {
    }

    public function handle(Exposures $exposures): void
    {
        if ($this->batch()?->cancelled() === true) {
            return;
        }
        $systems = System::query()->current()->whereKey($this->systemIds)->with(TonightReader::loads())->get();
        $exposures->keep($systems->toBase(), $this->night);
        $due = Years::due($this->systemIds);
        Years::keep($systems->toBase()->whereIn('id', $due)->values());
    }
}
