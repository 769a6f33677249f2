<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Unseated;
use Carbon\CarbonImmutable;

/** Due by the week’s end and on no visit. It is looked for once the board stands: it goes through all that is due anywhere. */
final readonly class UnseatedListView
{
    /** @param  list<UnseatedView>  $shown  the most pressing */
    private function __construct(public array $shown, public int $count)
    {
    }

    public static function until(CarbonImmutable $day): self
    {
        [$shown, $count] = Unseated::until($day);

        return new self($shown, $count);
    }
}
