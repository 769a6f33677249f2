<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Days;
use App\Risk\Known;
use App\Risk\StandingReader;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Lending\Loans;
use Velbrin\Core\Risk\Lending\Part as Stands;
use Velbrin\Core\Risk\Single\SingleFailures;

/**
 * One system lends another a device: it must fit, close no circle of debts, and leave the donor standing on its worst night; else somebody
 * signs for the hours (X-13, R-40).
 */
final class Lend
{
    /** @param  array{due_on: string, signed_by?: string|null}  $given */
    public function __invoke(Item $item, System $to, array $given, User $user): Loan
    {
        $from = $item->system()->firstOrFail();
        $open = Loan::query()->open()->get();
        if ($open->contains('item_id', $item->id)) {
            throw ValidationException::withMessages(['item_id' => "{$item->name} is lent already."]);
        }
        $debts = array_values($open->map(fn (Loan $l): array => [(string) $l->from_system_id, (string) $l->to_system_id])->all());
        if (Loans::wouldCircle($debts, (string) $from->id, (string) $to->id)) {
            throw ValidationException::withMessages([
                'to_system_id' => "{$to->name} waits for something of {$from->name}: that would go in a circle.",
            ]);
        }
        $against = self::stands($item, $from)->againstStandingIn(self::needed($item->job), null);
        if ($against !== []) {
            throw ValidationException::withMessages(['item_id' => ucfirst(Stands::words($against[0])).'.']);
        }
        $exposes = self::exposes($item, $from);
        if ($exposes !== null && ($given['signed_by'] ?? null) === null) {
            throw ValidationException::withMessages([
                'signed_by' => "{$from->name} would not stand its worst night: {$exposes}. Somebody signs for that.",
            ]);
        }

        return DB::transaction(function () use ($item, $from, $to, $given, $user, $exposes): Loan {
            $item->update(['away_since' => Days::text(), 'away_where' => "lent to {$to->name}"]);

            return Loan::query()->create([
                'item_id' => $item->id,
                'from_system_id' => $from->id,
                'to_system_id' => $to->id,
                'since' => Days::text(),
                'due_on' => $given['due_on'],
                'exposes' => $exposes,
                'signed_by' => $given['signed_by'] ?? null,
                'user_id' => $user->id,
            ]);
        });
    }

    public static function settle(Loan $loan, string $how): void
    {
        DB::transaction(function () use ($loan, $how): void {
            $loan->update(['settled_at' => now(), 'settled_how' => $how]);
            $loan->item()->firstOrFail()->update(['away_since' => null, 'away_where' => null]);
        });
    }

    /** "18 °C after 62 h" without it on its worst night; null: it stands. */
    public static function exposes(Item $item, System $from): ?string
    {
        $known = StandingReader::around(collect([$from->loadMissing(StandingReader::loads())]))->read($from);
        if (! $known instanceof Known) {
            return "still to say: {$known}";
        }
        $loss = SingleFailures::without([(string) $item->id], $known->standing, $known->cold, $known->hot);
        $hours = $loss->harm?->hours;

        return $hours === null ? null : sprintf('harm after %.1f h', $hours);
    }

    private static function stands(Item $item, System $from): Stands
    {
        return new Stands($item->job, $item->watts, fromQuarantine: $from->isolated_since !== null);
    }

    private static function needed(Job $job): Stands
    {
        return new Stands($job, null);
    }
}
