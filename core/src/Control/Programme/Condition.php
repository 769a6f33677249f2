<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** A value beyond a limit, or a switch that stands so. */
final readonly class Condition
{
    private function __construct(
        public ?string $probe,
        public ?float $limit,
        public bool $above,
        public ?string $switch,
        public bool $closed,
    ) {
    }

    public static function above(string $probe, float $limit): self
    {
        return new self($probe, $limit, true, null, false);
    }

    public static function below(string $probe, float $limit): self
    {
        return new self($probe, $limit, false, null, false);
    }

    public static function closed(string $switch, bool $isClosed = true): self
    {
        return new self(null, null, false, $switch, $isClosed);
    }

    /** What the reading of its probe is compared with; null: it goes by a switch. */
    public function compares(): ?Limit
    {
        if ($this->limit === null) {
            return null;
        }

        return $this->above ? Limit::beyond($this->limit) : Limit::from($this->limit);
    }

    /** Whether it holds; null while it cannot be seen. */
    public function holds(Sensed $sensed): ?bool
    {
        if ($this->switch !== null) {
            $stands = $sensed->switches[$this->switch] ?? null;

            return $stands === null ? null : $stands === $this->closed;
        }
        $value = $sensed->probes[$this->probe ?? ''] ?? null;

        return $value === null ? null : ($this->above ? $value > $this->limit : $value < $this->limit);
    }
}
