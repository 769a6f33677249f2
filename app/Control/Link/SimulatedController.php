<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\PlantOfSystem;
use App\Control\ReadableSetUp;
use App\Control\Sensor;
use App\Control\WholeSetUp;
use App\Systems\System;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use RuntimeException;
use Velbrin\Core\Control\Plant\Fault;
use Velbrin\Core\Control\Plant\FaultKind;
use Velbrin\Core\Control\Plant\HarmLimits;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Report;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A controller that stands nowhere: its programme runs against the plant model, and what it sees goes out over the same link as a real
 * one’s. What is broken on the screen breaks here.
 */
final class SimulatedController
{
    /** Kept while the line is down; older ones are let go, and counted. */
    private const KEPT = 20_000;

    private const AT_ONCE = 500;

    private readonly string $run;

    private int $seq = 0;

    private float $begunS;

    /** @var list<array<string, mixed>> not yet acknowledged */
    private array $buffer = [];

    /** @var list<string> */
    private array $acts = [];

    /** @var array<string, string> levels and watts as they were told last */
    private array $levels = [];

    private int $part = -1;

    public int $lost = 0;

    private bool $hasGreeted = false;

    private function __construct(
        private readonly LinkDevice $device,
        private readonly string $token,
        private readonly string $url,
        private readonly Simulation $simulation,
        private readonly float $rate,
    ) {
        $this->run = (string) Str::uuid();
        $this->begunS = microtime(true);
    }

    /** @return self|string the controller, or why it cannot run */
    public static function of(LinkDevice $device, string $url, float $rate, WholeSetUp $whole): self|string
    {
        $controller = Controller::query()->with(Bench::loads())->findOrFail($device->controller_id);
        $system = self::system($controller);
        if ($system === null) {
            return 'no system stands at its place';
        }
        $document = $whole->of($controller, $controller->running()->document ?? $controller->latest()->document ?? []);
        [$plant, , $missing] = PlantOfSystem::of($system, $controller, $document);
        if ($plant === null) {
            return "the record of {$system->name} wants: {$missing}";
        }
        [$low, $high] = $system->regime->harmC();
        $clock = now($system->site->timezone ?? 'UTC');
        $plant['start'] = [...(array) $plant['start'], 'minute' => $clock->hour * 60.0 + $clock->minute];
        try {
            $simulation = Simulation::begin(
                setup: ReadableSetUp::of($document)->setup,
                plant: PlantReader::read($plant),
                limits: new HarmLimits(lowC: $low, highC: $high),
            );
        } catch (OutOfRange $e) {
            return $e->getMessage();
        }
        $token = LinkDevice::token();
        $device->forceFill(['token_hash' => LinkDevice::hashOf($token), 'next_token_hash' => null])->saveQuietly();

        return new self($device, $token, rtrim($url, '/').'/api/v1/link', $simulation, $rate);
    }

    private static function system(Controller $controller): ?System
    {
        $id = $controller->sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;
        $query = System::query()->current()->where('site_id', $controller->site_id)->with(['vessels', 'items', 'room', 'site']);

        return $id === null ? $query->orderBy('id')->first() : $query->find($id);
    }

    /** Plays on to now, and reports. @return int rows the other side has taken */
    public function step(): int
    {
        $nowS = (microtime(true) - $this->begunS) * $this->rate;
        $this->broken($nowS);
        $this->simulation->to($nowS);
        $report = $this->simulation->reports();
        if ($report->hasPower) {
            $this->note($report);
        }

        return $this->hasLink() ? $this->send() : 0;
    }

    /** @return array{made: int, taken: int, waiting: int, lost: int} rows so far */
    public function rows(): array
    {
        return [
            'made' => $this->seq,
            'taken' => $this->seq - count($this->buffer) - $this->lost,
            'waiting' => count($this->buffer),
            'lost' => $this->lost,
        ];
    }

    /** The report line is pulled on the screen: everything goes on, nothing is heard. */
    private function hasLink(): bool
    {
        return ! in_array('report-lost', array_column($this->breaks(), 'kind'), true);
    }

    /** @return list<array{kind: string, of?: string|null, value?: float|null}> */
    private function breaks(): array
    {
        $breaks = LinkDevice::query()->whereKey($this->device->id)->value('breaks');

        return is_array($breaks) ? array_values($breaks) : [];
    }

    private function broken(float $nowS): void
    {
        $faults = [];
        foreach ($this->breaks() as $break) {
            $kind = FaultKind::tryFrom($break['kind']);
            if ($kind !== null) {
                $faults[] = new Fault($kind, $break['of'] ?? null, 0.0, value: (float) ($break['value'] ?? 0.0));
            }
        }
        $this->simulation->to(max(0.0, $nowS - 1e-3));
        $this->simulation->break($faults);
    }

