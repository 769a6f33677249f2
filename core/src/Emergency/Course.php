<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** How an incident stands, folded from what was said in the order it happened, whenever it came in. */
final readonly class Course
{
    /**
     * @param  list<array{atS: float, value: float}>  $temperatures  °C
     * @param  list<string>  $done  codes of actions
     * @param  list<int>  $passedOver  entries that could not follow from where it stood
     */
    private function __construct(
        public IncidentState $state,
        /** Since when it stands so, s. */
        public float $sinceS,
        public array $temperatures,
        public array $done,
        public ?Spilling $spilling,
        public ?bool $wet,
        public array $passedOver,
        /** Since when the breaker of the wet gear is out, s; null: it is not. */
        public ?float $breakerOffS = null,
    ) {
    }

    /** @param  list<Entry>  $entries */
    public static function of(array $entries, float $beganS): self
    {
        uasort($entries, fn (Entry $a, Entry $b): int => $a->atS <=> $b->atS);
        $state = IncidentState::Reported;
        $since = $beganS;
        $temperatures = $done = $passed = [];
        $spilling = $wet = $breakerOffS = null;
        foreach ($entries as $i => $entry) {
            if ($entry->said === Said::Did && in_array($entry->of, BreakerOff::ACTIONS, true)) {
                $breakerOffS ??= $entry->atS;
            }
            match ($entry->said) {
                Said::Reading => $entry->of === 'temperature' && $entry->value !== null
                    ? $temperatures[] = ['atS' => $entry->atS, 'value' => $entry->value]
                    : null,
                Said::Did => $done[] = (string) $entry->of,
                Said::Look => match ($entry->of) {
                    'wet' => $wet = true,
                    'dry' => $wet = false,
                    default => $spilling = Spilling::tryFrom((string) $entry->of) ?? $spilling,
                },
                default => null,
            };
            $next = match ($entry->said) {
                Said::State => IncidentState::tryFrom((string) $entry->of),
                Said::Danger => $state->onDanger(),
                default => null,
            };
            if ($next === null || $next === $state) {
                continue;
            }
            // Closing asks for a review and a gate of its own: nobody says it in passing.
            $mayFollow = $next !== IncidentState::Closed && $state->leadsTo($next);
            if ($entry->said === Said::Danger || $mayFollow) {
                $state = $next;
                $since = $entry->atS;
            } else {
                $passed[] = $i;
            }
        }

        return new self(
            state: $state,
            sinceS: $since,
            temperatures: $temperatures,
            done: $done,
            spilling: $spilling,
            wet: $wet,
            passedOver: $passed,
            breakerOffS: $breakerOffS,
        );
    }
}
