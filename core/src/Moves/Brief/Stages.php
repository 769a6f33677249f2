<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Course\Clock;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Gang;

/**
 * The steps of a move made from what there is to do (M-7, M-8, M-20): down from the top, up from the bottom. Minutes count from the
 * beginning of the day’s work. What is left out, nobody has said: it is named among what is missing.
 */
final class Stages
{
    /** Nobody puts more than so many to one step. */
    private const PAIR = 2;

    /** @var array<string, Step> */
    private array $steps = [];

    /** @var list<string> what has to be said before a course can be worked out */
    public array $missing = [];

    /** What a step at the wheel asks of one of those who do it. */
    private const DRIVES = 'drives';

    /** By a hose that was measured, or by what animals and glass need: nobody does these faster. */
    private const OWN_PACE = ['boxes', 'old', 'fill', 'leak', 'animals'];

    private function __construct(private readonly MoveBrief $brief)
    {
    }

    /**
     * @param  array<string, int>  $limits  minutes each box lasts, by box
     * @return array{0: Work|null, 1: list<string>} the work, or what it needs
     *
     * @throws OutOfRange
     */
    public static function of(MoveBrief $brief, array $limits): array
    {
        $stages = new self($brief);
        $stages->missing();
        if ($stages->missing !== []) {
            return [null, $stages->missing];
        }
        $stages->down();
        if ($brief->kind->drives()) {
            $stages->away();
        }
        if ($brief->kind !== MoveKind::Removal) {
            $stages->up();
        }

        return [$stages->work($limits), []];
    }

    private function missing(): void
    {
        $waters = $this->brief->waters;
        $this->needs($this->brief->people === [], 'who comes');
        $isFilled = $this->brief->kind !== MoveKind::Removal;
        $this->needs($waters->oldL === null, 'how much old water is kept');
        $this->needs($waters->drainLh === null, 'how fast water runs out: a hose, or a bucket against the clock');
        $this->needs($isFilled && $waters->newL === null, 'how much water is mixed new');
        $this->needs($isFilled && $waters->fillLh === null, 'how fast water comes in');
        $this->needs($this->brief->kind->drives() && $this->brief->way->driveMin === null, 'how long the drive is');
        foreach ($this->brief->pieces(PieceKind::Rock, PieceKind::Sand) as $piece) {
            $this->needs($piece->kg === null, "the kilograms of {$piece->label}");
        }
    }

    private function needs(bool $isMissing, string $what): void
    {
        if ($isMissing) {
            $this->missing[] = $what;
        }
    }

    /** @param  list<string>  $after */
    private function add(
        string $id,
        string $label,
        int $minutes,
        int $persons,
        array $after,
        ?float $dropCost = null,
        string $becomes = '',
        bool $isTruck = false,
    ): void {
        if ($minutes === 0 && $persons > 0) {
            return;
        }
        $pace = in_array($id, self::OWN_PACE, true) ? 1.0 : $this->brief->paces[$id] ?? 1.0;
        $this->steps[$id] = new Step(
            id: $id,
            minutes: StepMinutes::whole($minutes * $pace),
            persons: min($persons, count($this->brief->people)),
            uses: $isTruck ? ['truck'] : [],
            needs: $this->waits($after),
            label: $label,
            dropCost: $dropCost,
            becomes: $becomes,
        );
    }

    /**
     * @param  list<string>  $after
     * @return list<Need>
     */
    private function waits(array $after): array
    {
        return array_map(fn (string $n): Need => new Need($n), $this->there($after));
    }

