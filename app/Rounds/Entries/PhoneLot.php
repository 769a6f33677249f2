<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One sending of a phone's outbox: what was typed, in order, and what its clock showed. */
final readonly class PhoneLot
{
    /** More is sent in the next lot. */
    private const AT_ONCE = 50;

    /** @param  list<mixed>  $entries  as typed; each is judged by itself */
    private function __construct(private array $entries, private PhoneClock $clock)
    {
    }

    public static function of(Request $request): self
    {
        $given = $request->validate([
            'entries' => ['required', 'array', 'max:'.self::AT_ONCE],
            'sent_at' => ['nullable', 'date'],
        ]);

        return new self(
            is_array($given['entries']) ? array_values($given['entries']) : [],
            PhoneClock::of(is_string($given['sent_at'] ?? null) ? $given['sent_at'] : null),
        );
    }

    /**
     * @param  callable(mixed, int): array<string, mixed>  $take  one entry with the seconds the phone's clock is wrong by
     * @param  callable(): bool  $isClosed  asked once all are taken: one of them may have closed it
     */
    public function answered(callable $take, callable $isClosed): JsonResponse
    {
        $answers = array_map(fn (mixed $e): array => $take($e, $this->clock->skewS), $this->entries);

        return response()->json([
            'answers' => $answers,
            'state' => $isClosed() ? 'closed' : 'open',
            'offs' => [],
            'skewS' => $this->clock->skewS,
        ]);
    }
}
