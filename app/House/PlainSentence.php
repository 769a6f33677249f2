<?php

declare(strict_types=1);

namespace App\House;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** A sentence as plain data in a column, to be read in anybody's units later. */
final class PlainSentence
{
    /** @return array{template: string, code: string|null, parts: array<string, mixed>} */
    public static function of(Sentence $sentence): array
    {
        return [
            'template' => $sentence->template,
            'code' => $sentence->code,
            'parts' => array_map(
                fn (Quantity|Sentence|string $part): array|string => match (true) {
                    $part instanceof Quantity => [$part->value, $part->kind->value, $part->moreDigits],
                    $part instanceof Sentence => self::of($part),
                    default => $part,
                },
                $sentence->parts,
            ),
        ];
    }

    /** Null where it is none; kept before sentences had codes, it has none. */
    public static function read(mixed $plain): ?Sentence
    {
        if (! is_array($plain) || ! is_string($plain['template'] ?? null) || ! is_array($plain['parts'] ?? null)) {
            return null;
        }
        $parts = [];
        foreach ($plain['parts'] as $name => $part) {
            $parts[(string) $name] = self::part($part);
        }
        $code = $plain['code'] ?? null;

        return Sentence::kept($plain['template'], $parts, is_string($code) ? $code : null);
    }

    private static function part(mixed $part): Quantity|Sentence|string
    {
        if (is_array($part) && is_numeric($part[0] ?? null) && is_string($part[1] ?? null)) {
            $digits = $part[2] ?? 0;

            return Quantity::of((float) $part[0], Kind::from($part[1]))->finer(is_int($digits) ? $digits : 0);
        }

        return self::read($part) ?? (is_string($part) ? $part : '');
    }
}
