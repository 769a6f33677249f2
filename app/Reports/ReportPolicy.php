<?php

declare(strict_types=1);

namespace App\Reports;

use App\Team\User;

final class ReportPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** A client reads what was sent to them; a technician what comes of their own visits. */
    public function view(User $user, Report $report): bool
    {
        if (! $user->isStaff()) {
            return $report->sent_at !== null && $report->site?->client_id === $user->client_id;
        }

        return $user->plans() || $report->visit?->isMine($user) === true;
    }

    public function update(User $user, Report $report): bool
    {
        return $report->sent_at === null && $user->isStaff() && $this->view($user, $report);
    }

    public function send(User $user, Report $report): bool
    {
        return $user->plans() && $report->sent_at === null;
    }

    public function correct(User $user, Report $report): bool
    {
        return $user->plans() && $report->sent_at !== null;
    }
}
