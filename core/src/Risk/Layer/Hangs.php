<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** What something hangs on: known parts by name, and kinds of parts it hangs on though nobody wrote down which (R-59). */
final readonly class Hangs
{
    /**
     * @param  array<string, list<string>>  $on  names by kind of part
     * @param  list<string>  $unsaid  kinds of parts of which nobody wrote down which
     */
    private function __construct(private array $on, private array $unsaid)
    {
    }

    public static function onNothing(): self
    {
        return new self([], []);
    }

    /** @param  string|null  $name  null: it has one, and nobody wrote down which */
    public function on(Part $part, ?string $name): self
    {
        if ($name === null) {
            return new self($this->on, array_values(array_unique([...$this->unsaid, $part->value])));
        }
        $names = $this->on[$part->value] ?? [];

        return new self([...$this->on, $part->value => array_values(array_unique([...$names, $name]))], $this->unsaid);
    }

    public function and(self $other): self
    {
        $on = $this->on;
        foreach ($other->on as $kind => $names) {
            $on[$kind] = array_values(array_unique([...$on[$kind] ?? [], ...$names]));
        }

        return new self($on, array_values(array_unique([...$this->unsaid, ...$other->unsaid])));
    }

    /** @return list<string> "probe:p1" */
    public function all(): array
    {
        $all = [];
        foreach ($this->on as $kind => $names) {
            foreach ($names as $name) {
                $all[] = "{$kind}:{$name}";
            }
        }

        return $all;
    }

    /** @return list<string> parts both hang on, "probe:p1" */
    public function shares(self $other): array
    {
        return array_values(array_intersect($this->all(), $other->all()));
    }

    /** @return list<string> kinds of parts that could be one and the same, since nobody wrote down which */
    public function mayShare(self $other): array
    {
        $kinds = [];
        foreach (Part::cases() as $part) {
            $kind = $part->value;
            $mine = in_array($kind, $this->unsaid, true);
            $theirs = in_array($kind, $other->unsaid, true);
            if (($mine && ($theirs || isset($other->on[$kind]))) || ($theirs && isset($this->on[$kind]))) {
                $kinds[] = $kind;
            }
        }

        return $kinds;
    }

    /** @return list<string> kinds of parts of which nobody wrote down which */
    public function unsaid(): array
    {
        return $this->unsaid;
    }
}
