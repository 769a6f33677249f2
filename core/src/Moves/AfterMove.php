<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Moves\Brief\MoveKind;

/** What is owed after a move (M-11, M-19): a week of readings, a look for leaks, a change within a fortnight, a last look. */
final readonly class AfterMove
{
    /** So long it counts as settling (X-56), days. */
    public const SETTLES_DAYS = 14;

    private const READ_DAYS = 7;

    /** Days of that week somebody of ours stands there; on the others whoever lives there reads and says. */
    private const OURS = [1, 4, 7];

    /**
     * @param  int  $fromDay  after the move, and so on
     * @param  bool  $isOnSite  somebody of ours has to be there
     */
    private function __construct(
        public string $text,
        public int $fromDay,
        public int $dueDay,
        public int $latestDay,
        public bool $isOnSite,
        public int $minutes,
    ) {
    }

    /** @return list<self> in time; nothing where nothing stands any more */
    public static function owed(MoveKind $kind): array
    {
        if ($kind === MoveKind::Removal) {
            return [];
        }
        $owed = [];
        for ($day = 1; $day <= self::READ_DAYS; $day++) {
            $text = "After the move, day {$day} of ".self::READ_DAYS.': ammonia, nitrite, temperature, salinity. Feed little.';
            $owed[] = new self($text, $day, $day, $day, in_array($day, self::OURS, true), 15);
        }

        return [
            new self(
                'After the move: four hours after filling look at every joint and seam again, whoever is there.',
                0,
                0,
                0,
                false,
                10,
            ),
            new self('After the move: look under the stand for damp, with a dry cloth, at every joint and seam.', 1, 1, 2, true, 20),
            ...$owed,
            new self('After the move: doses on again, at half; in full once readings hold for three days.', 2, 3, 5, true, 15),
            new self('After the move: change 20 to 40 %, and put fresh carbon in.', 5, 10, 14, true, 60),
            new self(
                'After the move: all animals seen, corals in their places, what moved is powered, calibrated, tested.',
                12,
                14,
                17,
                true,
                30,
            ),
        ];
    }
}