    private function note(Report $report): void
    {
        $upMs = $report->atS * 1000;
        foreach ($report->probes as $id => $value) {
            if ($value !== null) {
                $this->row($upMs, 'reading', $id, ['value' => round($value, 4)]);
            }
        }
        foreach ($report->switches as $id => $closed) {
            $this->row($upMs, 'reading', $id, ['on' => $closed]);
        }
        foreach ($this->turned($report) as $id => $level) {
            $watts = round($report->watts[$id] ?? 0.0, 1);
            $this->row($upMs, 'outlet', $id, ['on' => $level > 0, 'level' => round($level, 3), 'watts' => $watts]);
        }
        foreach (array_diff($report->acts, $this->acts) as $id) {
            $this->row($upMs, 'event', $id, ['code' => 'act']);
        }
        foreach (array_diff($this->acts, $report->acts) as $id) {
            $this->row($upMs, 'event', $id, ['code' => 'over']);
        }
        $this->acts = $report->acts;
        $over = count($this->buffer) - self::KEPT;
        if ($over > 0) {
            $this->lost += $over;
            $this->buffer = array_slice($this->buffer, $over);
        }
    }

    /**
     * An outlet is told when it turns or draws otherwise, and every ten minutes.
     *
     * @return array<string, float> levels by outlet
     */
    private function turned(Report $report): array
    {
        $part = (int) floor((microtime(true) - $this->begunS) * $this->rate / 600);
        $now = [];
        foreach ($report->levels as $id => $level) {
            $now[$id] = $level.' '.($report->watts[$id] ?? 0.0);
        }
        $turned = $part === $this->part ? array_intersect_key($report->levels, array_diff_assoc($now, $this->levels)) : $report->levels;
        [$this->levels, $this->part] = [$now, $part];

        return $turned;
    }

    /** @param  array<string, mixed>  $more */
    private function row(float $upMs, string $kind, string $id, array $more): void
    {
        $this->buffer[] = ['seq' => $this->seq++, 'boot' => 0, 'upMs' => $upMs, 'kind' => $kind, 'id' => $id, ...$more];
    }

    private function send(): int
    {
        $taken = 0;
        try {
            $this->hasGreeted = $this->hasGreeted || $this->hello();
            while ($this->buffer !== []) {
                $some = array_slice($this->buffer, 0, self::AT_ONCE);
                $answer = Http::withToken($this->token)->timeout(10)->post("{$this->url}/batches", [
                    'schema' => 1,
                    'run' => $this->run,
                    'boot' => 0,
                    'sentUpMs' => (microtime(true) - $this->begunS) * $this->rate * 1000,
                    'rows' => $some,
                ]);
                if (! $answer->successful()) {
                    // It is sent again; the other side knows each number.
                    break;
                }
                $this->buffer = array_slice($this->buffer, count($some));
                $taken += count($some);
                $this->obey($answer->json('orders'));
            }
        } catch (ConnectionException) {
            return $taken;
        }

        return $taken;
    }

    /** Does what it is told for a while, and says so; a place it does not know it refuses. */
    private function obey(mixed $orders): void
    {
        foreach (is_array($orders) ? array_filter($orders, is_array(...)) : [] as $order) {
            $place = is_string($order['place'] ?? null) ? $order['place'] : '';
            $knows = $place !== '' && array_key_exists($place, $this->simulation->reports()->levels);
            $id = is_int($order['id'] ?? null) ? $order['id'] : 0;
            $answer = $knows ? ['answer' => 'taken'] : ['answer' => 'refused', 'why' => 'no such outlet here'];
            $state = Http::withToken($this->token)->timeout(10)->post("{$this->url}/orders/{$id}", $answer)->json('state');
            $want = is_numeric($order['want'] ?? null) ? (float) $order['want'] : null;
            if ($knows && ($state === 'taken' || $state === 'over')) {
                $forS = is_numeric($order['forS'] ?? null) ? (float) $order['forS'] : 0.0;
                $this->simulation->order($place, $state === 'over' ? null : $want, $forS);
            }
        }
    }

    private function hello(): bool
    {
        return Http::withToken($this->token)->timeout(10)->post("{$this->url}/hello", [
            'run' => $this->run,
            'clockValid' => true,
            'channels' => [],
            'clock' => ['epoch' => $this->begunS + (microtime(true) - $this->begunS) * $this->rate, 'rate' => $this->rate],
        ])->successful() || throw new RuntimeException('The link does not take the token.');
    }
}
