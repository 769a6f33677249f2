<?php

declare(strict_types=1);

namespace App\House\Database;

/**
 * A value is cast once while what was read stays the same: a page asks every device its job a hundred times, and a fifth of its time
 * went into casting. For models whose casts give what nobody changes in place: numbers, truth, enums, days, lists.
 */
trait CastsOnce
{
    /** @var array<string, array{0: mixed, 1: mixed}> as read, and as cast, by attribute */
    private array $castBefore = [];

    /** @var array<string, bool> what is worked out from other attributes is asked every time */
    private static array $isWorkedOut = [];

    /** @param  string  $key */
    public function getAttributeValue($key): mixed
    {
        $raw = $this->attributes[$key] ?? null;
        $before = $this->castBefore[$key] ?? null;
        if ($before !== null && $before[0] === $raw) {
            return $before[1];
        }
        $cast = parent::getAttributeValue($key);
        if (! (self::$isWorkedOut[$key] ??= $this->hasAnyGetMutator($key))) {
            $this->castBefore[$key] = [$raw, $cast];
        }

        return $cast;
    }
}
