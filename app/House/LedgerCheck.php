<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Holds the trail against its ledger, and the ledger against its seals. */
final class LedgerCheck
{
    private const LOT = 2_000;

    /** @var list<string> what does not fit, in words */
    public array $faults = [];

    public int $lines = 0;

    public int $sealed = 0;

    public int $erased = 0;

    public static function run(): self
    {
        $check = new self();
        $check->lines();
        $check->taken();
        $check->seals();

        return $check;
    }

    private function lines(): void
    {
        $begun = false;
        DB::table('activity_log')->orderBy('id')->chunkById(self::LOT, function (Collection $lines) use (&$begun): void {
            $digests = Ledger::entries()->whereIn('trail_id', $lines->pluck('trail_id')->filter()->all())->pluck('digest', 'trail_id');
            foreach ($lines as $line) {
                $name = Ledger::text($line, 'trail_id');
                // Lines from before the ledger stand before its first.
                if ($name === '') {
                    $begun && $this->faults[] = "Line {$line->id} was planted: it has no place in the ledger.";

                    continue;
                }
                $begun = true;
                $this->lines++;
                $this->line($line, $digests->get($name));
            }
        });
    }

    private function line(stdClass $line, mixed $digest): void
    {
        $values = get_object_vars($line);
        if ($digest === null) {
            $this->faults[] = "Line {$line->id} was planted: the ledger does not know it.";
        } elseif ($line->salt === null) {
            $this->isErasedBy($line) ? $this->erased++ : ($this->faults[] = "Line {$line->id} was emptied, and no erasure says so.");
        } elseif ($digest !== Ledger::digest($values)) {
            $this->faults[] = "Line {$line->id} was changed: it does not fit its digest.";
        }
    }

    /** An erasure is a line of its own, and names what it took. */
    private function isErasedBy(stdClass $line): bool
    {
        $by = DB::table('activity_log')->where('trail_id', $line->erased_by)->where('event', Erasure::EVENT)->value('properties');
        $named = is_string($by) ? json_decode($by, true) : null;

        return is_array($named) && in_array($line->trail_id, (array) ($named['lines'] ?? []), true);
    }

    private function taken(): void
    {
        Ledger::entries()->orderBy('id')->chunkById(self::LOT, function (Collection $entries): void {
            $there = DB::table('activity_log')->whereIn('trail_id', $entries->pluck('trail_id')->all())->pluck('trail_id')->flip();
            foreach ($entries as $entry) {
                if (! $there->has(Ledger::text($entry, 'trail_id'))) {
                    $this->faults[] = "Entry {$entry->id} of the ledger, of {$entry->at}, has lost its line.";
                }
            }
        });
    }

    private function seals(): void
    {
        $before = '';
        $upTo = 0;
        foreach (Ledger::seals()->orderBy('id')->get() as $seal) {
            $entries = Ledger::entries()
                ->where('id', '>', $upTo)
                ->where('id', '<=', $seal->to_id)
                ->orderBy('id')
                ->get(['id', 'trail_id', 'digest']);
            $sound = array_map(
                fn (string $key): string => Ledger::sealOver($before, array_values($entries->all()), $key),
                Keys::all(),
            );
            if (! in_array(Ledger::text($seal, 'digest'), $sound, true)) {
                $this->faults[] = "Seal {$seal->id}, of {$seal->at}, is broken: an entry was changed, planted or taken before it.";
            }
            $before = Ledger::text($seal, 'digest');
            $upTo = Ledger::int($seal, 'to_id');
            $this->sealed += $entries->count();
        }
    }
}
