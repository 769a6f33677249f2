<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Works a week out beside the pages: it tells how far it is, and ends when it is told to. */
final class ProposeWeek implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $tries = 1;

    public int $timeout = 1200;

    /** Told no more often than this. */
    private const TELL_EVERY_S = 0.5;

    public function __construct(private readonly int $runId)
    {
    }

    public function handle(Planning $planning): void
    {
        $run = WeekRun::query()->findOrFail($this->runId);
        if ($run->state !== WeekRun::WAITING) {
            return;
        }
        $run->update(['state' => WeekRun::RUNNING, 'started_at' => now(), 'share' => 0]);
        $told = microtime(true);
        $pace = function (float $share) use (&$told): void {
            if (microtime(true) - $told >= self::TELL_EVERY_S) {
                $told = microtime(true);
                WeekRun::query()
                    ->whereKey($this->runId)
                    ->where('state', WeekRun::RUNNING)
                    ->update(['share' => $share, 'updated_at' => now()]);
                // A row that did not change counts as none: the state itself is asked for.
                if (WeekRun::query()->whereKey($this->runId)->value('state') !== WeekRun::RUNNING) {
                    throw new Cancelled();
                }
            }
        };
        try {
            $proposal = $planning->propose(Days::monday($run->monday->toDateString()), $run->user, $pace);
            $run->update(['state' => WeekRun::DONE, 'share' => 1, 'said' => $proposal->words(), 'ended_at' => now()]);
        } catch (Cancelled) {
            $run->refresh()->update([
                'state' => WeekRun::CANCELLED,
                'said' => ['Stopped: the board stands as it stood.'],
                'ended_at' => now(),
            ]);
        }
    }

    public function failed(?Throwable $why): void
    {
        WeekRun::query()
            ->whereKey($this->runId)
            ->update([
                'state' => WeekRun::FAILED,
                'said' => json_encode(['It could not be worked out. The board stands as it stood; the log says why.']),
                'ended_at' => now(),
            ]);
    }
}
