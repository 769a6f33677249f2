<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\VanStock;
use App\Rounds\VisitPart;
use App\Team\User;

/** What a visit leaves for others to read or do: parts that were used, notes, follow-ups, what was missing. */
final class Later
{
    public function __construct(private readonly VanStock $van)
    {
    }

    public function part(Sent $sent): Outcome
    {
        $name = $sent->text('name', 120);
        $quantity = $sent->number('quantity', 0.001, 10000);
        if ($name === null || $quantity === null) {
            return Outcome::refused('Name the part and how many.');
        }
        VisitPart::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'visit_id' => $sent->visit->id,
                'system_id' => $sent->system()?->id,
                'name' => $name,
                'quantity' => $quantity,
            ],
        );
        $shelf = $sent->payload['shelf'] ?? null;

        // It was used, whatever the books say: they are told, and say what is wrong with them.
        return Outcome::ok(
            is_int($shelf)
                ? $this->van->take($sent->uuid, $shelf, $quantity, $sent->visit, $sent->system()?->id, $sent->user)
                : null,
        );
    }

    public function followUp(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text');
        $on = $sent->day('dueOn');
        if ($system === null || $text === null || $on === null) {
            return Outcome::refused('Say what, on which system, and until when.');
        }
        $ownerId = $sent->payload['ownerId'] ?? null;
        $owner = is_int($ownerId)
            ? User::query()->current()->whereKey($ownerId)->where('role', '<>', 'client')->first()
            : null;
        FollowUp::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'kind' => 'follow-up',
                'text' => $text,
                'owner_id' => $owner->id ?? $sent->user->id,
                'due_on' => $on->toDateString(),
            ],
        );

        return Outcome::ok();
    }

    /** Forgotten, or fetched from a shop meanwhile: it goes on the next load list of this place (X-46). */
    public function missed(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text', 120);
        if ($system === null || $text === null) {
            return Outcome::refused('Say what was missing.');
        }
        FollowUp::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'kind' => 'bring',
                'text' => $text,
                'owner_id' => $sent->user->id,
                'due_on' => Days::text(),
                'on_site' => false,
            ],
        );

        return Outcome::ok('It stands on the next load list for here.');
    }

    /** For the log; or standing, impossible to miss next time. */
    public function note(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text');
        if ($system === null || $text === null) {
            return Outcome::refused('Say it in a sentence, on one system.');
        }
        if ($sent->yes('standing')) {
            $system->standingNotes()->create(['text' => $text, 'user_id' => $sent->user->id]);
        } else {
            $system
                ->logEntries()
                ->create([
                    'kind' => 'observed',
                    'text' => $text,
                    'happened_at' => $sent->at,
                    'user_id' => $sent->user->id,
                ]);
        }

        return Outcome::ok();
    }
}
