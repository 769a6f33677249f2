<?php

declare(strict_types=1);

namespace App\Reports;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\Middleware\WithoutOverlapping;
use Illuminate\Support\Facades\Mail;
use Throwable;

/** Mails one report to one reader; tried again after a minute, five and a quarter of an hour. */
final class DeliverReport implements ShouldQueue
{
    use Queueable;

    public int $tries = 4;

    public int $timeout = 60;

    public function __construct(private readonly int $deliveryId)
    {
    }

    /** @return list<int> s */
    public function backoff(): array
    {
        return [60, 300, 900];
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [(new WithoutOverlapping("report-mail-{$this->deliveryId}"))->releaseAfter(60)->expireAfter(120)];
    }

    public function handle(): void
    {
        $delivery = ReportDelivery::query()->with(['report.site.client', 'user'])->findOrFail($this->deliveryId);
        if ($delivery->state === ReportDelivery::GONE || $delivery->report === null) {
            return;
        }
        Mail::to($delivery->address)->send(new ReportMail($delivery->report, $delivery->units()));
        $delivery->update(['state' => ReportDelivery::GONE, 'sent_at' => now()]);
    }

    public function failed(?Throwable $why): void
    {
        ReportDelivery::query()
            ->whereKey($this->deliveryId)
            ->where('state', ReportDelivery::WAITING)
            ->update(['state' => ReportDelivery::FAILED]);
    }
}
