<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Contact;
use App\House\Days;
use App\Systems\System;

/** Once the job is done, everybody at that place counts as asked that day (X-58). What changed is written on the client's page. */
final class ConfirmedAtVisit
{
    private const JOB = 'contacts';

    public function handle(VisitClosed $closed): void
    {
        $done = $closed->visit->tasks()->where('state', 'done')->with('type')->get()
            ->filter(fn (VisitTask $t): bool => $t->type?->key === self::JOB);
        foreach ($done as $task) {
            $site = System::query()->whereKey($task->system_id)->first()?->site;
            if ($site === null) {
                continue;
            }
            Contact::query()
                ->current()
                ->where('client_id', $site->client_id)
                ->where(fn ($c) => $c->whereNull('site_id')->orWhere('site_id', $site->id))
                ->get()
                ->each(fn (Contact $c) => $c->update(['last_confirmed_on' => Days::text()]));
        }
    }
}
