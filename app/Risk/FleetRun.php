<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\System;
use Illuminate\Bus\Batch;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\DB;

/** A night worked out for the whole fleet beside the pages: how far it is, and how it is stopped. */
final class FleetRun
{
    /** Systems of one part; what is done stays when a run is stopped. */
    private const AT_ONCE = 50;

    /** A run that has not ended for so long was cut off. */
    private const DEAD_S = 3600;

    /** The one under way for that night, or a new one. */
    public static function start(Night $night): Batch
    {
        return self::open($night) ?? Bus::batch(self::parts($night))->name(self::name($night))->allowFailures()->dispatch();
    }

    public static function open(Night $night): ?Batch
    {
        $id = DB::table('job_batches')
            ->where('name', self::name($night))
            ->whereNull('finished_at')
            ->whereNull('cancelled_at')
            ->where('created_at', '>', now()->subSeconds(self::DEAD_S)->getTimestamp())
            ->latest('created_at')
            ->value('id');

        return is_string($id) ? Bus::findBatch($id) : null;
    }

    /** Null: no such run of a fleet. */
    public static function find(string $id): ?Batch
    {
        $batch = Bus::findBatch($id);

        return $batch !== null && str_starts_with($batch->name, self::name(null)) ? $batch : null;
    }

    /** @return list<WorkOutSystems> */
    private static function parts(Night $night): array
    {
        /** @var list<int> $ids */
        $ids = System::query()->current()->orderBy('id')->pluck('id')->all();

        return array_map(
            fn (array $part): WorkOutSystems => new WorkOutSystems($part, $night),
            array_chunk($ids, self::AT_ONCE),
        );
    }

    private static function name(?Night $night): string
    {
        return "hours in hand: {$night?->value}";
    }
}
