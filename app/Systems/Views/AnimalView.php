<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Stock\Animal;
use App\Systems\Stock\AnimalPlace;
use App\Systems\Stock\AnimalTransfer;
use App\Team\User;
use Velbrin\Core\Livestock\CoralLight;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

/** An animal in the list of its system: what it is, where it stands and stood, where it came from. */
final readonly class AnimalView
{
    /** @param  list<array{at: string, words: string}>  $history  the newest first */
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $kindLabel,
        public int $count,
        public ?float $lengthCm,
        public bool $deep,
        public string $state,
        public string $stateLabel,
        public bool $lives,
        public ?string $inOn,
        public ?string $source,
        public ?float $parLow,
        public ?float $parHigh,
        public ?string $note,
        /** Why it is not to be moved; null: it may be. */
        public ?string $staysPut,
        public ?string $gone,
        public ?float $xMm,
        public ?float $yMm,
        public ?float $depthMm,
        public ?float $par,
        /** It was lifted and stands elsewhere than at home. */
        public bool $isLifted,
        public ?string $home,
        /** What its light is outside of. */
        public ?string $light,
        public array $history,
    ) {
    }

    /** The animal is loaded with places and transfers.from, transfers.to. */
    public static function of(Animal $animal, User $user): self
    {
        $place = $animal->places->first();
        $home = $animal->places->firstWhere('is_home', true);
        $light = CoralLight::finding($animal->name, $place?->par, $animal->par_low, $animal->par_high);

        return new self(
            id: $animal->id,
            name: $animal->name,
            kind: $animal->kind->value,
            kindLabel: $animal->kind->label(),
            count: $animal->count,
            lengthCm: $animal->length_cm,
            deep: $animal->deep,
            state: $animal->state->value,
            stateLabel: $animal->state->label(),
            lives: $animal->state->lives(),
            inOn: $animal->in_on?->toDateString(),
            source: $animal->source,
            parLow: $animal->par_low,
            parHigh: $animal->par_high,
            note: $animal->note,
            staysPut: $animal->stays_put,
            gone: $animal->out_on === null ? null : "{$animal->out_on->toDateString()}: {$animal->out_why}",
            xMm: $place?->x_mm,
            yMm: $place?->y_mm,
            depthMm: $place?->depth_mm,
            par: $place?->par,
            isLifted: $place !== null && ! $place->is_home,
            home: $home === null ? null : self::where($home, $user),
            light: $light?->what->in($user->units()),
            history: self::history($animal, $user),
        );
    }

    private static function where(AnimalPlace $place, User $user): string
    {
        $mm = fn (float $v): string => $user->units()->show(Quantity::of($v, Kind::Length));

        return "{$mm($place->x_mm)} from the left, {$mm($place->y_mm)} from the front"
            .($place->depth_mm === null ? '' : ", {$mm($place->depth_mm)} deep");
    }

    /** @return list<array{at: string, words: string}> */
    private static function history(Animal $animal, User $user): array
    {
        $places = $animal->places->map(fn (AnimalPlace $p): array => [
            'at' => (string) $p->created_at?->toIso8601String(),
            'words' => ($p->is_home ? 'home: ' : 'lifted to: ').self::where($p, $user).($p->why === null ? '' : " ({$p->why})"),
        ]);
        $ways = $animal->transfers->map(fn (AnimalTransfer $t): array => [
            'at' => (string) $t->created_at?->toIso8601String(),
            'words' => "{$t->count} from {$t->from?->name} to {$t->to?->name}: {$t->why}",
        ]);

        return array_values($places->concat($ways)->sortByDesc('at')->values()->all());
    }
}
