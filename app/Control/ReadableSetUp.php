<?php

declare(strict_types=1);

namespace App\Control;

use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\OutOfRange;

/** A set-up as far as it can be read: what cannot be yet stands beside with its words, and nothing of it is lost. */
final readonly class ReadableSetUp
{
    /**
     * @param  array<string, string>  $errors  by outlet or guard
     */
    private function __construct(public Setup $setup, public array $errors)
    {
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document): self
    {
        $errors = [];
        while (true) {
            try {
                return new self(SetupReader::read($document), $errors);
            } catch (OutOfRange $e) {
                [$part, $n] = self::place($e->field, $document);
                $list = is_array($document[$part] ?? null) ? array_values($document[$part]) : [];
                if (! isset($list[$n])) {
                    // It is of the whole, not of one part: outlets that follow one another in a circle, a guard of nothing.
                    $list = [];
                    $errors['all'] = ucfirst($e->getMessage()).'.';
                }
                $id = is_array($list[$n] ?? null) && is_string($list[$n]['id'] ?? null) ? $list[$n]['id'] : 'all';
                $errors[$id] = ucfirst($e->getMessage()).'.';
                unset($list[$n]);
                $document[$part] = array_values($list);
                $document = self::withoutLoose($document);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{0: string, 1: int}
     */
    private static function place(string $field, array $document): array
    {
        [$part, $n] = [...explode('.', $field), '', ''];

        return match (true) {
            in_array($part, ['outlets', 'guards', 'alarms', 'probes'], true) => [$part, is_numeric($n) ? (int) $n : -1],
            default => [($document['guards'] ?? []) === [] ? 'outlets' : 'guards', -1],
        };
    }

    /**
     * A guard of an outlet that cannot be read waits with it, and so does whoever follows it.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function withoutLoose(array $document): array
    {
        $outlets = is_array($document['outlets'] ?? null) ? $document['outlets'] : [];
        $ids = array_column($outlets, 'id');
        $stays = fn (mixed $of): bool => in_array($of, $ids, true);
        $document['guards'] = array_values(array_filter(
            is_array($document['guards'] ?? null) ? $document['guards'] : [],
            fn (mixed $g): bool => is_array($g) && $stays($g['outlet'] ?? null),
        ));
        $document['outlets'] = array_values(array_filter(
            $outlets,
            fn (mixed $o): bool => is_array($o) &&
                (! is_array($o['rule'] ?? null) || ($o['rule']['kind'] ?? null) !== 'follow' || $stays($o['rule']['outlet'] ?? null)),
        ));

        return $document;
    }
}
