<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

/** How the old place is left (M-17): what is asked, and what is still open. */
final class OriginLeft
{
    public const ASKED = [
        'floor' => 'The floor is dry',
        'water' => 'Old water and waste are gone',
        'keys' => 'Keys and codes are back',
        'tools' => 'Our tools are counted back, each by its owner',
    ];

    /**
     * @param  array<array-key, mixed>  $said  by name
     * @param  int  $photos  of the place as it was left
     * @return list<string> what is open
     */
    public static function open(array $said, ?string $signedBy, int $photos): array
    {
        $open = [];
        foreach (self::ASKED as $name => $words) {
            if (($said[$name] ?? false) !== true) {
                $open[] = lcfirst($words);
            }
        }
        if ($signedBy === null || trim($signedBy) === '') {
            $open[] = 'who signed for it';
        }
        if ($photos < 1) {
            $open[] = 'a photo of the place as it was left';
        }

        return $open;
    }
}
