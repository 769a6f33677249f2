<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;

/** All that can be read: the trade's parameters, and the company's own, which are loaded once and only when asked for. */
final class Parameters
{
    /** @var array<string, Measured>|null by key, archived ones too: their readings stay */
    private ?array $own = null;

    /** @var list<string> keys that take no more readings */
    private array $archived = [];

    public static function here(): self
    {
        return app(self::class);
    }

    /** @return list<Measured> */
    public function all(): array
    {
        return [...Parameter::cases(), ...array_values(array_diff_key($this->own(), array_flip($this->archived)))];
    }

    public function find(string $key): ?Measured
    {
        return Parameter::tryFrom($key) ?? ($this->own()[$key] ?? null);
    }

    /** @return array<string, Measured> */
    private function own(): array
    {
        if ($this->own === null) {
            $this->own = [];
            foreach (OwnParameter::query()->orderBy('name')->get() as $record) {
                $measured = $record->measured();
                $this->own[$measured->key()] = $measured;
                if ($record->isArchived()) {
                    $this->archived[] = $measured->key();
                }
            }
        }

        return $this->own;
    }
}
