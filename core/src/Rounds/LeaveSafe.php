<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What must be true before a visit is closed (S-32, X-11). */
final class LeaveSafe
{
    /** @var array<string, string> ticked by whoever leaves */
    public const TICKS = [
        'valves' => 'Valves stand as they stood',
        'top-off' => 'Top-off on, level as before',
        'floor' => 'Floor dry, tray empty',
        'lids' => 'Lids and doors closed',
        'plugs' => 'Plugs in, drip loops hang',
        'tools' => 'Tools and towels counted',
    ];

    /**
     * @param  list<string>  $off  still off without being meant to stay off
     * @param  list<string>  $open  neither done nor put off
     * @param  list<string>  $ticked
     * @return list<string> why it cannot be closed; none: leave
     */
    public static function against(array $off, array $open, array $ticked): array
    {
        $reasons = [];
        if ($off !== []) {
            $reasons[] = 'still off: '.implode(', ', $off);
        }
        if ($open !== []) {
            $reasons[] = 'neither done nor put off: '.implode(', ', $open);
        }
        foreach (array_diff_key(self::TICKS, array_flip($ticked)) as $words) {
            $reasons[] = 'not ticked: '.lcfirst($words);
        }

        return $reasons;
    }
}
