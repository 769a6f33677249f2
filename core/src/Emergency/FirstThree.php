<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Sentence;

/**
 * The first three things, in order, for this place (E-3, E-7, K-15): people, then the source, then what gains hours. What lies in a wet
 * place, or is not theirs to touch, is left to whoever may.
 */
final readonly class FirstThree
{
    private const WET_FLOOR = 'Pumps inside the tank stay on while their plugs are dry; a sump that spills keeps its return on.';

    private function __construct(private Own $own)
    {
    }

    /** @return list<Action> three */
    public static function of(EmergencyKind $event, Own $own): array
    {
        $first = new self($own);
        $codes = match ($event) {
            EmergencyKind::Tingle => ['touch-nothing', 'board-off', 'electrician'],
            EmergencyKind::Fumes => ['out', 'emergency-number', 'air-from-outside'],
            EmergencyKind::PowerCut => [
                $own->mayBoard ? 'own-board' : 'ask-board',
                $own->batteryAir ? 'battery-air' : 'stir-by-hand',
                $own->roomIsCold ? 'keep-heat' : 'keep-cool',
            ],
            EmergencyKind::Hot => ['heaters-off', 'aerate', 'fan'],
            EmergencyKind::Cold => ['working-heater', 'cover', 'rewarm'],
            EmergencyKind::Flood => ['board-if-wet', 'all-sources', $first->place()],
            EmergencyKind::DrainBlocked => ['board-if-wet', 'return-off', 'all-sources'],
            EmergencyKind::Overdose => ['doser-off', 'aerate', 'read-steps'],
            EmergencyKind::Ammonia => ['aerate', 'change-matched', 'test-hourly'],
            EmergencyKind::Leak => ['board-if-wet', 'valves', 'hold-animals'],
            EmergencyKind::ControllerDead => ['return-by-hand', 'heat-by-hand', 'top-off-hand'],
            EmergencyKind::ReturnDead => ['circulation-on', 'heaters-sump-off', 'spare-return'],
            EmergencyKind::NobodyHome => ['ring-next', 'key', 'look'],
            EmergencyKind::MoveWrong => ['people-first', 'boxes-air', 'holding'],
        };
        // In a wet place the board comes first, and nothing that hangs on a plug is touched.
        if ($own->wet === true && ! $event->isDanger() && $codes[0] !== 'board-if-wet') {
            array_unshift($codes, 'board-if-wet');
        }

        return array_slice(array_map($first->action(...), $codes), 0, 3);
    }

    /** What stays on: air before everything that sheds it (X-27). */
    public static function staysOn(EmergencyKind $event, Own $own): Sentence
    {
        if ($event->isDanger() || $own->wet === true) {
            return Sentence::of('Nothing on a plug stays on until the wet gear is off at the board.');
        }

        return Sentence::of(match ($event) {
            EmergencyKind::Flood, EmergencyKind::DrainBlocked => self::WET_FLOOR,
            default => 'Pumps and air inside the tank stay on; skimmers go off last.',
        });
    }

    /** @return list<Sentence> what never to do */
    public static function never(EmergencyKind $event): array
    {
        $lines = match ($event) {
            EmergencyKind::Hot => ['Never ice in the water itself: it is fresh, and it falls too fast.'],
            EmergencyKind::Overdose => [
                'Never pull a high pH down with acid or carbon dioxide, nor push a low one up with hydroxide.',
                'Never put back in one step what rose in one.',
            ],
            EmergencyKind::Leak => ['Never silicone under water: it does not hold, and it poisons.'],
            EmergencyKind::Fumes => ['Never go back in for the animals.'],
            EmergencyKind::PowerCut => [
                'Never an engine in or under the house, nor in a garage: its exhaust kills without smell.',
                'Never feed it: food takes air.',
            ],
            EmergencyKind::Ammonia => ['Never feed it. Never raise pH while ammonia is there: it makes it a poison.'],
            default => [],
        };

        return array_map(
            Sentence::of(...),
            [...$lines, 'Never step into water near live sockets: mains off at the board first, from a dry place.'],
        );
    }

    /** The return by the place rule: stopping it adds all that comes down. */
    private function place(): string
    {
        return match ($this->own->spilling) {
            Spilling::Display => 'return-off',
            Spilling::Sump => 'return-stays',
            default => $this->own->sumpTakesAll === true ? 'return-off' : 'return-stays-unknown',
        };
    }

    private function action(string $code): Action
    {
        $board = $this->own->board ?? 'the switchboard (where it is was never surveyed)';
        $stop = $this->own->waterStop ?? 'the water stop (where it is was never surveyed)';
        $parts = ['board' => $board, 'stop' => $stop, 'drains' => $this->own->drains ?? 'each valve beside its vessel'];
        // People end their words with a full stop, or not; the sentence has its own.
        $parts = array_map(fn (string $words): string => rtrim($words, " .\n"), $parts);
        $dry = Sentence::of('Only from a dry place, in dry shoes. Leave it to an electrician where you would have to reach over water.');
        $says = match ($code) {
            'touch-nothing' => 'Touch nothing wet. Take your hands off tank, lamp and pump; warn everybody.',
            'board-off' => 'Mains of the wet gear off: {board}.',
            'electrician' => 'An electrician looks before anything goes on again.',
            'out' => 'Everybody out, and stay out.',
            'emergency-number' => 'Ring the emergency number from outside.',
            'air-from-outside' => 'Let air in only from outside; nobody goes back until they say so.',
            'own-board' => 'Is it your own board? Look there: {board}. A breaker that falls again stays off.',
            'ask-board' => 'Ask who may use the board: {board}. Do neighbours have light?',
            'battery-air' => 'Battery pump or air on, at the surface.',
            'stir-by-hand' => 'Stir the surface by hand, a jug lifted and poured, ten minutes of every thirty.',
            'keep-heat' => 'Lid on, blankets round it; lights stay off.',
            'keep-cool' => 'Lid off, shade; air over the water.',
            'heaters-off' => 'Heaters off, at a dry plug; pull them if they are still hot to a dry hand’s back.',
            'aerate' => 'More air: pumps to the surface, window open.',
            'fan' => 'A fan over the water, lights off, lid open; no faster than 1 °C an hour.',
            'working-heater' => 'Is a heater warm? If none is, a spare that can hold it.',
            'cover' => 'Cover it; air stays on.',
            'rewarm' => 'Back up no faster than 1 °C an hour.',
            'board-if-wet' => 'If water can reach a socket, strip or you: mains of the wet gear off first: {board}.',
            'all-sources' => 'Every source off: top-off, filling line, RO. {stop}.',
            'return-off' => 'Return off: it feeds what runs over.',
            'return-stays' => 'Leave the return on: stopping it brings all the rest down.',
            'return-stays-unknown' => 'Leave the return on until somebody sees where it runs over: the sump may not take what comes down.',
            'doser-off' => 'Dosing heads off, their tubes out of the water.',
            'read-steps' => 'Read alkalinity and pH, write them down; change in steps.',
            'change-matched' => 'Change water of the same pH, salinity and warmth.',
            'test-hourly' => 'Read ammonia and pH each hour.',
            'valves' => 'Shut what parts the vessels: {drains}. Water below the crack.',
            'hold-animals' => 'Animals into the boxes, air in each.',
            'return-by-hand' => 'Return and pumps onto a plain outlet, dry.',
            'heat-by-hand' => 'A heater with a thermostat of its own onto a plain outlet.',
            'top-off-hand' => 'Top up by hand to the mark; dosing stays off.',
            'circulation-on' => 'Pumps in the display on, aimed at the surface.',
            'heaters-sump-off' => 'Heaters in the sump off: the water there stands still.',
            'spare-return' => 'Spare return in; look for the snail, sand or alga in the old one.',
            'ring-next' => 'Ring the next in the chain, then the neighbour who holds the key.',
            'key' => 'Key: see the sheet.',
            'look' => 'Whoever goes in looks at the water first, touches nothing wet.',
            'people-first' => 'Nobody under the load, nobody in broken glass.',
            'boxes-air' => 'Air and lids on every box; read the warmth of the coldest.',
            default => 'Animals to the holding that stands ready.',
        };
        $isElectric = in_array($code, ['board-off', 'board-if-wet', 'own-board', 'ask-board', 'heaters-off'], true);

        return new Action($code, Sentence::of($says, $parts), $isElectric ? $dry : null);
    }
}
