<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

/** What lies in the van of a visit; the room that keeps stores knows (S-30). */
interface VanStock
{
    /** @return list<array{id: int, name: string, count: float}> what can be used at that visit, by shelf */
    public function lies(Visit $visit): array;

    /**
     * Books what was used, as far as it lay there; once, whatever the network repeats.
     *
     * @return string|null what the books say against it; null: nothing
     */
    public function take(string $uuid, int $shelf, float $count, Visit $visit, ?int $systemId, User $user): ?string;
}
