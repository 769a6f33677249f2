<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Who is called when nobody answers: one after the other, whoever is away left out; then all of them again, then whoever is on the
 * roster, then the owner. Sent is not delivered, and delivered is not answered: only an answer ends it; a channel that fails hands on
 * at once.
 */
final readonly class AlarmChain
{
    private const ROUNDS = 2;

    /** @param  list<array{atS: float, who: string, round: int}>  $calls  in time */
    private function __construct(public array $calls, public ?string $answeredBy)
    {
    }

    /**
     * @param  list<array{who: string, waitS: float, fails?: bool}>  $steps  who, how long before the next, whether the channel fails
     * @param  list<string>  $away  on leave, ill
     * @param  string|null  $roster  who is on call that day
     * @param  float|null  $answerS  when somebody answers, s after the alarm; null: nobody does
     * @param  float  $restS  between the end of one round and the next, and before the roster and the owner
     *
     * @throws OutOfRange
     */
    public static function walk(
        array $steps,
        array $away = [],
        ?string $roster = null,
        ?string $owner = null,
        ?float $answerS = null,
        float $restS = 300.0,
    ): self {
        Guard::notNegative('restS', $restS);
        $calls = [];
        $now = 0.0;
        $call = function (string $who, int $round, float $waitS) use (&$calls, &$now): void {
            $calls[] = ['atS' => $now, 'who' => $who, 'round' => $round];
            $now += $waitS;
        };
        $there = array_values(array_filter($steps, fn (array $s): bool => ! in_array($s['who'], $away, true)));
        for ($round = 1; $round <= self::ROUNDS && $there !== []; $round++) {
            foreach ($there as $n => $step) {
                $isLast = $n === count($there) - 1;
                Guard::notNegative("steps.{$n}.waitS", $step['waitS']);
                $call($step['who'], $round, ($step['fails'] ?? false) ? 0.0 : ($isLast ? max($step['waitS'], $restS) : $step['waitS']));
            }
        }
        foreach (array_unique(array_filter([$roster, $owner], is_string(...))) as $last) {
            if (! in_array($last, $away, true)) {
                $call($last, self::ROUNDS + 1, $restS);
            }
        }
        $made = array_values(array_filter($calls, fn (array $c): bool => $answerS === null || $c['atS'] <= $answerS));
        $last = $made === [] ? null : $made[count($made) - 1]['who'];

        return new self($made, $answerS === null ? null : $last);
    }

    /** Somebody was called at all. */
    public function reachesSomebody(): bool
    {
        return $this->calls !== [];
    }
}
