<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** An alarm of a set-up: on a value, how fast it goes, that it stands still, a switch, a load, silence, or an act of a guard. */
final readonly class AlarmOf
{
    /** It holds so long before it calls, where nobody says otherwise. */
    public const DELAY_S = 600.0;

    /** A load that draws less than this share of what is known draws nothing. */
    private const DRAWS_NOTHING = 0.1;

    /**
     * @param  string|null  $probe  the value it watches
     * @param  string|null  $act  the guard, refill or longest run whose act it tells
     * @param  int  $calls  persons it reaches, one after the other
     * @param  float|null  $testedDaysAgo  null: never
     * @param  float  $delayS  it holds so long before it calls
     * @param  float|null  $ratePerH  the value goes faster than this, either way
     * @param  bool  $isFrozen  the value does not move at all
     * @param  string|null  $switch  the switch it watches
     * @param  bool  $closed  how that switch stands when it calls
     * @param  string|null  $outlet  the outlet that is on and draws nothing, or more than mostW
     * @param  bool  $isSilence  nothing is heard from the controller
     * @param  string|null  $message  in plain words, with what to do; null: nobody has written one
     */
    public function __construct(
        public string $id,
        public ?string $probe,
        public ?string $act,
        public ?float $low,
        public ?float $high,
        public int $calls,
        public ?float $testedDaysAgo,
        public float $delayS = self::DELAY_S,
        public ?float $ratePerH = null,
        public bool $isFrozen = false,
        public ?string $switch = null,
        public bool $closed = true,
        public ?string $outlet = null,
        public ?float $mostW = null,
        public bool $isSilence = false,
        public ?string $message = null,
    ) {
    }

    /** @return array<string, list<Limit>> what the reading of its probe is compared with, where it goes by that alone */
    public function limits(): array
    {
        if ($this->probe === null) {
            return [];
        }
        $limits = [
            ...$this->low === null ? [] : [Limit::from($this->low)],
            ...$this->high === null ? [] : [Limit::beyond($this->high)],
        ];

        return $limits === [] ? [] : [$this->probe => $limits];
    }

    /** Whether it holds now; null: nobody can see. */
    public function holds(AlarmSight $sight): ?bool
    {
        if ($this->isSilence) {
            return $sight->isSilent;
        }
        if ($sight->isSilent) {
            return null;
        }

        return match (true) {
            $this->act !== null => in_array($this->act, $sight->acts, true),
            $this->switch !== null => isset($sight->switches[$this->switch]) ? $sight->switches[$this->switch] === $this->closed : null,
            $this->outlet !== null => $this->load($sight),
            $this->isFrozen => isset($sight->stillS[$this->probe ?? '']) ? $sight->stillS[$this->probe ?? ''] >= $this->delayS : null,
            $this->ratePerH !== null => isset($sight->ratesPerH[$this->probe ?? ''])
                ? abs($sight->ratesPerH[$this->probe ?? '']) > $this->ratePerH : null,
            default => $this->value($sight->probes[$this->probe ?? ''] ?? null),
        };
    }

    /** s it has to hold; what stands still is told by its own time. */
    public function waitsS(): float
    {
        return $this->act !== null || $this->isFrozen ? 0.0 : $this->delayS;
    }

    private function value(?float $value): ?bool
    {
        return $value === null
            ? null
            : ($this->high !== null && $value > $this->high) || ($this->low !== null && $value < $this->low);
    }

    private function load(AlarmSight $sight): ?bool
    {
        $is = $sight->draws[$this->outlet ?? ''] ?? null;

        return $is === null
            ? null
            : ($this->mostW !== null && $is['w'] > $this->mostW) ||
                ($this->mostW === null && $is['on'] && $is['w'] < self::DRAWS_NOTHING * $is['knownW']);
    }
}