    /**
     * Of those names the steps there are.
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    private function there(array $names): array
    {
        return array_values(array_filter($names, fn (string $n): bool => isset($this->steps[$n])));
    }

    /** From the top: lamps, water into boxes, corals, rock, fish, the rest of the water, pipes, tank, stand. */
    private function down(): void
    {
        $brief = $this->brief;
        $waters = $brief->waters;
        $corals = array_filter($brief->animals, fn (Animal $a): bool => $a->isCoral);
        $coralMin = array_sum(array_map(
            fn (Animal $a): float => $a->count * ($a->isGlued ? StepMinutes::GLUED_CORAL : StepMinutes::CORAL),
            $corals,
        ));
        $fish = array_sum(array_map(fn (Animal $a): int => $a->isCoral ? 0 : $a->count, $brief->animals));
        $isLast = $brief->fish === FishSchool::Last;
        $fishMin = StepMinutes::whole($fish * ($isLast ? StepMinutes::FISH : StepMinutes::FISH_AMONG_ROCK));
        $boxedL = array_sum(array_map(fn (Box $b): float => $b->litres, $brief->boxes));
        $rate = $waters->drainLh ?? 1.0;
        $this->add('off', 'doser, feeder, top-off off', 10, 1, []);
        $this->add('lamps', 'lamps and hood', StepMinutes::whole(StepMinutes::LAMP * count($brief->pieces(PieceKind::Lamp))), 1, ['off']);
        $this->add('boxes', 'fill the boxes', StepMinutes::water($waters->drainLh === null ? 0 : $boxedL, $rate), 1, ['off']);
        $this->add('old', 'old water out', StepMinutes::water($waters->drainLh === null ? 0 : (float) $waters->oldL, $rate), 1, ['boxes']);
        // Heaters go off with the rest, and cool before water leaves them bare (M-20).
        $this->waitsFor('old', 'off', StepMinutes::HEATER_COOLS);
        if (! $isLast) {
            $this->add('fish', 'fish', $fishMin, self::PAIR, ['lamps', 'boxes']);
        }
        $this->add('corals', 'corals', StepMinutes::whole($coralMin), self::PAIR, ['lamps', 'boxes', $isLast ? '' : 'fish']);
        $this->add('rock', 'rock', StepMinutes::whole(StepMinutes::ROCK_KG * $brief->kg(PieceKind::Rock)), self::PAIR, ['corals', 'lamps']);
        if ($isLast) {
            $this->add('fish', 'fish', $fishMin, self::PAIR, ['rock', 'corals', 'old', 'boxes']);
        }
        $out = $this->there(['fish', 'rock', 'corals', 'old']);
        $this->add('sand', 'sand out', StepMinutes::whole(StepMinutes::ROCK_KG * $brief->kg(PieceKind::Sand)), self::PAIR, $out);
        $this->add(
            'rinse',
            'rinse the sand',
            StepMinutes::whole(StepMinutes::ROCK_KG * $brief->kg(PieceKind::Sand)),
            1,
            ['sand'],
            40.0,
            'New sand is bought; the old is thrown away.',
        );
        $unions = array_sum(array_map(fn (Piece $p): int => $p->unions, $brief->pieces));
        $this->add('unplumb', 'pipes apart', StepMinutes::whole(StepMinutes::UNION * $unions), self::PAIR, [...$out, 'sand']);
        $bare = $this->there([...$out, 'sand', 'unplumb']);
        $tankMin = StepMinutes::whole(StepMinutes::TANK * count($brief->pieces(PieceKind::Tank)));
        $this->add('tank', 'tank down', $tankMin, $this->lifters(), $bare);
        $this->add('stand', 'stand out', StepMinutes::whole(StepMinutes::STAND * count($brief->pieces(PieceKind::Stand))), self::PAIR, [
            ...$bare,
            'tank',
        ]);
        $this->add('wipe', 'wipe, photograph, leave it tidy', 15, 1, [...$bare, 'tank', 'stand'], 15.0, 'Somebody comes back to wipe.');
    }

    /** Not before so long after the end of another. */
    private function waitsFor(string $step, string $after, int $minutes): void
    {
        $waiting = $this->steps[$step] ?? null;
        if ($waiting !== null && isset($this->steps[$after])) {
            $this->steps[$step] = $waiting->needing([...$waiting->needs, new Need($after, $minutes)]);
        }
    }

    /** Hands for the heaviest tank: a pair at least, everybody where nobody knows, or where it takes an aid. */
    private function lifters(): int
    {
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $this->brief->people);
        $most = self::PAIR;
        foreach ($this->brief->pieces(PieceKind::Tank) as $tank) {
            $team = $tank->kg === null ? null : Gang::of($tank->kg, $this->brief->way->hasStairs(), $limits);
            $most = max($most, $team ?? count($limits));
        }

