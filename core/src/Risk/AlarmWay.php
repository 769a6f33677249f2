<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Risk\Layer\Hangs;

/** One alarm: what it measures and at which limits it calls, and whom, in order (X-24, R-48). */
final readonly class AlarmWay
{
    /**
     * @param  list<Hazard>  $watches
     * @param  list<Called>  $chain
     */
    public function __construct(
        public string $name,
        public array $watches,
        public float $delayMin,
        /** Somebody made it call, recently enough. */
        public bool $tested,
        /** Its power and link live on in a power cut. */
        public bool $onItsOwn,
        public array $chain,
        /** Null: nobody has said what it measures. */
        public ?AlarmQuantity $quantity = null,
        /** In the quantity's unit; null: not entered. */
        public ?float $lowLimit = null,
        public ?float $highLimit = null,
        /** What it hangs on; null: nobody has said, so it may hang on anything. */
        public ?Hangs $hangs = null,
        /** A leak’s sensor lies where the floor is lowest; null: nobody has said. */
        public ?bool $isLowest = null,
    ) {
    }

    /** It falls silent with a controller: it reports through one, or is about one. */
    public function hangsOnController(): bool
    {
        $parts = $this->hangs?->all() ?? [];

        return $this->quantity === AlarmQuantity::Silence
            || array_filter($parts, fn (string $p): bool => str_starts_with($p, 'controller:')) !== [];
    }

    /** @param  list<Called>  $chain */
    public function calling(array $chain): self
    {
        return new self(
            name: $this->name,
            watches: $this->watches,
            delayMin: $this->delayMin,
            tested: $this->tested,
            onItsOwn: $this->onItsOwn,
            chain: $chain,
            quantity: $this->quantity,
            lowLimit: $this->lowLimit,
            highLimit: $this->highLimit,
            hangs: $this->hangs,
            isLowest: $this->isLowest,
        );
    }

    public function sees(Hazard $hazard): bool
    {
        $isMeant = in_array($hazard, $this->watches, true) || $this->quantity?->notices($hazard) === true;
        $livesOn = match ($hazard) {
            Hazard::PowerCut => $this->onItsOwn,
            Hazard::ControllerDead => $this->onItsOwn || $this->quantity === AlarmQuantity::Silence,
            default => true,
        };

        // Water that runs past a sensor is seen by nobody.
        $liesRight = $this->quantity !== AlarmQuantity::Leak || $this->isLowest === true;

        return $this->tested && $isMeant && $livesOn && $liesRight;
    }

    /**
     * Hours from the fault until the fault's own course takes it to the limit: 0 where it calls at once, null where it never does.
     * While the limit is not entered nobody can say; then it is counted from the fault, and that is the most it can give.
     */
    public function reachedAfterH(Hazard $hazard, Tonight $tank): ?float
    {
        return match ($this->quantity) {
            null => 0.0,
            AlarmQuantity::Power => $hazard === Hazard::PowerCut ? 0.0 : null,
            AlarmQuantity::Silence => in_array($hazard, [Hazard::PowerCut, Hazard::ControllerDead], true) ? 0.0 : null,
            AlarmQuantity::Temperature => $this->temperatureReachedH($hazard, $tank),
            AlarmQuantity::Oxygen => $this->oxygenReachedH($hazard, $tank),
            AlarmQuantity::Level => AlarmQuantity::Level->notices($hazard) ? 0.0 : null,
            // It lies on the floor: what it notices stands there already.
            AlarmQuantity::Leak => AlarmQuantity::Leak->notices($hazard) ? self::firstSpillH($hazard, $tank) : null,
        };
    }

    /** What it measures, or the limit this hazard runs into, is not entered. */
    public function needsLimit(Hazard $hazard, Tonight $tank): bool
    {
        return match ($this->quantity) {
            null => true,
            AlarmQuantity::Temperature => ($hazard->warms($tank) ? $this->highLimit : $this->lowLimit) === null,
            AlarmQuantity::Oxygen => $hazard === Hazard::PowerCut && $this->lowLimit === null,
            // How far the level has gone when it calls, nobody has entered.
            AlarmQuantity::Level => AlarmQuantity::Level->notices($hazard),
            default => false,
        };
    }

    private static function firstSpillH(Hazard $hazard, Tonight $tank): ?float
    {
        foreach (TimeToHarm::of($hazard, $tank) as $harm) {
            if ($harm->spills && $harm->hours !== null) {
                return $harm->hours;
            }
        }

        return null;
    }

    private function temperatureReachedH(Hazard $hazard, Tonight $tank): ?float
    {
        $limit = $hazard->warms($tank) ? $this->highLimit : $this->lowLimit;
        if ($limit === null) {
            return 0.0;
        }
        $course = TimeToHarm::temperature($hazard, $tank);

        return $course?->hoursTo($limit);
    }

    private function oxygenReachedH(Hazard $hazard, Tonight $tank): ?float
    {
        if ($hazard !== Hazard::PowerCut) {
            return null;
        }

        return $this->lowLimit === null ? 0.0 : Outage::hoursTo($tank, $this->lowLimit);
    }
}
