<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Moves\Course\Clock;

/** When animals went into each box and when the last came out, by what was counted; min from the beginning of the day’s work. */
final readonly class BoxTimes
{
    /**
     * @param  array<string, float>  $in  first counted in, by box
     * @param  array<string, float>  $out  as many counted out as were in it
     */
    private function __construct(private array $in, private array $out)
    {
    }

    /** @param  list<Event>  $events  in the order they happened */
    public static function of(array $events): self
    {
        $in = $out = $heads = $home = $held = [];
        foreach ($events as $event) {
            $of = $event->of ?? '';
            $count = (int) $event->value;
            match ($event->kind) {
                EventKind::Count => $heads[$of] = $count,
                EventKind::Home => $home[$of] = $count,
                EventKind::Held => $held[$of] = $count,
                default => null,
            };
            if (($heads[$of] ?? 0) <= 0) {
                continue;
            }
            $in[$of] ??= $event->atMin;
            if (($home[$of] ?? 0) + ($held[$of] ?? 0) >= $heads[$of]) {
                $out[$of] ??= $event->atMin;
            } else {
                unset($out[$of]);
            }
        }

        return new self($in, $out);
    }

    /**
     * When the clock of a box began: with its count. One counted only after its step was over was filled some time in it, so it counts
     * from where the step began.
     *
     * @param  float|null  $beganMin  of the step that fills it; null: it has not begun
     * @param  float|null  $doneMin  null: it is not done
     * @return float|null null: nobody is in it yet
     */
    public function since(Clock $clock, ?float $beganMin, ?float $doneMin): ?float
    {
        $counted = $this->in[$clock->box ?? ''] ?? null;
        if ($counted === null || ($beganMin !== null && $doneMin !== null && $counted > $doneMin)) {
            return $beganMin;
        }

        return $counted;
    }

    /** Null: somebody is in it still, or nobody has counted. */
    public function outMin(Clock $clock): ?float
    {
        return $this->out[$clock->box ?? ''] ?? null;
    }
}