        return $most;
    }

    /** Carried out, lashed, driven, carried in; the truck goes back. */
    private function away(): void
    {
        $way = $this->brief->way;
        $all = $this->there(['off', 'lamps', 'boxes', 'old', 'fish', 'corals', 'rock', 'sand', 'rinse', 'unplumb', 'tank', 'stand']);
        $things = count($this->brief->boxes) + count($this->brief->pieces);
        $carried = StepMinutes::carrying($things, $way->carryFromM, $way->flightsFrom);
        $this->add('load', 'carry out and stow', $carried, self::PAIR, $all, isTruck: true);
        $this->add('lash', 'lash the load', (int) StepMinutes::LASHING, 1, [...$all, 'load'], isTruck: true);
        $loaded = [...$all, 'load', 'lash', 'wipe'];
        // Next door there is no drive, and still nothing is carried in before it is carried out.
        $out = $this->drive('drive', 'drive', $loaded, isBack: false) ?: $loaded;
        $in = StepMinutes::carrying($things, $way->carryToM, $way->flightsTo);
        $this->add('unload', 'carry in', $in, self::PAIR, $out, isTruck: true);
        $this->drive('return', 'truck back', [...$out, 'unload'], isBack: true);
        foreach ($this->brief->more as $vehicle) {
            $this->drive("return-{$vehicle->id}", "{$vehicle->label} back", [...$out, 'unload'], isBack: true);
        }
    }

    /**
     * A drive, with the rests of who drives alone. On the way out everybody comes along and its first stretch has its name; back, its last.
     *
     * @param  list<string>  $after
     * @return list<string> its stretches
     */
    private function drive(string $name, string $label, array $after, bool $isBack): array
    {
        $gentlyMin = StepMinutes::driving((int) $this->brief->way->driveMin);
        $minutes = StepMinutes::whole($gentlyMin * ($this->brief->paces[$name] ?? 1.0));
        $isRelieved = Wheel::isRelieved($this->brief);
        // Two to a vehicle relieve each other on the way out; back goes one who did not bring it.
        $stretches = match (true) {
            $minutes === 0 => [],
            $isRelieved && ! $isBack => [$minutes],
            default => Wheel::stretches($minutes, $isBack && ! $isRelieved ? Wheel::sinceRestMin($gentlyMin) : 0),
        };
        $named = $isBack ? count($stretches) - 1 : 0;
        $ids = [];
        foreach ($stretches as $n => $stretch) {
            $id = $n === $named ? $name : "{$name}:{$n}";
            if ($n > 0) {
                $before = [...$after, ...$ids];
                $ids[] = $this->atTheWheel("{$id}:rest", 'rest from the wheel', Wheel::REST_MIN, $before, $isBack, isRest: true);
            }
            if ($stretch > 0) {
                $ids[] = $this->atTheWheel($id, $label, $stretch, [...$after, ...$ids], $isBack, isRest: false);
            }
        }

        return $ids;
    }

    /** @param  list<string>  $after */
    private function atTheWheel(string $id, string $label, int $minutes, array $after, bool $isBack, bool $isRest): string
    {
        $this->steps[$id] = new Step(
            id: $id,
            minutes: $minutes,
            skills: $this->brief->drivers() === [] ? [] : [self::DRIVES],
            uses: ['truck'],
            needs: $this->waits($after),
            label: $label,
            isForAll: ! $isBack,
            isRest: $isRest,
        );

        return $id;
    }

    /** From the bottom: stand, tank, pipes, rock, water, a look for leaks, animals. */
    private function up(): void
    {
        $brief = $this->brief;
        $arrived = $this->there($brief->kind->drives() ? ['unload'] : ['off', 'tank', 'stand', 'unplumb', 'fish', 'corals', 'rock', 'old']);
        $stands = count($brief->pieces(PieceKind::Stand)) > 0 || count($brief->pieces(PieceKind::Tank)) > 0;
        $this->add('level', 'stand in place, level', $stands ? (int) StepMinutes::LEVEL : 0, self::PAIR, $arrived);
        $tanks = count($brief->pieces(PieceKind::Tank));
        $this->add('set', 'tank on', StepMinutes::whole(StepMinutes::TANK * $tanks), $this->lifters(), [...$arrived, 'level']);
        $unions = array_sum(array_map(fn (Piece $p): int => $p->unions, $brief->pieces));
        $this->add('plumb', 'pipes together', StepMinutes::whole(StepMinutes::UNION * $unions), self::PAIR, [...$arrived, 'set', 'level']);
        $rockMin = StepMinutes::whole(StepMinutes::ROCK_KG * $brief->kg(PieceKind::Rock));
        $built = [...$arrived, 'level', 'set', 'plumb'];
        $this->add('scape', 'rock in', $rockMin, self::PAIR, $built);
        $litres = (float) $brief->waters->oldL + (float) $brief->waters->newL;
        $fill = $brief->waters->fillLh === null ? 0 : StepMinutes::water($litres, $brief->waters->fillLh);
        $this->add('fill', 'fill', $fill, 1, [...$built, 'scape']);
        $this->waitsFor('fill', 'plumb', (int) ceil($brief->waters->glueMin ?? 0.0));
        $this->add('leak', 'look for leaks', (int) StepMinutes::LEAK_LOOK, 0, [...$built, 'scape', 'fill']);
        if ($brief->animals !== []) {
            $into = max(1, StepMinutes::whole(CourseOfAnimals::acclimationMin($brief)));
            $this->add('animals', 'animals in', $into, 1, [...$built, 'scape', 'fill', 'leak']);
        }
    }

    /** A vehicle is back when it was driven back; next door, when it is empty. */
    private function backBy(string $return): string
    {
        return isset($this->steps[$return]) ? $return : 'unload';
    }

    /** @param  array<string, int>  $limits */
    private function work(array $limits): Work
    {
        $ends = [];
        $begins = $this->brief->beginsMin;
        $back = $this->backBy('return');
        if ($this->brief->truckBackMin !== null && isset($this->steps[$back])) {
            $ends[] = new End($back, $this->brief->truckBackMin - $begins, 'the truck back', $this->brief->late->truckPerH);
        }
        foreach ($this->brief->more as $vehicle) {
            $back = $this->backBy("return-{$vehicle->id}");
            if ($vehicle->backMin !== null && isset($this->steps[$back])) {
                $ends[] = new End($back, $vehicle->backMin - $begins, "{$vehicle->label} back", $vehicle->latePerH);
            }
        }
        if ($this->brief->leaveByMin !== null && isset($this->steps['lash'])) {
            $ends[] = new End('lash', $this->brief->leaveByMin - $begins, 'out of the old place', $this->brief->late->leavePerH);
        }
        if ($this->brief->insideByMin !== null && isset($this->steps['unload'])) {
            $ends[] = new End('unload', $this->brief->insideByMin - $begins, 'inside the new place', $this->brief->late->insidePerH);
        }
        $hands = array_map(fn (Mover $m): Hand => new Hand(
            id: "m:{$m->id}",
            skills: $m->isDriver ? [...$m->skills, self::DRIVES] : $m->skills,
            fromMin: $m->fromMin === null ? null : $m->fromMin - $begins,
            untilMin: $m->untilMin === null ? null : $m->untilMin - $begins,
        ), $this->brief->people);

        return new Work(
            array_values($this->steps),
            $hands === [] ? [new Hand('m:')] : $hands,
            ['truck' => max(1, count($this->brief->vehicles()))],
            $ends,
            $this->clocks($limits),
        );
    }

    /**
     * From the first animal in it until it is empty again: in the new tank, or in a holding that is proved.
     *
     * @param  array<string, int>  $limits
     * @return list<Clock>
     */
    private function clocks(array $limits): array
    {
        $until = $this->there($this->brief->isHoldingProved() ? ['unload', 'animals'] : ['animals', 'unload'])[0] ?? null;
        if ($until === null) {
            return [];
        }
        $clocks = [];
        foreach ($this->brief->boxes as $box) {
            $in = $this->brief->in($box);
            $from = array_filter($in, fn (Animal $a): bool => $a->isCoral) === [] ? 'fish' : 'corals';
            if ($in !== [] && isset($limits[$box->id], $this->steps[$from])) {
                $clocks[] = new Clock($box->label, $from, $until, $limits[$box->id], $box->id);
            }
        }

        return $clocks;
    }
}
