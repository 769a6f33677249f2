<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** Why time is short, the same for many systems: the fault, what ends first, and what is missing in the response. */
final readonly class Cause
{
    private function __construct(public Hazard $hazard, public string $by, public HandState $state)
    {
    }

    public static function of(Hazard $hazard, string $by, HandState $state): self
    {
        return new self($hazard, $by, $state);
    }

    /** As it was kept; null when it is none. */
    public static function read(string $code): ?self
    {
        $parts = explode(':', $code);
        $hazard = Hazard::tryFrom($parts[0]);
        $state = HandState::tryFrom($parts[2] ?? '');

        return $hazard === null || $state === null ? null : new self($hazard, $parts[1] ?? '', $state);
    }

    public function code(): string
    {
        return "{$this->hazard->value}:{$this->by}:{$this->state->value}";
    }

    /** Worth a line of its own where many share it: something is missing that one measure may bring to all. */
    public function isShared(): bool
    {
        return in_array(
            $this->state,
            [HandState::Unnoticed, HandState::Locked, HandState::Late, HandState::Open, HandState::AtMost],
            true,
        );
    }

    /** "have no air in a power cut". */
    public function words(): string
    {
        return match ($this->hazard) {
            Hazard::PowerCut => $this->by === 'oxygen'
                ? 'run out of air in a power cut'
                : 'lose their temperature in a power cut',
            Hazard::HeaterStuckOn => 'overheat when a heater sticks on',
            Hazard::HeaterStuckOff => 'cool when heaters fail off',
            Hazard::TooCold => 'stay too cold with everything on',
            Hazard::ReturnDead => match ($this->by) {
                'sump' => 'overheat in the sump',
                'oxygen' => 'run out of air',
                default => 'cool in the display',
            }.
                ' when the return stops',
            Hazard::Overdose => 'are overdosed when a head runs on',
            Hazard::DoseStops => 'lose their alkalinity when dosing stops',
            Hazard::TopOffOn => match ($this->by) {
                'floor' => 'spill when the top-off runs on',
                'pH', 'alkalinity' => 'are overdosed when the top-off runs on',
                default => 'lose their salt when the top-off runs on',
            },
            Hazard::TopOffOff => 'run dry or salty when the top-off stops',
            Hazard::ControllerDead => 'lose what their controller holds when it is dead',
            Hazard::DrainBlocked => $this->by === 'floor'
                ? 'spill when a drain is blocked'
                : 'run their return dry when a drain is blocked',
            Hazard::RoomClimate => 'go with their room when its climate fails',
            Hazard::LampDead => 'stand in the dark when their lamp dies',
            Hazard::Leak => 'leak when a seam goes',
            Hazard::LineOverflow => 'spill when a filling line runs on',
            Hazard::SkimmerOverflow => 'spill when the skimmer goes wild',
            Hazard::LeftOpen => 'suffer from what a visit leaves shut',
            Hazard::Ammonia => 'are fouled by a death nobody finds',
            Hazard::Arrival => 'take an animal in without quarantine',
        };
    }
}
