<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Lending;

/** Debts of parts between systems (X-13): nobody lends what they have borrowed from somebody who waits for it. */
final class Loans
{
    /**
     * Whether lending from one to another would close a circle of open debts.
     *
     * @param  list<array{0: string, 1: string}>  $open  from, to
     */
    public static function wouldCircle(array $open, string $from, string $to): bool
    {
        $reached = [$to];
        while ($reached !== []) {
            $at = array_shift($reached);
            if ($at === $from) {
                return true;
            }
            foreach ($open as $i => [$lender, $borrower]) {
                if ($lender === $at) {
                    $reached[] = $borrower;
                    unset($open[$i]);
                }
            }
        }

        return false;
    }
}
