<?php

declare(strict_types=1);

namespace App\Control\Console;

use App\Control\Link\LinkDevice;
use App\Control\Link\SimulatedController;
use App\Control\WholeSetUp;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use RuntimeException;

/** Runs simulated controllers over the link, one or all, in real or fast time. */
final class RunControllers extends Command
{
    protected $signature = 'velbrin:controllers
        {--device= : the number of one; else all that are simulated}
        {--url= : where the application answers}
        {--rate=1 : simulated seconds in one}
        {--every=15 : seconds between two reports}
        {--for=3600 : seconds, then it ends and is begun again}';

    protected $description = 'Run simulated controllers against the plant model, over the same link as real ones';

    public function handle(WholeSetUp $whole): int
    {
        $rate = max(0.1, min(1000.0, (float) $this->option('rate')));
        $every = max(1, (int) $this->option('every'));
        $url = is_string($this->option('url')) ? $this->option('url') : config()->string('app.url');
        $controllers = $this->controllers($whole, $url, $rate);
        $endsS = time() + (int) $this->option('for');
        while ($controllers !== [] && time() < $endsS) {
            foreach ($controllers as $name => $controller) {
                try {
                    $taken = $controller->step();
                    $this->line("{$name}: {$taken} rows taken", null, 'v');
                } catch (RuntimeException $e) {
                    $this->warn("{$name}: {$e->getMessage()}");
                    unset($controllers[$name]);
                }
            }
            Sleep::for(min($every, max(0, $endsS - time())))->seconds();
        }
        $this->told($controllers);
        if ($controllers === []) {
            // Nothing to run is no fault: it is asked again when this is begun again.
            Sleep::for(min(60, max(0, $endsS - time())))->seconds();
        }

        return self::SUCCESS;
    }

    /** @param  array<string, SimulatedController>  $controllers */
    private function told(array $controllers): void
    {
        $sums = ['made' => 0, 'taken' => 0, 'waiting' => 0, 'lost' => 0];
        foreach ($controllers as $controller) {
            foreach ($controller->rows() as $what => $n) {
                $sums[$what] += $n;
            }
        }
        $this->line(sprintf(
            '%d controllers: %d rows made, %d taken, %d waiting, %d lost.',
            count($controllers),
            ...array_values($sums),
        ));
    }

    /** @return array<string, SimulatedController> */
    private function controllers(WholeSetUp $whole, string $url, float $rate): array
    {
        $controllers = [];
        $devices = LinkDevice::query()
            ->where('kind', LinkDevice::SIMULATED)
            ->whereNull('revoked_at')
            ->when($this->option('device') !== null, fn ($q) => $q->whereKey((int) $this->option('device')))
            ->get();
        foreach ($devices as $device) {
            $controller = SimulatedController::of($device, $url, $rate, $whole);
            if (is_string($controller)) {
                $this->warn("{$device->name}: {$controller}.");
            } else {
                $controllers[$device->name] = $controller;
            }
        }

        return $controllers;
    }
}
