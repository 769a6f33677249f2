<?php

declare(strict_types=1);

namespace App\Reports;

use App\Clients\Contact;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Closes a report for ever and puts it on its way, to each reader by itself. */
final class SendReport
{
    /**
     * Whoever of the client has an account or a mail address, once each.
     *
     * @return array<string, int|null> the account, by address
     */
    public static function recipients(Report $report): array
    {
        $clientId = $report->site?->client_id;
        $to = User::query()->current()->where('client_id', $clientId)->orderBy('id')->pluck('id', 'email')->all();
        $contacts = Contact::query()
            ->current()
            ->where('client_id', $clientId)
            ->where(fn ($q) => $q->whereNull('site_id')->orWhere('site_id', $report->site_id))
            ->whereNotNull('email')
            ->orderBy('id')
            ->pluck('email');
        foreach ($contacts as $email) {
            if (is_string($email) && $email !== '') {
                $to[$email] ??= null;
            }
        }

        /** @var array<string, int|null> */
        return $to;
    }

    /** @return list<string> the addresses it goes to */
    public static function send(Report $report, User $by): array
    {
        $recipients = self::recipients($report);
        if ($recipients === []) {
            throw ValidationException::withMessages([
                'send' => 'Nobody there has a mail address. Give one to a contact of the client, or let one of their people in.',
            ]);
        }

        return DB::transaction(function () use ($report, $by, $recipients): array {
            $locked = Report::query()->whereKey($report->id)->lockForUpdate()->firstOrFail();
            if ($locked->sent_at !== null) {
                throw ValidationException::withMessages(['send' => 'It was sent already.']);
            }
            $addresses = array_keys($recipients);
            $report->update(['sent_at' => now(), 'sent_by' => $by->id, 'sent_to' => $addresses]);
            foreach ($recipients as $address => $userId) {
                $delivery = ReportDelivery::query()->create([
                    'report_id' => $report->id,
                    'address' => $address,
                    'user_id' => $userId,
                    'state' => ReportDelivery::WAITING,
                ]);
                DeliverReport::dispatch($delivery->id);
            }

            return $addresses;
        });
    }

    /** What did not go is tried again; what went stays gone. How many. */
    public static function again(Report $report): int
    {
        return DB::transaction(function () use ($report): int {
            $failed = $report->deliveries()->where('state', ReportDelivery::FAILED)->lockForUpdate()->get();
            foreach ($failed as $delivery) {
                $delivery->update(['state' => ReportDelivery::WAITING]);
                DeliverReport::dispatch($delivery->id);
            }

            return $failed->count();
        });
    }
}
