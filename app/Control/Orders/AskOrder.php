<?php

declare(strict_types=1);

namespace App\Control\Orders;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Outlet;
use App\Control\ReadableSetUp;
use App\Control\WholeSetUp;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Programme\Order;

/** Asks an outlet for something else for a while. One at a time: the newer takes the place of what nobody has fetched. */
final class AskOrder
{
    public function __construct(private readonly WholeSetUp $whole)
    {
    }

    /** @param  array{outlet_id: int, level: float, for_min: float, because: string}  $given */
    public function __invoke(Controller $controller, array $given, User $user): OutletOrder
    {
        return DB::transaction(function () use ($controller, $given, $user): OutletOrder {
            $locked = Controller::query()->with(Bench::loads())->lockForUpdate()->findOrFail($controller->id);
            $outlet = Outlet::query()->findOrFail($given['outlet_id']);
            $this->mayBe($locked, $outlet, $given['level'], $user);
            $standing = OutletOrder::query()->where('outlet_id', $outlet->id)->whereIn('state', OrderState::open())->get();
            foreach ($standing as $one) {
                if ($one->state !== OrderState::Asked) {
                    self::refuse('It already does something else by order: end that first.');
                }
                $one->update(['state' => OrderState::Withdrawn, 'over_at' => CarbonImmutable::now(), 'ended_by' => $user->id]);
            }

            return OutletOrder::query()->create([
                'controller_id' => $locked->id,
                'outlet_id' => $outlet->id,
                'level' => $given['level'],
                'for_s' => (int) round($given['for_min'] * 60),
                'because' => $given['because'],
                'user_id' => $user->id,
                'state' => OrderState::Asked,
                'expires_at' => CarbonImmutable::now()->addSeconds((int) Order::WAITS_S),
            ]);
        });
    }

    private function mayBe(Controller $controller, Outlet $outlet, float $level, User $user): void
    {
        $running = $controller->running();
        $reports = LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->where('kind', '<>', LinkDevice::FILE)
            ->whereNull('revoked_at')
            ->whereNotNull('heard_at')
            ->exists();
        if ($running === null || ! $reports) {
            self::refuse('Nothing that runs reports from there: nobody would obey. Go, or ask somebody who is near.');
        }
        $setup = ReadableSetUp::of($this->whole->of($controller, $running->document))->setup;
        $against = Order::against($setup, $outlet->key(), $level, $user->plans());
        if ($against !== null) {
            self::refuse($against->in($user->units()));
        }
    }

    private static function refuse(string $why): never
    {
        throw ValidationException::withMessages(['outlet_id' => $why]);
    }
}
