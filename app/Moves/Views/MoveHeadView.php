<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Move;
use App\Team\User;
use Velbrin\Core\Moves\MoveState;
use Velbrin\Core\Moves\OriginLeft;

/** What stands over every page of a move. */
final readonly class MoveHeadView
{
    /**
     * @param  array{id: int, name: string, isEmpty: bool}|null  $holding  where its animals are, as a record
     * @param  list<array{label: string, now: bool, reached: bool}>  $states  it comes through, in their order
     * @param  array<string, string>  $leftAsked  of the old place, before it is closed; none where nothing is left
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $kindLabel,
        public ?string $on,
        public int $fromId,
        public string $from,
        public ?int $toId,
        public ?string $to,
        public ?int $systemId,
        public ?string $system,
        public int $revision,
        public bool $mayPlan,
        public bool $mayRecord,
        public ?string $closedAt,
        public ?string $closedWords,
        public int $beginsMin,
        /** The moment its minute 0 is, in UTC. */
        public ?string $beginsAt,
        public ?array $holding,
        public array $leftAsked,
        /** Whether anything rides. */
        public bool $drives,
        public string $stateLabel,
        public array $states,
    ) {
    }

    /** The move is loaded with from, to, system and holding. */
    public static function of(Move $move, User $user, int $beginsMin, ?string $beginsAt, MoveState $state): self
    {
        $way = MoveState::way($move->kind);
        $at = array_search($state, $way, true);

        return new self(
            id: $move->id,
            name: $move->name,
            kind: $move->kind->value,
            kindLabel: $move->kind->label(),
            on: $move->on?->toDateString(),
            fromId: $move->from_site_id,
            from: (string) $move->from?->name,
            toId: $move->to_site_id,
            to: $move->to?->name,
            systemId: $move->system_id,
            system: $move->system?->name,
            revision: $move->revision,
            mayPlan: $user->can('update', $move),
            mayRecord: $user->can('record', $move),
            closedAt: $move->closed_at?->toIso8601ZuluString(),
            closedWords: $move->closed_words,
            beginsMin: $beginsMin,
            beginsAt: $beginsAt,
            holding: $move->holding === null ? null : [
                'id' => $move->holding->id,
                'name' => $move->holding->name,
                'isEmpty' => ! $move->isHolding(),
            ],
            leftAsked: $move->kind->drives() ? OriginLeft::ASKED : [],
            drives: $move->kind->drives(),
            stateLabel: $state->label(),
            states: array_map(fn (MoveState $s, int $n): array => [
                'label' => $s->label(),
                'now' => $s === $state,
                'reached' => $at !== false && $n <= $at,
            ], $way, array_keys($way)),
        );
    }
}
