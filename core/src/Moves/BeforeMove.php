<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\Brief\Piece;
use Velbrin\Core\Moves\Brief\PieceKind;

/** What is done in the weeks before a move (M-2): decisions with their lead times, sand in portions, photos, water, less feeding. */
final readonly class BeforeMove
{
    public const CODES = ['decide', 'order', 'sand-1', 'sand-2', 'sand-3', 'photos', 'feed', 'water'];

    /** A live bed is never taken out at once: a third at each of three visits. */
    private const PORTIONS = 3;

    private const PORTION_EVERY_DAYS = 7;

    /** What comes by post comes late. */
    private const ORDER_RESERVE_DAYS = 3;

    private const ORDER_EARLY_DAYS = 14;

    /** Photos stand with the pieces and with this: where each coral stands. */
    private const PLACES = 'places';

    /**
     * @param  string  $code  the same job of the same move, whatever its words
     * @param  int  $fromDay  before the day of the move, and so on
     * @param  bool  $isOnSite  somebody of ours has to be there
     */
    private function __construct(
        public string $code,
        public string $text,
        public int $fromDay,
        public int $dueDay,
        public int $latestDay,
        public bool $isOnSite,
        public int $minutes,
    ) {
    }

    /** @return list<self> in time */
    public static function due(MoveBrief $brief): array
    {
        $stays = $brief->kind !== MoveKind::Removal;
        $due = [new self(
            'decide',
            'each device rides, is serviced, replaced or sold; what takes time to come is ordered now.',
            fromDay: 28,
            dueDay: 21,
            latestDay: 14,
            isOnSite: false,
            minutes: 30,
        )];
        array_push($due, ...self::order($brief));
        if ($stays && $brief->kg(PieceKind::Sand) > 0) {
            array_push($due, ...self::sand());
        }
        if ($stays && ! in_array(self::PLACES, $brief->photographed, true)) {
            $words = 'photograph the scape from in front and from above, and where each coral stands.';
            $due[] = new self('photos', $words, fromDay: 14, dueDay: 7, latestDay: 1, isOnSite: true, minutes: 15);
        }
        if ($brief->animals !== []) {
            $words = 'feed half as much on these two days, and nothing on the day.';
            $due[] = new self('feed', $words, fromDay: 2, dueDay: 2, latestDay: 1, isOnSite: false, minutes: 5);
        }
        if ($stays && ($brief->waters->newL ?? 0.0) > 0) {
            $words = (int) ceil((float) $brief->waters->newL).' L new water mixed, warm and measured.';
            $due[] = new self('water', $words, fromDay: 3, dueDay: 1, latestDay: 1, isOnSite: false, minutes: 45);
        }

        return $due;
    }

    /** @return list<self> what takes longest says when */
    private static function order(MoveBrief $brief): array
    {
        $wanted = array_filter($brief->pieces, fn (Piece $p): bool => $p->fate?->takesTime() === true && $p->leadDays !== null);
        if ($wanted === []) {
            return [];
        }
        $longest = (int) ceil(max(array_map(fn (Piece $p): float => (float) $p->leadDays, $wanted)));
        $words = array_map(fn (Piece $p): string => "{$p->label} ({$p->leadDays} days)", $wanted);

        return [new self(
            'order',
            'ordered or sent in: '.implode(', ', $words).'.',
            fromDay: $longest + self::ORDER_EARLY_DAYS,
            dueDay: $longest + self::ORDER_RESERVE_DAYS,
            latestDay: max(1, $longest),
            isOnSite: false,
            minutes: 20,
        )];
    }

    /** @return list<self> */
    private static function sand(): array
    {
        $portions = [];
        for ($n = 1; $n <= self::PORTIONS; $n++) {
            $day = (self::PORTIONS + 1 - $n) * self::PORTION_EVERY_DAYS;
            $portions[] = new self(
                "sand-{$n}",
                "a third of the sand out, part {$n} of ".self::PORTIONS.
                    ', from one end and never all at once; snails, crabs and stars are sifted out of it first; '.
                    'it is washed before it is used again, or thrown away; what is left then comes out on the day.',
                fromDay: $day + 3,
                dueDay: $day,
                latestDay: $day - 3,
                isOnSite: true,
                minutes: 20,
            );
        }

        return $portions;
    }
}
